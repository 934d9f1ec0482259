package nodyes.server.reviews;

import java.time.Clock;
import java.util.Optional;
import nodyes.core.review.ReviewState;
import nodyes.server.outside.Translator;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reviews in other languages, made on request and kept. The original always stands above them. */
@Component
public class Translations {
  private final TranslationStore store;
  private final ReviewStore reviews;
  private final Translator translator;
  private final Clock clock;

  Translations(TranslationStore store, ReviewStore reviews, Translator translator, Clock clock) {
    this.store = store;
    this.reviews = reviews;
    this.translator = translator;
    this.clock = clock;
  }

  /** A review's title and words in a language, by machine. */
  public record Translation(String language, @Nullable String title, @Nullable String words) {}

  /** A review that shoppers see, in a language that shop pages are in. */
  public Translation ofPublished(long id, String language) {
    ReviewLine review = line(id);
    if (review.state() != ReviewState.PUBLISHED) {
      throw Refusal.notFound("There is no such review.");
    }
    return of(review, language);
  }

  /** A review in a language; contact details that are hidden stay so. */
  public Translation of(long id, String language) {
    return of(line(id), language);
  }

  private ReviewLine line(long id) {
    return reviews.find(id).orElseThrow(() -> Refusal.notFound("There is no such review."));
  }

  private Translation of(ReviewLine review, String language) {
    long id = review.id();
    if (!language.matches("[a-z]{2,3}")) {
      throw Refusal.unusable("Languages are given as codes such as en or pt.");
    }
    String from = review.language();
    if (from == null) {
      throw Refusal.unusable("It is not known in which language this review is.");
    }
    Optional<Translation> kept = store.find(id, language);
    if (kept.isPresent()) {
      return kept.get();
    }
    var made =
        new Translation(
            language,
            translated(review.title(), from, language),
            translated(review.wordsShown(), from, language));
    store.keep(id, made, clock.instant());
    return made;
  }

  private @Nullable String translated(@Nullable String text, String from, String to) {
    return text == null ? null : translator.translate(text, from, to);
  }
}
