package nodyes.server.people;

import java.time.Clock;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import nodyes.server.outside.Mail;
import nodyes.server.shop.Shop;
import nodyes.server.web.Refusal;
import org.springframework.stereotype.Component;

/** Tells people by e-mail what happened to their account; without holding up what is going on. */
@Component
class SignInNotice {
  private static final DateTimeFormatter WHEN =
      DateTimeFormatter.ofPattern("EEEE d MMMM yyyy, HH:mm", Locale.ENGLISH);

  private final Mail mail;
  private final Shop shop;
  private final Clock clock;

  SignInNotice(Mail mail, Shop shop, Clock clock) {
    this.mail = mail;
    this.shop = shop;
    this.clock = clock;
  }

  boolean canSend() {
    return mail.isConnected();
  }

  void newDevice(Person person, String device) {
    tell(
        person.email(),
        "A new device signed in to Nod Yes",
        "Someone signed in to Nod Yes as you on "
            + device
            + ", "
            + when()
            + ".\n\nIf it was you, there is nothing to do. If not, change your password: under"
            + " Setup, People. That signs all other devices out.\n");
  }

  void passwordChanged(Person person) {
    tell(
        person.email(),
        "Your password for Nod Yes was changed",
        "Your password was changed, "
            + when()
            + ".\n\nIf it was not you, ask an owner of the shop, or set a new one on the machine"
            + " that Nod Yes runs on: ./nodyes password\n");
  }

  void reset(Person person, String link) {
    tell(
        person.email(),
        "A new password for Nod Yes",
        "With this link you choose a new password. It works once, for an hour:\n\n"
            + link
            + "\n\nIf you did not ask for it, there is nothing to do.\n");
  }

  void invite(String email, String by, Role role, String link) {
    String may =
        switch (role) {
          case READER -> "look at everything";
          case DESK -> "sort, publish and answer reviews";
          case EDITOR -> "change and publish pages";
          case OWNER -> "do everything";
        };
    tell(
        email,
        shop.settings().name() + ": you are invited to Nod Yes",
        by
            + " invites you to Nod Yes, where you may "
            + may
            + ". Choose a name and a password here:\n\n"
            + link
            + "\n");
  }

  private String when() {
    return WHEN.format(ZonedDateTime.ofInstant(clock.instant(), shop.settings().zone()));
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
              } catch (Refusal _) {
                // the mail server is watched elsewhere; what was done stands without the letter
              }
            });
  }
}
