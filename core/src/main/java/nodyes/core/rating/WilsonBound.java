package nodyes.core.rating;

import java.util.OptionalDouble;
import org.apache.commons.statistics.interval.BinomialConfidenceInterval;

/** Ranks reviews by how surely they were found helpful. */
public final class WilsonBound {
  private static final double ERROR_RATE = 0.05;

  private WilsonBound() {}

  /**
   * Lower bound of the 95% score interval for the share of helpful votes (E. B. Wilson, Probable
   * inference, the law of succession, and statistical inference, JASA 22, 1927). Empty without
   * votes: such a review ranks last.
   *
   * @throws IllegalArgumentException unless 0 ≤ helpful ≤ votes
   * @throws ArithmeticException beyond two thousand million votes
   */
  public static OptionalDouble lower(long helpful, long votes) {
    if (helpful < 0 || helpful > votes) {
      throw new IllegalArgumentException("helpful votes lie between none and all votes");
    }
    if (votes == 0) {
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(
        BinomialConfidenceInterval.WILSON_SCORE
            .fromErrorRate(Math.toIntExact(votes), Math.toIntExact(helpful), ERROR_RATE)
            .getLowerBound());
  }
}
