package nodyes.core.rating;

import java.util.OptionalDouble;

/** Ranks reviews by how surely they were found helpful. */
public final class WilsonBound {
  /** The 97.5% quantile of the standard normal distribution: two-sided 95%. */
  private static final double Z = 1.959963984540054;

  private WilsonBound() {}

  /**
   * Lower bound of the 95% score interval for the share of helpful votes (E. B. Wilson, Probable
   * inference, the law of succession, and statistical inference, JASA 22, 1927). Empty without
   * votes: such a review ranks last.
   *
   * @throws IllegalArgumentException unless 0 ≤ helpful ≤ votes
   */
  public static OptionalDouble lower(long helpful, long votes) {
    if (helpful < 0 || helpful > votes) {
      throw new IllegalArgumentException("helpful votes lie between none and all votes");
    }
    if (votes == 0) {
      return OptionalDouble.empty();
    }
    double n = votes;
    double p = helpful / n;
    double z2 = Z * Z;
    double lower = (2 * n * p + z2 - Z * Math.sqrt(z2 + 4 * n * p * (1 - p))) / (2 * (n + z2));
    return OptionalDouble.of(Math.max(0, lower));
  }
}
