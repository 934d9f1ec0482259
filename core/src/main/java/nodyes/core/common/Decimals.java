package nodyes.core.common;

import java.math.BigDecimal;

/**
 * Numbers that strangers wrote. {@code 1e999999999} is twelve characters and, written out, a
 * gigabyte: a number of more than {@link #MOST_DIGITS} places before or behind its point is none.
 */
public final class Decimals {
  private static final int MOST_DIGITS = 100;

  private Decimals() {}

  /**
   * The number that a text is.
   *
   * @throws NumberFormatException where it is none, or has more places than any amount
   */
  public static BigDecimal of(String text) {
    if (text.length() > MOST_DIGITS) {
      throw new NumberFormatException("has more than 100 digits");
    }
    return bounded(new BigDecimal(text));
  }

  /**
   * The number itself.
   *
   * @throws NumberFormatException where it has more places than any amount
   */
  public static BigDecimal bounded(BigDecimal number) {
    if (Math.abs((long) number.scale()) > MOST_DIGITS || number.precision() > MOST_DIGITS) {
      throw new NumberFormatException("has more than 100 digits");
    }
    return number;
  }
}
