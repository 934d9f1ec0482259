package nodyes.core.visitors;

/**
 * A number of visitors.
 *
 * @param number how many
 * @param isExact whether it was counted one by one; else it is an estimate whose standard error is
 *     at most {@link VisitorCounter#RELATIVE_ERROR} of it
 */
public record VisitorEstimate(long number, boolean isExact) {
  private static final long ROUNDED_FROM = 100;

  /**
   * The number as shoppers read it: to 100 as it is, above it rounded down to two significant
   * digits. It is never raised.
   */
  public long shown() {
    if (number <= ROUNDED_FROM) {
      return number;
    }
    long unit = 1;
    while (number / unit >= ROUNDED_FROM) {
      unit *= 10;
    }
    return number / unit * unit;
  }
}
