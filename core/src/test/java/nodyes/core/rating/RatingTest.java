package nodyes.core.rating;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RatingTest {
  /**
   * Means to one decimal, half up, from whole numbers: 17/4, 87/20, 61/20 and their like. Computed
   * with decimal arithmetic (JDK 25's BigDecimal); binary fractions get several of them wrong.
   */
  @DataProvider
  Object[][] means() {
    return new Object[][] {
      {17, 4, "4.3"},
      {87, 20, "4.4"},
      {89, 20, "4.5"},
      {93, 20, "4.7"},
      {61, 20, "3.1"},
      // 4.95: half up would read 5.0, which only fives do
      {99, 20, "4.9"},
      {100, 20, "5.0"},
      {1, 1, "1.0"},
      {920, 200, "4.6"},
      {13, 3, "4.3"}
    };
  }

  @Test(dataProvider = "means")
  public void meanRoundsHalfUp(int sum, int count, String shown) {
    assertEquals(summary(sum, count).mean(1).orElseThrow(), new BigDecimal(shown));
  }

  @Test
  public void roundsOnceAndNotTwice() {
    // 4.4499 by way of two decimals (4.45) would read 4.5
    var ratings = new ArrayList<Rating>();
    IntStream.range(0, 5501).forEach(i -> ratings.add(Rating.ofStars(4)));
    IntStream.range(0, 4499).forEach(i -> ratings.add(Rating.ofStars(5)));
    assertEquals(RatingSummary.of(ratings).mean(1).orElseThrow(), new BigDecimal("4.4"));
  }

  /** The quick way in whole numbers against the JDK's own decimal division, near the border too. */
  @Test
  public void theMeanIsWhatDecimalDivisionGives() {
    var random = new SplittableRandom(11);
    for (int i = 0; i < 2000; i++) {
      long count = 1 + random.nextLong(i % 2 == 0 ? 300 : 400_000_000L);
      long parts = count * Rating.PER_STAR + random.nextLong(count * 4 * Rating.PER_STAR + 1);
      var summary = new RatingSummary(parts, new Histogram(List.of(0L, 0L, count, 0L, 0L)));
      for (int digits = 0; digits <= 3; digits++) {
        BigDecimal halfUp =
            BigDecimal.valueOf(parts)
                .divide(
                    BigDecimal.valueOf(count).multiply(BigDecimal.valueOf(Rating.PER_STAR)),
                    digits,
                    java.math.RoundingMode.HALF_UP);
        boolean isAllFives = parts == count * 5 * Rating.PER_STAR;
        assertEquals(
            summary.mean(digits).orElseThrow(),
            isAllFives || halfUp.compareTo(BigDecimal.valueOf(5)) < 0
                ? halfUp
                : halfUp.subtract(BigDecimal.ONE.movePointLeft(digits)));
      }
    }
  }

  @Test
  public void withoutReviewsThereIsNoMean() {
    assertTrue(RatingSummary.NONE.mean(1).isEmpty());
    assertTrue(RatingSummary.NONE.quarterStars().isEmpty());
    assertFalse(RatingSummary.NONE.meanAtLeast(BigDecimal.ONE));
  }

  /** schema.org Rating: worstRating and bestRating are 1 and 5 where not said (from memory). */
  @DataProvider
  Object[][] scales() {
    return new Object[][] {
      {1, 5, "1", "1.00"},
      {1, 5, "5", "5.00"},
      {1, 5, "3.5", "3.50"},
      {1, 10, "10", "5.00"},
      {1, 10, "1", "1.00"},
      {1, 10, "9", "4.56"},
      {1, 10, "4", "2.33"},
      {0, 10, "8", "4.20"},
      {0, 100, "50", "3.00"},
      {0, 1, "1", "5.00"}
    };
  }

  @Test(dataProvider = "scales")
  public void otherScalesMapLinearly(int worst, int best, String given, String stars) {
    Rating rating = RatingScale.of(worst, best).toRating(new BigDecimal(given)).orElseThrow();
    assertEquals(rating.stars(2), new BigDecimal(stars));
  }

  @Test
  public void outsideTheScaleIsNoRating() {
    assertTrue(RatingScale.ONE_TO_FIVE.toRating(new BigDecimal("5.01")).isEmpty());
    assertTrue(RatingScale.ONE_TO_FIVE.toRating(BigDecimal.ZERO).isEmpty());
    assertThrows(IllegalArgumentException.class, () -> RatingScale.of(5, 1));
    assertThrows(IllegalArgumentException.class, () -> Rating.ofStars(6));
  }

  @Test
  public void ninthsAddUpExactly() {
    // 7 of 10 and 4 of 10 are 11/3 and 7/3 stars: their mean is 3 exactly
    RatingScale ten = RatingScale.of(1, 10);
    var summary =
        RatingSummary.of(
            List.of(
                ten.toRating(new BigDecimal("7")).orElseThrow(),
                ten.toRating(new BigDecimal("4")).orElseThrow()));
    assertEquals(summary.sumParts(), 6L * Rating.PER_STAR);
    assertTrue(summary.meanAtLeast(new BigDecimal("3")));
  }

  /** Halves go up: 3.5 counts under 4 stars, 3.4 under 3. */
  @Test
  public void histogramRoundsEachReviewHalfUp() {
    assertEquals(stars("3.5").wholeStar(), 4);
    assertEquals(stars("3.4").wholeStar(), 3);
    assertEquals(stars("4.5").wholeStar(), 5);
    assertEquals(stars("1").wholeStar(), 1);
  }

  @Test
  public void starsAreDrawnInQuartersCutDown() {
    assertEquals(summary(458, 100).quarterStars().orElseThrow(), new BigDecimal("4.50"));
    assertEquals(summary(499, 100).quarterStars().orElseThrow(), new BigDecimal("4.75"));
    assertEquals(summary(5, 1).quarterStars().orElseThrow(), new BigDecimal("5.00"));
  }

  /**
   * Largest remainder (Hamilton). Shares of lme4's InstEval, stars 1 to 5 (10186, 12951, 17609,
   * 16921, 15754 of 73421): 13.873, 17.639, 23.984, 23.047 and 21.457 per cent.
   */
  @Test
  public void percentagesOfAnOpenDataset() {
    var histogram = new Histogram(List.of(10186L, 12951L, 17609L, 16921L, 15754L));
    assertEquals(histogram.percentages(), List.of(14, 18, 24, 23, 21));
  }

  @Test
  public void percentagesAlwaysAddToAHundredAndMissBySlightlyUnderOne() {
    var random = new SplittableRandom(41);
    for (int i = 0; i < 5000; i++) {
      int bound = 1 + random.nextInt(400);
      var counts = random.ints(5, 0, bound).mapToObj(Long::valueOf).toList();
      var histogram = new Histogram(counts);
      int expected = histogram.total() == 0 ? 0 : 100;
      var percentages = histogram.percentages();
      assertEquals(percentages.stream().mapToInt(Integer::intValue).sum(), expected);
      for (int star = 0; star < 5 && expected > 0; star++) {
        double exact = 100.0 * counts.get(star) / histogram.total();
        assertTrue(Math.abs(percentages.get(star) - exact) < 1, counts + " " + percentages);
      }
    }
  }

  @Test
  public void threeEqualSharesGiveTheOddPointToTheMoreStars() {
    assertEquals(
        new Histogram(List.of(0L, 0L, 1L, 1L, 1L)).percentages(), List.of(0, 0, 33, 33, 34));
  }

  private static Rating stars(String stars) {
    return RatingScale.ONE_TO_FIVE.toRating(new BigDecimal(stars)).orElseThrow();
  }

  /** So many reviews of whole stars with that sum. */
  private static RatingSummary summary(int sum, int count) {
    int low = sum / count;
    int higher = sum - low * count;
    return RatingSummary.of(
        IntStream.range(0, count)
            .mapToObj(i -> Rating.ofStars(low + (i < higher ? 1 : 0)))
            .toList());
  }
}
