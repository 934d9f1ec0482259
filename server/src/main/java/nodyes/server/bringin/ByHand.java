package nodyes.server.bringin;

import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.core.bringin.Candidate;
import nodyes.core.bringin.CountryNames;
import nodyes.core.bringin.Flag;
import nodyes.core.common.Slug;
import nodyes.core.rating.Rating;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.pictures.Pictures;
import nodyes.server.reviews.Fingerprints;
import nodyes.server.reviews.NewReview;
import nodyes.server.reviews.ReviewLine;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.web.Given;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** A review that the owner types in: from a letter, a card or a message. */
@Component
class ByHand {
  private final Reviews reviews;
  private final Catalogue catalogue;
  private final Pictures pictures;
  private final LanguageGuess guess;
  private final MemoryStore memory;
  private final Shop shop;
  private final Clock clock;

  ByHand(
      Reviews reviews,
      Catalogue catalogue,
      Pictures pictures,
      LanguageGuess guess,
      MemoryStore memory,
      Shop shop,
      Clock clock) {
    this.reviews = reviews;
    this.catalogue = catalogue;
    this.pictures = pictures;
    this.guess = guess;
    this.memory = memory;
    this.shop = shop;
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
  ReviewLine add(Typed typed, Optional<InputStream> original, String who) throws IOException {
    long product =
        Slug.parse(typed.product())
            .flatMap(catalogue::id)
            .orElseThrow(() -> Refusal.value("product", "is not in the catalogue"));
    checked(typed);
    Optional<String> variant = Given.text(typed.variant());
    Candidate candidate = candidate(typed, variant);
    long fingerprint = Fingerprints.of(product, candidate);
    if (!reviews.known(List.of(fingerprint)).isEmpty()) {
      throw Refusal.unusable("This review is here already.");
    }
    Optional<String> evidence = Optional.empty();
    if (original.isPresent()) {
      evidence = Optional.of(pictures.keep(Pictures.For.OWNER, original.get()));
    }
    memory.permit(typed.from().strip(), who, clock.instant());
    return reviews.addByHand(
        new NewReview(
            candidate,
            product,
            variant,
            candidate.reviewer(),
            Optional.empty(),
            Optional.of(typed.from().strip()),
            0,
            Flag.bits(Flag.ofWords(candidate.words())),
            fingerprint,
            clock.instant()),
        evidence);
  }

  private void checked(Typed typed) {
    var faults = new ArrayList<Refusal.Fault>();
    if (typed.stars() < 1 || typed.stars() > 5) {
      faults.add(new Refusal.Fault("stars", "choose 1 to 5 stars"));
    }
    if (typed.from().isBlank() || typed.from().length() > 120) {
      faults.add(new Refusal.Fault("from", "say where it is from, in at most 120 characters"));
    }
    Given.text(typed.variant())
        .filter(variant -> !catalogue.variants(typed.product()).contains(variant))
        .ifPresent(_ -> faults.add(new Refusal.Fault("variant", "is not sold")));
    Given.text(typed.country())
        .filter(country -> CountryNames.code(country).isEmpty())
        .ifPresent(_ -> faults.add(new Refusal.Fault("country", "is no country that we know")));
    if (typed.writtenOn() != null
        && typed
            .writtenOn()
            .isAfter(LocalDate.ofInstant(clock.instant(), shop.settings().zone()))) {
      faults.add(new Refusal.Fault("writtenOn", "is yet to come"));
    }
    if (Given.text(typed.words()).filter(words -> words.length() > 20_000).isPresent()) {
      faults.add(new Refusal.Fault("words", "are longer than 20,000 characters"));
    }
    if (!faults.isEmpty()) {
      throw new Refusal(HttpStatus.BAD_REQUEST, "Some of it is not right yet.", faults);
    }
  }

  private Candidate candidate(Typed typed, Optional<String> variant) {
    Optional<String> words = Given.text(typed.words());
    return new Candidate(
        0,
        Optional.of(typed.product()),
        variant,
        Rating.ofStars(typed.stars()),
        String.valueOf(typed.stars()),
        Given.text(typed.title()),
        words,
        Given.text(typed.reviewer()),
        Given.text(typed.country()).flatMap(CountryNames::code),
        words.flatMap(guess::of),
        Optional.ofNullable(typed.writtenOn()),
        Optional.empty(),
        Optional.empty(),
        List.of(),
        Optional.empty());
  }
}
