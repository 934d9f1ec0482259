package nodyes.server.submissions;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import java.time.Clock;
import java.time.Duration;
import java.util.Map;
import nodyes.core.review.NameDisplay;
import nodyes.core.reviewform.FormField;
import nodyes.server.ServerTest;
import nodyes.server.web.ApiProblem;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.testng.annotations.Test;

public class WriterLetterTest extends ServerTest {
  @Autowired private ReviewSubmissions own;
  @Autowired private ReviewerMails letters;
  @Autowired private ReviewerMailStore store;
  @Autowired private JavaMailSenderImpl sender;
  @Autowired private Clock clock;

  private long review(String product) throws Exception {
    product(product);
    return own.take(
            new ReviewSubmissions.SubmittedReview(
                product,
                null,
                4,
                Map.of(FormField.WORDS, "It holds."),
                NameDisplay.AS_GIVEN,
                Map.of(),
                java.util.List.of(),
                "de"),
            new ReviewSubmissions.SubmissionContext(formToken(product), false, "here " + product))
        .id();
  }

  @Test
  public void theLetterIsInTheWritersLanguageAndTheAddressGoesWithIt() throws Exception {
    long id = review("letter-one");
    var letter =
        new ReviewerMailStore.Letter(
            id, "ilka@here.example", "de-AT", "https://shop.example/p#nodyes-take-back=1.x");
    store.add(letter, clock.instant());
    sender.setHost("127.0.0.1");
    sender.setPort(1);
    assertThrows(ApiProblem.class, () -> letters.run(clock.instant()));
    assertEquals(store.next(9), java.util.List.of(letter), "a server that fails delays it");
    var mail = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    mail.start();
    try {
      sender.setPort(mail.getSmtp().getPort());
      letters.run(clock.instant());
      letters.run(clock.instant());
      MimeMessage[] got = mail.getReceivedMessages();
      assertEquals(got.length, 1);
      assertTrue(got[0].getSubject().endsWith("Ihre Bewertung: The letter-one"));
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
        new ReviewerMailStore.Letter(bad, "no such address", "en", "https://shop.example/1"),
        clock.instant());
    store.add(
        new ReviewerMailStore.Letter(good, "ilka@here.example", "en", "https://shop.example/2"),
        clock.instant());
    var mail = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    mail.start();
    try {
      sender.setHost("127.0.0.1");
      sender.setPort(mail.getSmtp().getPort());
      assertThrows(ApiProblem.class, () -> letters.run(clock.instant()));
      assertThrows(ApiProblem.class, () -> letters.run(clock.instant()));
      assertEquals(mail.getReceivedMessages().length, 1);
      assertEquals(
          store.next(9).stream().map(ReviewerMailStore.Letter::review).toList(),
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
        new ReviewerMailStore.Letter(id, "ilka@here.example", "en", "https://shop.example/"),
        clock.instant());
    sender.setHost("127.0.0.1");
    sender.setPort(1);
    assertThrows(ApiProblem.class, () -> letters.run(clock.instant().plus(Duration.ofHours(23))));
    assertEquals(store.next(9).size(), 1);
    letters.run(clock.instant().plus(Duration.ofHours(25)));
    assertEquals(store.next(9).size(), 0);
  }
}
