package nodyes.core.rating;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

/**
 * Real ratings: InstEval of the R package lme4 (1.1-31; Debian's r-cran-lme4), 73,421 ratings of 1
 * to 5 by students of their lecturers. Only counts and sums are here, as computed with R.
 */
public class InstEvalTest {
  private static final List<Long> STARS = List.of(10_186L, 12_951L, 17_609L, 16_921L, 15_754L);
  private static final long COUNT = 73_421;
  private static final long SUM = 235_369;

  private static RatingSummary all() {
    var ratings = new ArrayList<Rating>();
    for (int star = 1; star <= 5; star++) {
      for (long i = 0; i < STARS.get(star - 1); i++) {
        ratings.add(Rating.ofStars(star));
      }
    }
    return RatingSummary.of(ratings);
  }

  @Test
  public void countSumAndMean() {
    RatingSummary all = all();
    assertEquals(all.count(), COUNT);
    assertEquals(all.sumParts(), SUM * Rating.PER_STAR);
    assertEquals(all.histogram().counts(), STARS);
    // 3.20574495
    assertEquals(all.mean(1), Optional.of(new BigDecimal("3.2")));
    assertEquals(all.mean(8), Optional.of(new BigDecimal("3.20574495")));
    assertTrue(all.meanAtLeast(new BigDecimal("3.205744")));
    assertEquals(all.quarterStars(), Optional.of(new BigDecimal("3.00")));
  }

  /** 13.873, 17.639, 23.984, 23.047 and 21.457 percent: three round up, and one may not. */
  @Test
  public void percentagesAddToAHundred() {
    List<Integer> shares = all().histogram().percentages();
    assertEquals(shares, List.of(14, 18, 24, 23, 21));
    assertEquals(shares.stream().mapToInt(Integer::intValue).sum(), 100);
  }

  @Test
  public void twoHalvesAreTheWhole() {
    RatingSummary half =
        RatingSummary.of(List.of(Rating.ofStars(1), Rating.ofStars(5), Rating.ofStars(4)));
    RatingSummary both = all().and(half);
    assertEquals(both.count(), COUNT + 3);
    assertEquals(both.sumParts(), (SUM + 10) * Rating.PER_STAR);
    assertEquals(RatingSummary.NONE.and(half), half);
  }

  /**
   * The lecturer with the best plain mean (1255: 23 ratings, mean 4.565217) stands behind one with
   * many (66: 165 ratings, 4.260606) when both are drawn to the mean of all with the weight of 31,
   * the median count: 3.784780 and 4.093766.
   */
  @Test
  public void fewRatingsAreDrawnToTheMeanOfAll() {
    BayesianAverage prior = BayesianAverage.ofShop(all().mean(12).orElseThrow(), 31);
    BigDecimal few = prior.of(summary(105, 23), 6);
    BigDecimal many = prior.of(summary(703, 165), 6);
    assertEquals(few, new BigDecimal("3.784780"));
    assertEquals(many, new BigDecimal("4.093766"));
    assertEquals(summary(105, 23).mean(2), Optional.of(new BigDecimal("4.57")));
    assertEquals(summary(703, 165).mean(2), Optional.of(new BigDecimal("4.26")));
  }

  /** Of so many ratings of 1 to 5 with that sum. */
  private static RatingSummary summary(int sum, int count) {
    var ratings = new ArrayList<Rating>();
    int left = sum;
    for (int i = 0; i < count; i++) {
      int star = Math.min(5, left - (count - i - 1));
      ratings.add(Rating.ofStars(star));
      left -= star;
    }
    return RatingSummary.of(ratings);
  }
}
