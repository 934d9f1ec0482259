package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import nodyes.server.ServerSettings;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Sha256;
import nodyes.server.web.Signer;
import org.springframework.stereotype.Component;

/**
 * New passwords by a link that is sent by e-mail. A link is signed together with the password that
 * it replaces, so it works once and no list of links is kept. It leads to the address that Nod Yes
 * was told is its own: what a request says of that could be a stranger's.
 */
@Component
class Resets {
  private static final Duration LIFE = Duration.ofHours(1);
  private static final String PURPOSE = "password-reset";

  private final AccountStore store;
  private final Accounts people;
  private final SignIns signIns;
  private final SignInNotice notice;
  private final Signer signer;
  private final Clock clock;
  private final Optional<String> address;

  Resets(
      AccountStore store,
      Accounts people,
      SignIns signIns,
      SignInNotice notice,
      Signer signer,
      Clock clock,
      ServerSettings settings) {
    this.store = store;
    this.people = people;
    this.signIns = signIns;
    this.notice = notice;
    this.signer = signer;
    this.clock = clock;
    this.address = settings.address();
  }

  /** Sends a link where the address is known; what everyone is told, known or not. */
  String send(String email) {
    if (address.isEmpty() || !notice.canSend()) {
      return text("people.resetAtMachine");
    }
    people
        .find(email)
        .ifPresent(person -> notice.reset(person, address.get() + "/today#reset=" + token(person)));
    return text("people.resetSent");
  }

  String token(Account person) {
    String said = person.id() + "." + clock.instant().plus(LIFE).toEpochMilli();
    return said + "." + signer.sign(PURPOSE, signed(said, person));
  }

  private static String signed(String said, Account person) {
    return said + "." + Sha256.hex(Sha256.of(person.passwordHash()), 16);
  }

  /** Sets the new password of a link; signs the person out everywhere. */
  Account take(String token, String password) {
    Account person = read(token).orElseThrow(() -> ApiProblem.unusable(text("people.linkOver")));
    people.setPassword(person, password);
    signIns.endOthers(person.id(), 0);
    notice.passwordChanged(person);
    return person;
  }

  private Optional<Account> read(String token) {
    String[] parts = token.split("\\.", -1);
    if (parts.length != 3 || !parts[0].matches("\\d{1,18}") || !parts[1].matches("\\d{1,18}")) {
      return Optional.empty();
    }
    return store
        .person(Long.parseLong(parts[0]))
        .filter(
            person -> signer.isSigned(PURPOSE, signed(parts[0] + "." + parts[1], person), parts[2]))
        .filter(_ -> clock.instant().isBefore(Instant.ofEpochMilli(Long.parseLong(parts[1]))));
  }
}
