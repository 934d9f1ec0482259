package nodyes.server.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import nodyes.server.ServerSettings;
import nodyes.server.web.Refusal;
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
  private static final String AT_THE_MACHINE =
      "On the machine that Nod Yes runs on, ./nodyes password sets a new one.";

  private final PeopleStore store;
  private final People people;
  private final SignIns signIns;
  private final SignInNotice notice;
  private final Signer signer;
  private final Clock clock;
  private final Optional<String> address;

  Resets(
      PeopleStore store,
      People people,
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
      return "No e-mail can be sent from here. " + AT_THE_MACHINE;
    }
    people
        .find(email)
        .ifPresent(person -> notice.reset(person, address.get() + "/today#reset=" + token(person)));
    return "If that address is known here, an e-mail with a link is on its way. It works for an"
        + " hour.";
  }

  String token(Person person) {
    String said = person.id() + "." + clock.instant().plus(LIFE).toEpochMilli();
    return said + "." + signer.sign(PURPOSE, signed(said, person));
  }

  private static String signed(String said, Person person) {
    return said + "." + Sha256.hex(Sha256.of(person.passwordHash()), 16);
  }

  /** Sets the new password of a link; signs the person out everywhere. */
  Person take(String token, String password) {
    Person person =
        read(token)
            .orElseThrow(
                () ->
                    Refusal.unusable(
                        "This link does not work any more: it was used, or its hour is over. Ask for a new"
                            + " one."));
    people.setPassword(person, password);
    signIns.endOthers(person.id(), 0);
    notice.passwordChanged(person);
    return person;
  }

  private Optional<Person> read(String token) {
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
