package nodyes.core.rating;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * Ranks products by rating so that many good reviews outrank a few perfect ones.
 *
 * @param priorMean the shop's mean in stars
 * @param priorWeight how many reviews that mean counts for: the median count of reviews over the
 *     shop's products, at least {@link #LEAST_WEIGHT}
 */
public record BayesianAverage(BigDecimal priorMean, long priorWeight) {
  /** Least weight of the prior, in reviews. */
  public static final long LEAST_WEIGHT = 5;

  /** A prior from the shop's mean and median count, with the least weight applied. */
  public static BayesianAverage ofShop(BigDecimal mean, long medianCount) {
    return new BayesianAverage(mean, Math.max(LEAST_WEIGHT, medianCount));
  }

  /**
   * (C m + sum) / (C + n) in stars to {@code digits} decimals, half up. It is the posterior mean of
   * a normal mean with known variance ratio (A. Gelman et al., Bayesian Data Analysis; credibility
   * form: H. Bühlmann, Experience rating and credibility, ASTIN Bulletin 4, 1967).
   */
  public BigDecimal of(RatingSummary summary, int digits) {
    BigDecimal sum =
        BigDecimal.valueOf(summary.sumParts())
            .divide(BigDecimal.valueOf(Rating.PER_STAR), 20, RoundingMode.HALF_UP);
    return priorMean
        .multiply(BigDecimal.valueOf(priorWeight))
        .add(sum)
        .divide(
            BigDecimal.valueOf(Math.addExact(priorWeight, summary.count())),
            digits,
            RoundingMode.HALF_UP);
  }
}
