package nodyes.server.submissions;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nodyes.server.nods.DefaultTexts;
import nodyes.server.outbound.OutgoingMail;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/**
 * Tells writers that their review arrived, and how to take it back. An address is kept until its
 * e-mail is out, or given up after a day, and then forgotten.
 */
@Component
class ReviewerMails {
  private static final int AT_ONCE = 20;
  private static final Duration PATIENCE = Duration.ofDays(1);

  private final ReviewerMailStore store;
  private final ReviewWithdrawal takingBack;
  private final DefaultTexts words;
  private final Reviews reviews;
  private final OutgoingMail mail;
  private final Shop shop;
  private final Clock clock;

  ReviewerMails(
      ReviewerMailStore store,
      ReviewWithdrawal takingBack,
      DefaultTexts words,
      Reviews reviews,
      OutgoingMail mail,
      Shop shop,
      Clock clock) {
    this.store = store;
    this.takingBack = takingBack;
    this.words = words;
    this.reviews = reviews;
    this.mail = mail;
    this.shop = shop;
    this.clock = clock;
  }

  /**
   * An e-mail to go out; none where no mail server is connected or the shop's pages are not known.
   */
  void write(long review, String address, String language) {
    if (mail.isConnected()) {
      reviews
          .find(review)
          .flatMap(takingBack::address)
          .ifPresent(
              link ->
                  store.add(
                      new ReviewerMailStore.Letter(review, address, language, link),
                      clock.instant()));
    }
  }

  /** Sends what is to go out. */
  long run(Instant now) {
    long sent = 0;
    store.giveUp(now.minus(PATIENCE));
    for (ReviewerMailStore.Letter letter : store.next(AT_ONCE)) {
      try {
        Map<String, Object> said = words(letter.language());
        mail.send(
            letter.address(),
            filled(said, "subject", letter),
            filled(said, "text", letter) + "\n\n" + letter.link() + "\n");
        store.sent(letter.review());
        sent++;
      } catch (ApiProblem e) {
        // the server may be away, or this address be none: the others come first the next time
        store.failed(letter.review());
        throw e;
      }
    }
    return sent;
  }

  private Map<String, Object> words(String language) {
    return words
        .of(Locale.forLanguageTag(language), List.of("writer-letter"))
        .getOrDefault("writer-letter", Map.of());
  }

  private String filled(Map<String, Object> said, String name, ReviewerMailStore.Letter letter) {
    return String.valueOf(said.getOrDefault(name, ""))
        .replace("{shop}", oneLine(shop.settings().name()))
        .replace("{product}", oneLine(store.product(letter.review())));
  }

  private static String oneLine(String text) {
    return text.replaceAll("\\R|\\p{Cntrl}", " ");
  }
}
