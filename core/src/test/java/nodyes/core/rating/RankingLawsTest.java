package nodyes.core.rating;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** Laws that the two rankings obey whatever the numbers. */
public class RankingLawsTest {
  private static final double Z2 = 3.841458820694124;

  private static double lower(long helpful, long votes) {
    return WilsonBound.lower(helpful, votes).orElseThrow();
  }

  /** lower(n, n) = n / (n + z²), and lower(0, n) = 0: Wilson's formula at its ends. */
  @Test
  public void wilsonAtItsEnds() {
    for (long n = 1; n < 500; n += 7) {
      assertEquals(lower(n, n), n / (n + Z2), 1e-12);
      assertEquals(lower(0, n), 0, 1e-12);
    }
  }

  @Test
  public void wilsonRisesWithHelpfulVotesAndWithMoreOfTheSame() {
    for (long n = 2; n < 60; n++) {
      for (long x = 1; x <= n; x++) {
        assertTrue(lower(x, n) > lower(x - 1, n), x + "/" + n);
        assertTrue(lower(2 * x, 2 * n) > lower(x, n), x + "/" + n);
        assertTrue(lower(x, n) <= (double) x / n, x + "/" + n);
      }
    }
  }

  /** The order that the published bounds give. */
  @Test
  public void reviewsRankByHowSurelyTheyHelp() {
    long[][] ranked = {
      {100, 101},
      {90, 100},
      {10, 10},
      {300, 400},
      {40, 50},
      {30, 40},
      {9, 10},
      {600, 1000},
      {5, 5},
      {5500, 10000},
      {2, 2},
      {3, 4},
      {1, 1},
      {1, 2},
      {0, 1}
    };
    for (int i = 1; i < ranked.length; i++) {
      assertTrue(
          lower(ranked[i - 1][0], ranked[i - 1][1]) > lower(ranked[i][0], ranked[i][1]),
          "place " + i);
    }
  }

  @Test
  public void votesThatCannotBeAreRefused() {
    assertThrows(IllegalArgumentException.class, () -> WilsonBound.lower(3, 2));
    assertThrows(IllegalArgumentException.class, () -> WilsonBound.lower(-1, 2));
  }

  private static RatingSummary summary(int reviews, int sum) {
    var ratings = new ArrayList<Rating>();
    for (int i = 0; i < reviews; i++) {
      int stars = sum / reviews + (i < sum % reviews ? 1 : 0);
      ratings.add(Rating.ofStars(stars));
    }
    return RatingSummary.of(ratings);
  }

  /**
   * It lies between the prior and the product's own mean, and one more five stars never lowers it.
   */
  @Test
  public void bayesianMeanLiesBetweenPriorAndMean() {
    for (String prior : List.of("1", "2.5", "3.5", "5")) {
      for (long weight : new long[] {5, 10}) {
        var shop = new BayesianAverage(new BigDecimal(prior), weight);
        for (int n = 1; n < 25; n++) {
          for (int sum = n; sum <= 5 * n; sum += 3) {
            double mean = (double) sum / n;
            double value = shop.of(summary(n, sum), 12).doubleValue();
            double low = Math.min(mean, Double.parseDouble(prior));
            double high = Math.max(mean, Double.parseDouble(prior));
            assertTrue(value >= low - 1e-9 && value <= high + 1e-9, n + " " + sum + " " + prior);
            double more = shop.of(summary(n + 1, sum + 5), 12).doubleValue();
            assertTrue(more >= value - 1e-9, n + " " + sum + " " + prior);
          }
        }
      }
    }
  }

  @Test
  public void withoutReviewsItIsThePrior() {
    var shop = new BayesianAverage(new BigDecimal("3.5"), 10);
    assertEquals(shop.of(RatingSummary.NONE, 2), new BigDecimal("3.50"));
  }
}
