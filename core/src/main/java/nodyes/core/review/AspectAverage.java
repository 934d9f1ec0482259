package nodyes.core.review;

import java.math.BigDecimal;
import nodyes.core.rating.RatingFigure;

/**
 * What reviews say of a single thing, such as durability.
 *
 * @param criterion its id
 * @param name what it is called in the reader's language
 * @param sum stars of all who rated it
 * @param count how many did, at least one
 */
public record AspectAverage(long criterion, String name, long sum, long count) {
  private static final int BEST = 5;
  private static final BigDecimal QUARTER = new BigDecimal("0.25");

  /** Throws {@link IllegalArgumentException} where the sum cannot come from so many. */
  public AspectAverage {
    if (count < 1 || sum < count || sum > count * BEST) {
      throw new IllegalArgumentException("the sum does not fit the number of ratings");
    }
  }

  /** The same as its stars are drawn: cut down to quarters from the exact value. */
  public BigDecimal quarterStars() {
    return BigDecimal.valueOf(sum * 4 / count).multiply(QUARTER);
  }

  /** Arithmetic mean over those that rated it, in stars to one decimal, as it is written. */
  public BigDecimal mean() {
    return RatingFigure.of(BigDecimal.valueOf(sum), BigDecimal.valueOf(count), 1);
  }
}
