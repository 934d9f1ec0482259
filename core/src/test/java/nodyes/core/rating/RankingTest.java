package nodyes.core.rating;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.util.List;
import org.apache.commons.math3.stat.interval.IntervalUtils;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RankingTest {
  /**
   * Wilson lower bounds. 81/263 and 0/20: R. G. Newcombe, Statistics in Medicine 17 (1998) 857-872,
   * Table I, method 3 (figures reproduced in R, their place in the paper from memory). The others
   * computed with R's prop.test(correct = FALSE).
   */
  @DataProvider
  Object[][] bounds() {
    return new Object[][] {
      {81, 263, 0.255289, 1e-6},
      {0, 20, 0.0, 1e-9},
      {0, 1, 0.0, 1e-9},
      {1, 1, 0.2065493144, 1e-10},
      {2, 2, 0.3423802275, 1e-10},
      {5, 5, 0.5655175352, 1e-10},
      {10, 10, 0.7224672001, 1e-10},
      {9, 10, 0.5958499732, 1e-10},
      {1, 2, 0.0945312057, 1e-10},
      {100, 101, 0.9460328420, 1e-10},
      {40, 50, 0.6696289407, 1e-10},
      {3, 4, 0.3006418426, 1e-10},
      {30, 40, 0.5980603858, 1e-10},
      {300, 400, 0.7053228671, 1e-10},
      {90, 100, 0.8256343385, 1e-10},
      {600, 1000, 0.5693094295, 1e-10},
      {5500, 10000, 0.5402319558, 1e-10}
    };
  }

  @Test(dataProvider = "bounds")
  public void wilsonMeetsPublishedFigures(long helpful, long votes, double lower, double within) {
    assertEquals(WilsonBound.lower(helpful, votes).orElseThrow(), lower, within);
  }

  @Test
  public void wilsonAgreesWithCommonsMath() {
    for (int votes = 1; votes < 60; votes++) {
      for (int helpful = 0; helpful <= votes; helpful++) {
        double theirs = IntervalUtils.getWilsonScoreInterval(votes, helpful, 0.95).getLowerBound();
        assertEquals(WilsonBound.lower(helpful, votes).orElseThrow(), theirs, 1e-9);
      }
    }
  }

  @Test
  public void withoutVotesThereIsNoBound() {
    assertTrue(WilsonBound.lower(0, 0).isEmpty());
  }

  /** Exact rationals of (C m + sum) / (C + n), computed with fractions. */
  @DataProvider
  Object[][] means() {
    return new Object[][] {
      {0, 0, 10, "3.5", "3.5000000000"}, {1, 5, 10, "3.5", "3.6363636364"},
      {10, 50, 10, "3.5", "4.2500000000"}, {100, 450, 10, "3.5", "4.4090909091"},
      {1000, 4500, 10, "3.5", "4.4900990099"}, {200, 920, 5, "4", "4.5853658537"},
      {5, 25, 20, "3", "3.4000000000"}
    };
  }

  @Test(dataProvider = "means")
  public void bayesianMeanIsExact(int n, int sum, long weight, String prior, String expected) {
    var mean = new BayesianAverage(new BigDecimal(prior), weight);
    assertEquals(mean.of(summary(n, sum), 10), new BigDecimal(expected));
  }

  @Test
  public void manyGoodReviewsOutrankAFewPerfectOnes() {
    var shop = BayesianAverage.ofShop(new BigDecimal("4"), 2);
    assertEquals(shop.priorWeight(), BayesianAverage.LEAST_WEIGHT);
    assertTrue(shop.of(summary(200, 920), 6).compareTo(shop.of(summary(3, 15), 6)) > 0);
  }

  private static RatingSummary summary(int n, int sum) {
    if (n == 0) {
      return RatingSummary.NONE;
    }
    long parts = (long) sum * Rating.PER_STAR;
    return new RatingSummary(parts, new Histogram(List.of(0L, 0L, 0L, 0L, (long) n)));
  }
}
