package nodyes.server.own;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.bringin.Candidate;
import nodyes.core.bringin.Flag;
import nodyes.core.common.Slug;
import nodyes.core.rating.Rating;
import nodyes.core.review.Admission;
import nodyes.core.review.ReviewState;
import nodyes.server.bringin.LanguageGuess;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.database.Database;
import nodyes.server.reviews.Fingerprints;
import nodyes.server.reviews.NewReview;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.web.Given;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Takes reviews that shoppers write in the shop. */
@Component
public class OwnReviews {
  /** Who publishes what the owner wants published at once. */
  static final String BY_RULE = "your rule for new reviews";

  private static final int LONG_ENOUGH = 40;

  private final SecureRandom random = new SecureRandom();
  private final OwnRuleStore rules;
  private final Reviews reviews;
  private final Catalogue catalogue;
  private final LanguageGuess guess;
  private final Database database;
  private final Shop shop;
  private final Clock clock;

  OwnReviews(
      OwnRuleStore rules,
      Reviews reviews,
      Catalogue catalogue,
      LanguageGuess guess,
      Database database,
      Shop shop,
      Clock clock) {
    this.rules = rules;
    this.reviews = reviews;
    this.catalogue = catalogue;
    this.guess = guess;
    this.database = database;
    this.shop = shop;
    this.clock = clock;
  }

  /**
   * What was written.
   *
   * @param product slug of the product
   * @param variant the shop's variant
   * @param stars 1 to 5
   */
  public record Written(
      String product,
      @Nullable String variant,
      int stars,
      @Nullable String title,
      @Nullable String words,
      @Nullable String reviewer) {}

  /** Changes what becomes of new reviews, and who is told of them. */
  public void follow(Admission admission, Notice notice, String noticeTo) {
    rules.save(admission, notice, noticeTo);
  }

  /** Stores what was written; whether it is published already. */
  public boolean take(Written written) {
    long product =
        Slug.parse(written.product())
            .flatMap(catalogue::id)
            .orElseThrow(() -> Refusal.value("product", "is not sold here"));
    Optional<String> variant = Given.text(written.variant());
    if (variant.isPresent() && !catalogue.variants(written.product()).contains(variant.get())) {
      throw Refusal.value("variant", "is not sold");
    }
    Candidate review = candidate(written, variant);
    long fingerprint = fingerprint(product, review);
    boolean isPublished =
        rules.rule().admission().first(review.words().orElse("")) == ReviewState.PUBLISHED;
    long id =
        database.write(
            _ -> {
              if (!reviews.known(List.of(fingerprint)).isEmpty()) {
                throw Refusal.unusable("This review is here already.");
              }
              return reviews.add(
                  new NewReview(
                      review,
                      product,
                      variant,
                      review.reviewer(),
                      Optional.empty(),
                      Optional.empty(),
                      0,
                      Flag.bits(Flag.ofWords(review.words())),
                      fingerprint,
                      clock.instant()));
            });
    if (isPublished) {
      reviews.move(Set.of(id), ReviewState.PUBLISHED, Optional.empty(), BY_RULE);
    }
    return isPublished;
  }

  /** Two shoppers may well say the same few words; only many of them are the same review again. */
  private long fingerprint(long product, Candidate review) {
    return review.words().orElse("").length() < LONG_ENOUGH
        ? random.nextLong()
        : Fingerprints.of(product, review);
  }

  private Candidate candidate(Written written, Optional<String> variant) {
    Optional<String> words = Given.text(written.words());
    return new Candidate(
        0,
        Optional.of(written.product()),
        variant,
        Rating.ofStars(written.stars()),
        String.valueOf(written.stars()),
        Given.text(written.title()),
        words,
        Given.text(written.reviewer()),
        Optional.empty(),
        words.flatMap(guess::of),
        Optional.of(LocalDate.ofInstant(clock.instant(), shop.settings().zone())),
        Optional.empty(),
        Optional.empty(),
        List.of(),
        Optional.empty());
  }
}
