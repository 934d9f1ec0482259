package nodyes.server.submissions;

import static nodyes.server.messages.Texts.text;

import java.security.SecureRandom;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.rating.Rating;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewStatus;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Writer;
import nodyes.core.reviewform.FormField;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.database.Database;
import nodyes.server.imports.LanguageDetector;
import nodyes.server.reviewform.Forms;
import nodyes.server.reviews.Fingerprints;
import nodyes.server.reviews.NewReview;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.ShopClock;
import nodyes.server.submissions.ReviewSubmissions.SubmissionResult;
import nodyes.server.submissions.ReviewSubmissions.SubmittedReview;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Given;
import org.springframework.stereotype.Component;

/** Makes reviews of what was sent and stores them, each form once. */
@Component
class SubmissionStore {
  /** Fewer characters than these are said by many in the same way. */
  static final int LONG_ENOUGH = 40;

  private final SecureRandom random = new SecureRandom();
  private final Database database;
  private final Reviews reviews;
  private final Forms forms;
  private final LanguageDetector guess;
  private final ShopClock clock;

  SubmissionStore(
      Database database, Reviews reviews, Forms forms, LanguageDetector guess, ShopClock clock) {
    this.database = database;
    this.reviews = reviews;
    this.forms = forms;
    this.guess = guess;
    this.clock = clock;
  }

  /** What became of a form that was sent before. */
  Optional<SubmissionResult> became(String nonce) {
    return forms.became(nonce).map(this::became);
  }

  private SubmissionResult became(long id) {
    return new SubmissionResult(
        id,
        reviews
            .find(id)
            .filter(line -> line.moderation().status() == ReviewStatus.PUBLISHED)
            .isPresent());
  }

  /** As it is compared with others and judged. */
  ImportedReview candidate(SubmittedReview written) {
    Optional<String> words = written.text(FormField.WORDS);
    return new ImportedReview(
        0,
        Optional.of(written.product()),
        Given.text(written.variant()),
        Rating.ofStars(written.stars()),
        String.valueOf(written.stars()),
        new ReviewText(
            written.text(FormField.TITLE),
            words,
            words.flatMap(guess::of),
            lines(written, FormField.PROS),
            lines(written, FormField.CONS)),
        new Writer(written.text(FormField.NAME), Optional.empty()),
        ImportedReview.Source.writtenOn(Optional.of(ReviewDate.on(clock.today()))),
        ReviewMedia.NONE,
        ImportedReview.Extras.NONE);
  }

  /** As it is stored. */
  NewReview fresh(
      ImportedReview review,
      SubmittedReview written,
      CatalogueProduct product,
      Set<ReviewFlag> signs) {
    var flags = EnumSet.noneOf(ReviewFlag.class);
    flags.addAll(ReviewFlag.ofWords(review.text().body()));
    flags.addAll(signs);
    return new NewReview(
        review,
        product.id().value(),
        review.variant(),
        review.writer().name().flatMap(written.nameForm()::of),
        Optional.empty(),
        Optional.empty(),
        0,
        ReviewFlag.bits(flags),
        fingerprint(product.id().value(), review),
        clock.now());
  }

  /** Stores it with its form, once. */
  long add(NewReview review, SubmittedReview written, String nonce) {
    return database.write(
        _ -> {
          if (!reviews.known(List.of(review.fingerprint())).isEmpty()) {
            throw ApiProblem.unusable(text("reviews.alreadyHere"));
          }
          long stored = reviews.add(review);
          reviews.detail(stored, written.criteria(), written.pictures());
          forms.became(nonce, stored);
          return stored;
        });
  }

  private static List<String> lines(SubmittedReview written, FormField field) {
    return written.text(field).stream()
        .flatMap(String::lines)
        .map(String::strip)
        .filter(line -> !line.isEmpty())
        .toList();
  }

  /** Two shoppers may well say the same few words; only many of them are the same review again. */
  private long fingerprint(long product, ImportedReview review) {
    return review.text().body().orElse("").length() < LONG_ENOUGH
        ? random.nextLong()
        : Fingerprints.of(product, review);
  }
}
