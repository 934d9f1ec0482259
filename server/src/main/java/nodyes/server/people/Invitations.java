package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Sha256;
import org.springframework.stereotype.Component;

/** Asks people to join. */
@Component
class Invitations {
  private static final int BYTES = 32;

  private final AccountStore store;
  private final Accounts people;
  private final Passwords passwords;
  private final Shop shop;
  private final Clock clock;

  Invitations(AccountStore store, Accounts people, Passwords passwords, Shop shop, Clock clock) {
    this.store = store;
    this.people = people;
    this.passwords = passwords;
    this.shop = shop;
    this.clock = clock;
  }

  /** The token of a new invitation, told this once. */
  String invite(String email, Role role, Duration life) {
    if (people.find(email).isPresent()) {
      throw ApiProblem.value("email", text("people.alreadyHere"));
    }
    byte[] bytes = new byte[BYTES];
    new SecureRandom().nextBytes(bytes);
    String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    Instant now = clock.instant();
    store.invite(Accounts.plain(email), role, hash(token), now, now.plus(life));
    return token;
  }

  DoorApi.InvitationShown look(String token) {
    Invitation found = find(token);
    return new DoorApi.InvitationShown(found.email(), found.role(), shop.settings().name());
  }

  Account take(String token, String name, String password) {
    Invitation found = find(token);
    people.checkNew(password, name, found.email());
    return store
        .take(found, name.strip(), passwords.hash(password), clock.instant())
        .orElseThrow(Invitations::gone);
  }

  private Invitation find(String token) {
    return store
        .invitation(hash(token))
        .filter(one -> clock.instant().isBefore(one.endsAt()))
        .orElseThrow(Invitations::gone);
  }

  private static ApiProblem gone() {
    return ApiProblem.unusable(text("people.invitationOver"));
  }

  private static String hash(String token) {
    return Sha256.hex(Sha256.of(token), BYTES);
  }
}
