package nodyes.core.rating;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A rating from 1 to 5 stars, exact on the scales in use. It counts in parts of a star, of which
 * there are {@value #PER_STAR} (2⁴·3⁴·5³·7·11): steps of wholes, halves and tenths on scales with a
 * span of 4, 5, 9, 10, 20, 99 or 100 map to a whole number of parts, so a mean over thousands of
 * reviews meets its rounding edge where arithmetic on fractions would.
 *
 * @param parts 1 to 5 times {@link #PER_STAR}
 */
public record Rating(int parts) implements Comparable<Rating> {
  /** Parts in one star. */
  public static final int PER_STAR = 12_474_000;

  /** Throws {@link IllegalArgumentException} outside 1 to 5 stars. */
  public Rating {
    if (parts < PER_STAR || parts > 5 * PER_STAR) {
      throw new IllegalArgumentException("a rating is 1 to 5 stars");
    }
  }

  /** A rating of whole stars, 1 to 5. */
  public static Rating ofStars(int stars) {
    return new Rating(Math.multiplyExact(stars, PER_STAR));
  }

  /** The rating in stars to {@code digits} decimals, as it is {@linkplain RatingFigure written}. */
  public BigDecimal stars(int digits) {
    return RatingFigure.of(BigDecimal.valueOf(parts), BigDecimal.valueOf(PER_STAR), digits);
  }

  /**
   * The rating in stars to be drawn, cut down to two decimals: it gives the same quarters of a star
   * as the exact value, and the same figure to one decimal.
   */
  public BigDecimal cut() {
    return BigDecimal.valueOf(parts).divide(BigDecimal.valueOf(PER_STAR), 2, RoundingMode.DOWN);
  }

  /** The whole star it counts under in a histogram: rounded half up, 1 to 5. */
  public int wholeStar() {
    return (parts + PER_STAR / 2) / PER_STAR;
  }

  @Override
  public int compareTo(Rating other) {
    return Integer.compare(parts, other.parts);
  }
}
