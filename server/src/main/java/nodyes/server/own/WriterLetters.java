package nodyes.server.own;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nodyes.server.nods.NodWords;
import nodyes.server.outside.Mail;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.web.Refusal;
import org.springframework.stereotype.Component;

/**
 * Tells writers that their review arrived, and how to take it back. An address is kept until its
 * letter is out, or given up after a day, and then forgotten.
 */
@Component
class WriterLetters {
  private static final int AT_ONCE = 20;
  private static final Duration PATIENCE = Duration.ofDays(1);

  private final WriterLetterStore store;
  private final TakingBack takingBack;
  private final NodWords words;
  private final Reviews reviews;
  private final Mail mail;
  private final Shop shop;
  private final Clock clock;

  WriterLetters(
      WriterLetterStore store,
      TakingBack takingBack,
      NodWords words,
      Reviews reviews,
      Mail mail,
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
   * A letter to go out; none where no mail server is connected or the shop's pages are not known.
   */
  void write(long review, String address, String language) {
    if (mail.isConnected()) {
      reviews
          .find(review)
          .flatMap(takingBack::address)
          .ifPresent(
              link ->
                  store.add(
                      new WriterLetterStore.Letter(review, address, language, link),
                      clock.instant()));
    }
  }

  /** Sends what is to go out. */
  void run(Instant now) {
    store.giveUp(now.minus(PATIENCE));
    for (WriterLetterStore.Letter letter : store.next(AT_ONCE)) {
      try {
        Map<String, Object> said = words(letter.language());
        mail.send(
            letter.address(),
            filled(said, "subject", letter),
            filled(said, "text", letter) + "\n\n" + letter.link() + "\n");
        store.sent(letter.review());
      } catch (Refusal e) {
        // the server may be away, or this address be none: the others come first the next time
        store.failed(letter.review());
        return;
      }
    }
  }

  private Map<String, Object> words(String language) {
    String known = words.language(Locale.forLanguageTag(language));
    return words.of(known, List.of("writer-letter")).getOrDefault("writer-letter", Map.of());
  }

  private String filled(Map<String, Object> said, String name, WriterLetterStore.Letter letter) {
    return String.valueOf(said.getOrDefault(name, ""))
        .replace("{shop}", oneLine(shop.settings().name()))
        .replace("{product}", oneLine(store.product(letter.review())));
  }

  private static String oneLine(String text) {
    return text.replaceAll("\\R|\\p{Cntrl}", " ");
  }
}
