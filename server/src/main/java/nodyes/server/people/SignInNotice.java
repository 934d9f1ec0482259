package nodyes.server.people;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.util.function.Supplier;
import nodyes.server.messages.Texts;
import nodyes.server.messages.Written;
import nodyes.server.outbound.OutgoingMail;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/** Tells people by e-mail what happened to their account; without holding up what is going on. */
@Component
class SignInNotice {
  private final OutgoingMail mail;
  private final Shop shop;
  private final Clock clock;

  SignInNotice(OutgoingMail mail, Shop shop, Clock clock) {
    this.mail = mail;
    this.shop = shop;
    this.clock = clock;
  }

  boolean canSend() {
    return mail.isConnected();
  }

  void newDevice(Account person, String device) {
    inTheirs(
        person,
        () ->
            new Letter(
                text("mail.newDevice.subject"),
                text("mail.newDevice.text", "device", device, "when", when())));
  }

  void passwordChanged(Account person) {
    inTheirs(
        person,
        () ->
            new Letter(
                text("mail.passwordChanged.subject"),
                text("mail.passwordChanged.text", "when", when())));
  }

  void reset(Account person, String link) {
    inTheirs(
        person,
        () -> new Letter(text("mail.reset.subject"), text("mail.reset.text", "link", link)));
  }

  private record Letter(String subject, String text) {}

  /** In the language that the person chose, else in that of whoever asks. */
  private void inTheirs(Account person, Supplier<Letter> writing) {
    Letter letter =
        person.language().isPresent() ? Texts.in(person.language(), writing) : writing.get();
    tell(person.email(), letter.subject(), letter.text());
  }

  void invite(String email, String by, Role role, String link) {
    tell(
        email,
        text("mail.invite.subject", "shop", shop.settings().name()),
        text("mail.invite.text", "by", by, "role", role.name(), "link", link));
  }

  private String when() {
    return Written.moment(clock.instant(), shop.settings().zone());
  }

  private void tell(String to, String subject, String text) {
    if (!mail.isConnected()) {
      return;
    }
    Thread.ofVirtual()
        .name("account mail")
        .start(
            () -> {
              try {
                mail.send(to, subject.replaceAll("\\p{Cntrl}", " "), text);
              } catch (ApiProblem _) {
                // the mail server is watched elsewhere; what was done stands without the e-mail
              }
            });
  }
}
