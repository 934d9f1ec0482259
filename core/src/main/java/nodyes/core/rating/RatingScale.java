package nodyes.core.rating;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * The scale that ratings were given on.
 *
 * @param worst the lowest rating that can be given (schema.org worstRating, 1 unless said)
 * @param best the highest (schema.org bestRating, 5 unless said), above {@code worst}
 */
public record RatingScale(BigDecimal worst, BigDecimal best) {
  /** The scale that schema.org's Rating has where it does not say otherwise: 1 to 5. */
  public static final RatingScale ONE_TO_FIVE = of(1, 5);

  /** Throws {@link IllegalArgumentException} where best is not above worst. */
  public RatingScale {
    if (best.compareTo(worst) <= 0) {
      throw new IllegalArgumentException("the best of a scale is above its worst");
    }
  }

  /** A scale with whole ends. */
  public static RatingScale of(int worst, int best) {
    return new RatingScale(BigDecimal.valueOf(worst), BigDecimal.valueOf(best));
  }

  /**
   * Maps linearly to stars: 1 + 4 (given − worst) / (best − worst), cut down to a part of a star,
   * as a rating is never better than it was given. Empty where {@code given} lies outside the
   * scale; nothing is clamped.
   */
  public Optional<Rating> toRating(BigDecimal given) {
    if (given.compareTo(worst) < 0 || given.compareTo(best) > 0) {
      return Optional.empty();
    }
    BigDecimal parts =
        given
            .subtract(worst)
            .multiply(BigDecimal.valueOf(4L * Rating.PER_STAR))
            .divide(best.subtract(worst), 0, RoundingMode.DOWN)
            .add(BigDecimal.valueOf(Rating.PER_STAR));
    return Optional.of(new Rating(parts.intValueExact()));
  }
}
