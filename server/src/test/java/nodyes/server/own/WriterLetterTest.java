package nodyes.server.own;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import java.time.Clock;
import java.time.Duration;
import java.util.Map;
import nodyes.core.form.FormField;
import nodyes.core.review.NameForm;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.testng.annotations.Test;

public class WriterLetterTest extends ServerTest {
  @Autowired private OwnReviews own;
  @Autowired private WriterLetters letters;
  @Autowired private WriterLetterStore store;
  @Autowired private JavaMailSenderImpl sender;
  @Autowired private Clock clock;

  private long review(String product) throws Exception {
    product(product);
    return own.take(
            new OwnReviews.Written(
                product,
                null,
                4,
                Map.of(FormField.WORDS, "It holds."),
                NameForm.AS_GIVEN,
                Map.of(),
                java.util.List.of(),
                "de"),
            new OwnReviews.Sending(formToken(product), false, "here " + product))
        .id();
  }

  @Test
  public void theLetterIsInTheWritersLanguageAndTheAddressGoesWithIt() throws Exception {
    long id = review("letter-one");
    var letter =
        new WriterLetterStore.Letter(
            id, "ilka@here.example", "de-AT", "https://shop.example/p#nodyes-take-back=1.x");
    store.add(letter, clock.instant());
    sender.setHost("127.0.0.1");
    sender.setPort(1);
    letters.run(clock.instant());
    assertEquals(store.next(9), java.util.List.of(letter), "a server that fails delays it");
    var mail = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    mail.start();
    try {
      sender.setPort(mail.getSmtp().getPort());
      letters.run(clock.instant());
      letters.run(clock.instant());
      MimeMessage[] got = mail.getReceivedMessages();
      assertEquals(got.length, 1);
      assertTrue(got[0].getSubject().endsWith("Ihre Bewertung von The letter-one"));
      String text = String.valueOf(got[0].getContent());
      assertTrue(text.contains("#nodyes-take-back=1.x"), text);
      assertTrue(store.next(9).isEmpty(), "the address is gone with its letter");
    } finally {
      mail.stop();
    }
  }

  @Test
  public void anAddressThatIsRefusedKeepsNoOtherLetterBack() throws Exception {
    long bad = review("letter-bad");
    long good = review("letter-good");
    store.add(
        new WriterLetterStore.Letter(bad, "no such address", "en", "https://shop.example/1"),
        clock.instant());
    store.add(
        new WriterLetterStore.Letter(good, "ilka@here.example", "en", "https://shop.example/2"),
        clock.instant());
    var mail = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    mail.start();
    try {
      sender.setHost("127.0.0.1");
      sender.setPort(mail.getSmtp().getPort());
      letters.run(clock.instant());
      letters.run(clock.instant());
      assertEquals(mail.getReceivedMessages().length, 1);
      assertEquals(
          store.next(9).stream().map(WriterLetterStore.Letter::review).toList(),
          java.util.List.of(bad));
    } finally {
      mail.stop();
      store.sent(bad);
    }
  }

  @Test
  public void aLetterThatCannotGoOutIsGivenUpAfterADay() throws Exception {
    long id = review("letter-two");
    store.add(
        new WriterLetterStore.Letter(id, "ilka@here.example", "en", "https://shop.example/"),
        clock.instant());
    sender.setHost("127.0.0.1");
    sender.setPort(1);
    letters.run(clock.instant().plus(Duration.ofHours(23)));
    assertEquals(store.next(9).size(), 1);
    letters.run(clock.instant().plus(Duration.ofHours(25)));
    assertEquals(store.next(9).size(), 0);
  }
}
