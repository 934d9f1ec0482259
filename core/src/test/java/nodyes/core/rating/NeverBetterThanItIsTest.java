package nodyes.core.rating;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Input: 4.449999999 of 5, which was stored as 4.45 and read 4.5; 49 reviews of 5 stars and one of
 * 3, which read 5.0; a rating of 4.999 that was drawn as five full stars.
 */
public class NeverBetterThanItIsTest {
  private static final BigDecimal FIVE = BigDecimal.valueOf(5);

  /** A rating on 1 to 5, its figure, and its quarters of a star: worked out by hand. */
  @DataProvider
  Object[][] given() {
    return new Object[][] {
      {"4.449999999", "4.4", "4.25"},
      {"4.45", "4.5", "4.25"},
      {"4.749999999", "4.7", "4.50"},
      {"4.75", "4.8", "4.75"},
      {"4.96", "4.9", "4.75"},
      {"4.999999999", "4.9", "4.75"},
      {"5", "5.0", "5.00"},
      {"1", "1.0", "1.00"},
    };
  }

  @Test(dataProvider = "given")
  public void aRatingIsRoundedOnceFromWhatWasGiven(String given, String figure, String drawn) {
    Rating rating = RatingScale.ONE_TO_FIVE.toRating(new BigDecimal(given)).orElseThrow();
    assertEquals(rating.stars(1).toString(), figure);
    assertEquals(
        rating
            .cut()
            .multiply(BigDecimal.valueOf(4))
            .setScale(0, RoundingMode.DOWN)
            .divide(BigDecimal.valueOf(4), 2, RoundingMode.UNNECESSARY)
            .toString(),
        drawn);
  }

  @Test
  public void fiveIsReachedByFivesAlone() {
    var ratings = new ArrayList<Rating>();
    for (int i = 0; i < 49; i++) {
      ratings.add(Rating.ofStars(5));
    }
    assertEquals(RatingSummary.of(ratings).mean(1).orElseThrow().toString(), "5.0");
    ratings.add(Rating.ofStars(3));
    RatingSummary nearly = RatingSummary.of(ratings);
    assertEquals(nearly.mean(1).orElseThrow().toString(), "4.9", "4.96 is no 5.0");
    assertEquals(nearly.quarterStars().orElseThrow().toString(), "4.75");
  }

  /** Beside plain fractions: half up once, never 5 below 5, drawn never above what is written. */
  @Test
  public void figuresAndStarsKeepToTheExactAverage() {
    var random = new SplittableRandom(44);
    for (int i = 0; i < 20_000; i++) {
      var ratings = new ArrayList<Rating>();
      int count = 1 + random.nextInt(200);
      int least = random.nextInt(4) == 0 ? 1 : 4;
      long sum = 0;
      for (int k = 0; k < count; k++) {
        int parts =
            random.nextBoolean()
                ? 5 * Rating.PER_STAR
                : Rating.PER_STAR * least + random.nextInt((5 - least) * Rating.PER_STAR);
        ratings.add(new Rating(parts));
        sum += parts;
      }
      BigDecimal exact =
          BigDecimal.valueOf(sum)
              .divide(BigDecimal.valueOf((long) count * Rating.PER_STAR), 40, RoundingMode.HALF_UP);
      RatingSummary summary = RatingSummary.of(ratings);
      for (int digits : List.of(1, 2, 3)) {
        BigDecimal figure = summary.mean(digits).orElseThrow();
        BigDecimal halfUp = exact.setScale(digits, RoundingMode.HALF_UP);
        boolean isBest = exact.compareTo(FIVE) == 0;
        assertEquals(
            figure,
            isBest || halfUp.compareTo(FIVE) < 0
                ? halfUp
                : FIVE.subtract(BigDecimal.ONE.movePointLeft(digits)));
      }
      BigDecimal drawn = summary.quarterStars().orElseThrow();
      assertTrue(drawn.compareTo(exact) <= 0, drawn + " of " + exact);
      assertEquals(summary.meanCut(2).orElseThrow(), exact.setScale(2, RoundingMode.DOWN));
    }
  }

  /** What is sent with two decimals is drawn and written as the exact value would be. */
  @Test
  public void twoDecimalsCutDownLoseNothingThatIsSeen() {
    var random = new SplittableRandom(45);
    for (int i = 0; i < 20_000; i++) {
      var rating = new Rating(Rating.PER_STAR + random.nextInt(4 * Rating.PER_STAR + 1));
      BigDecimal sent = rating.cut();
      assertEquals(RatingFigure.of(sent, 1), rating.stars(1), sent.toString());
      assertEquals(
          sent.multiply(BigDecimal.valueOf(4)).intValue(),
          (int) (rating.parts() * 4L / Rating.PER_STAR));
    }
  }
}
