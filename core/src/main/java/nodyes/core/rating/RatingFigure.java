package nodyes.core.rating;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How a rating or an average is written: rounded once, from its exact value, half up; and the
 * greatest there is only where it is exactly that, so that 4.96 reads 4.9 and not 5.0. Stars are
 * drawn from the exact value cut to quarters, which is never more either.
 */
public final class RatingFigure {
  private static final int BEST = 5;

  private RatingFigure() {}

  /**
   * An exact fraction of stars as it is written.
   *
   * @param sum in stars, over a count
   * @param count of what was added up, above 0
   * @param digits decimals that are written
   */
  public static BigDecimal of(BigDecimal sum, BigDecimal count, int digits) {
    BigDecimal figure = sum.divide(count, digits, RoundingMode.HALF_UP);
    boolean isBest = sum.compareTo(count.multiply(BigDecimal.valueOf(BEST))) >= 0;
    return isBest || figure.compareTo(BigDecimal.valueOf(BEST)) < 0
        ? figure
        : figure.subtract(BigDecimal.ONE.movePointLeft(digits));
  }

  /** An exact number of stars as it is written. */
  public static BigDecimal of(BigDecimal stars, int digits) {
    return of(stars, BigDecimal.ONE, digits);
  }
}
