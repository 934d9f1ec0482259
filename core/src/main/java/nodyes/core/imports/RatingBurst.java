package nodyes.core.imports;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.commons.statistics.distribution.PoissonDistribution;

/**
 * Days on which far more reviews of one rating came than the product's own rate lets expect. A flag
 * to look, never a verdict: a newsletter makes bursts too.
 *
 * @param day the day
 * @param wholeStar the rating, 1 to 5
 * @param reviews how many came that day
 * @param expected how many the other days let expect
 * @param chance of so many or more, were they to come by themselves (Poisson)
 */
public record RatingBurst(
    LocalDate day, int wholeStar, int reviews, double expected, double chance) {
  /** A chance under this is looked at; parted among the days, as each is a try of its own. */
  private static final double UNLIKELY = 1e-3;

  private static final int LEAST_REVIEWS = 5;

  /**
   * The bursts among reviews of one product.
   *
   * @param counts how many reviews of one rating came on which day
   * @param wholeStar that rating
   * @param days how many days the product has had reviews, the first and the last included
   */
  public static List<RatingBurst> in(Map<LocalDate, Integer> counts, int wholeStar, long days) {
    var bursts = new ArrayList<RatingBurst>();
    long all = counts.values().stream().mapToLong(Integer::longValue).sum();
    for (var entry : new TreeMap<>(counts).entrySet()) {
      int reviews = entry.getValue();
      if (reviews < LEAST_REVIEWS) {
        continue;
      }
      // the rate of the other days, as if one more had come: never 0
      double expected = (all - reviews + 1.0) / Math.max(1, days);
      double chance = chanceOfAtLeast(reviews, expected);
      if (chance < UNLIKELY / counts.size()) {
        bursts.add(new RatingBurst(entry.getKey(), wholeStar, reviews, expected, chance));
      }
    }
    return List.copyOf(bursts);
  }

  /** P(X ≥ {@code events}) for a Poisson variable of mean {@code expected} &gt; 0. */
  public static double chanceOfAtLeast(int events, double expected) {
    return events == 0 ? 1 : PoissonDistribution.of(expected).survivalProbability(events - 1);
  }
}
