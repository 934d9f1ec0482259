package nodyes.server.translations;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.util.Optional;
import nodyes.core.review.ReviewStatus;
import nodyes.server.outbound.Translator;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.reviews.Reviews;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Sha256;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reviews in other languages, made on request and kept. The original always stands above them. */
@Component
public class Translations {
  private static final int HASH_BYTES = 16;

  private final TranslationStore store;
  private final Reviews reviews;
  private final Translator translator;
  private final Clock clock;

  Translations(TranslationStore store, Reviews reviews, Translator translator, Clock clock) {
    this.store = store;
    this.reviews = reviews;
    this.translator = translator;
    this.clock = clock;
  }

  /** A review's title and words in a language, by machine. */
  public record Translation(String language, @Nullable String title, @Nullable String words) {}

  /** A review that shoppers see, in a language that shop pages are in. */
  public Translation ofPublished(long id, String language) {
    ReviewListItem review = line(id);
    if (review.moderation().status() != ReviewStatus.PUBLISHED) {
      throw ApiProblem.notFound(text("reviews.noSuch"));
    }
    return of(review, language);
  }

  /** A review in a language; contact details that are hidden stay so. */
  public Translation of(long id, String language) {
    return of(line(id), language);
  }

  private ReviewListItem line(long id) {
    return reviews.find(id).orElseThrow(() -> ApiProblem.notFound(text("reviews.noSuch")));
  }

  private Translation of(ReviewListItem review, String language) {
    long id = review.id();
    if (!language.matches("[a-z]{2,3}")) {
      throw ApiProblem.unusable(text("reviews.languageCodes"));
    }
    String from = review.text().language();
    if (from == null) {
      throw ApiProblem.unusable(text("reviews.languageUnknown"));
    }
    String source = source(review);
    Optional<Translation> kept = store.find(id, language, source);
    if (kept.isPresent()) {
      return kept.get();
    }
    var made =
        new Translation(
            language,
            translated(review.text().title(), from, language),
            translated(review.text().wordsShown(), from, language));
    store.keep(id, source, made, clock.instant());
    return made;
  }

  /** What is translated, by its hash: what is hidden later is no part of it any more. */
  private static String source(ReviewListItem review) {
    return Sha256.hex(
        Sha256.of(
            review.text().language()
                + "\n"
                + review.text().title()
                + "\n"
                + review.text().wordsShown()),
        HASH_BYTES);
  }

  private @Nullable String translated(@Nullable String text, String from, String to) {
    return text == null ? null : translator.translate(text, from, to);
  }
}
