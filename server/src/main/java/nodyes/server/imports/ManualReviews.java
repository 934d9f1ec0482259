package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.InputStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.imports.CountryNames;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.rating.Rating;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Writer;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.pictures.Pictures;
import nodyes.server.reviews.Fingerprints;
import nodyes.server.reviews.NewReview;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.ShopClock;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Given;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** A review that the owner types in: from a letter, a card or a message. */
@Component
class ManualReviews {
  private final Reviews reviews;
  private final Catalogue catalogue;
  private final Pictures pictures;
  private final LanguageDetector guess;
  private final ImportMemoryStore memory;
  private final ShopClock clock;

  ManualReviews(
      Reviews reviews,
      Catalogue catalogue,
      Pictures pictures,
      LanguageDetector guess,
      ImportMemoryStore memory,
      ShopClock clock) {
    this.reviews = reviews;
    this.catalogue = catalogue;
    this.pictures = pictures;
    this.guess = guess;
    this.memory = memory;
    this.clock = clock;
  }

  /**
   * What was typed.
   *
   * @param product slug of the product
   * @param variant the shop's variant
   * @param stars 1 to 5
   * @param from where it is from, such as 'a letter'
   */
  record Typed(
      String product,
      @Nullable String variant,
      int stars,
      @Nullable String title,
      @Nullable String words,
      @Nullable String reviewer,
      @Nullable String country,
      @Nullable LocalDate writtenOn,
      String from) {}

  /** Stores what was typed, with a picture of the original if there is one; it waits. */
  ReviewListItem add(Typed typed, Optional<InputStream> original, String who) throws IOException {
    long product =
        Slug.parse(typed.product())
            .flatMap(catalogue::id)
            .orElseThrow(() -> ApiProblem.value("product", text("problems.notInCatalogue")));
    checked(typed);
    Optional<String> variant = Given.text(typed.variant());
    ImportedReview candidate = candidate(typed, variant);
    long fingerprint = Fingerprints.of(product, candidate);
    if (!reviews.known(List.of(fingerprint)).isEmpty()) {
      throw ApiProblem.unusable(text("reviews.alreadyHere"));
    }
    Optional<String> evidence = Optional.empty();
    if (original.isPresent()) {
      evidence = Optional.of(pictures.keep(Pictures.For.OWNER, original.get()));
    }
    memory.permit(typed.from().strip(), who, clock.now());
    return reviews.addByHand(
        new NewReview(
            candidate,
            product,
            variant,
            candidate.writer().name(),
            Optional.empty(),
            Optional.of(typed.from().strip()),
            0,
            ReviewFlag.bits(ReviewFlag.ofWords(candidate.text().body())),
            fingerprint,
            clock.now()),
        evidence);
  }

  private void checked(Typed typed) {
    var faults = new ArrayList<ApiProblem.FieldError>();
    if (typed.stars() < 1 || typed.stars() > 5) {
      faults.add(new ApiProblem.FieldError("stars", text("reviews.chooseStars")));
    }
    if (typed.from().isBlank() || typed.from().length() > 120) {
      faults.add(new ApiProblem.FieldError("from", text("imports.sayTheSource")));
    }
    Given.text(typed.variant())
        .filter(variant -> !catalogue.variants(typed.product()).contains(variant))
        .ifPresent(
            _ -> faults.add(new ApiProblem.FieldError("variant", text("reviews.variantNotSold"))));
    Given.text(typed.country())
        .filter(country -> CountryNames.code(country).isEmpty())
        .ifPresent(
            _ -> faults.add(new ApiProblem.FieldError("country", text("problems.notACountry"))));
    if (typed.writtenOn() != null && typed.writtenOn().isAfter(clock.today())) {
      faults.add(new ApiProblem.FieldError("writtenOn", text("imports.inTheFuture")));
    }
    if (Given.text(typed.words()).filter(words -> words.length() > 20_000).isPresent()) {
      faults.add(new ApiProblem.FieldError("words", text("imports.textTooLong")));
    }
    if (!faults.isEmpty()) {
      throw new ApiProblem(HttpStatus.BAD_REQUEST, text("problems.checkFields"), faults);
    }
  }

  private ImportedReview candidate(Typed typed, Optional<String> variant) {
    Optional<String> words = Given.text(typed.words());
    return new ImportedReview(
        0,
        Optional.of(typed.product()),
        variant,
        Rating.ofStars(typed.stars()),
        String.valueOf(typed.stars()),
        ReviewText.of(Given.text(typed.title()), words, words.flatMap(guess::of)),
        new Writer(
            Given.text(typed.reviewer()), Given.text(typed.country()).flatMap(CountryNames::code)),
        ImportedReview.Source.writtenOn(Optional.ofNullable(typed.writtenOn()).map(ReviewDate::on)),
        ReviewMedia.NONE,
        ImportedReview.Extras.NONE);
  }
}
