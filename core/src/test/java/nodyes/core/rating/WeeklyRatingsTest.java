package nodyes.core.rating;

import static org.testng.Assert.assertEquals;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.temporal.IsoFields;
import java.util.HashMap;
import java.util.IntSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class WeeklyRatingsTest {
  private static final LocalDate THURSDAY = LocalDate.parse("2026-11-26");

  private static WeeklyRatings.Sum stars(int... stars) {
    long parts = 0;
    for (int one : stars) {
      parts += Rating.ofStars(one).parts();
    }
    return new WeeklyRatings.Sum(parts, stars.length);
  }

  /** Weeks by ISO 8601, as the JDK counts them; the turns of years are where they differ. */
  @DataProvider
  Object[][] days() {
    return new Object[][] {{"2026-11-23"}, {"2026-11-29"}, {"2027-01-01"}, {"2021-01-03"}};
  }

  @Test(dataProvider = "days")
  public void aWeekIsTheOneOfIso8601(String text) {
    LocalDate day = LocalDate.parse(text);
    LocalDate monday = WeeklyRatings.first(day, 1);
    assertEquals(
        monday.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR), day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
    assertEquals(monday.getDayOfWeek().getValue(), 1);
    assertEquals(WeeklyRatings.first(day, 12), monday.minusDays(77));
  }

  @Test
  public void whatWasWrittenOnItsDaysIsAWeeksAndTheMeanIsOfAll() {
    var weeks =
        WeeklyRatings.of(
            stars(5, 5),
            Map.of(
                LocalDate.parse("2026-11-16"), stars(4),
                LocalDate.parse("2026-11-22"), stars(3, 4),
                LocalDate.parse("2026-11-23"), stars(1)),
            THURSDAY,
            3);
    assertEquals(
        weeks.weeks(),
        List.of(
            new WeeklyRatings.Week(
                LocalDate.parse("2026-11-09"), 0, Optional.of(new BigDecimal("5.00"))),
            new WeeklyRatings.Week(
                LocalDate.parse("2026-11-16"), 3, Optional.of(new BigDecimal("4.20"))),
            new WeeklyRatings.Week(
                LocalDate.parse("2026-11-23"), 1, Optional.of(new BigDecimal("3.67")))));
    assertEquals(weeks.min(), 3);
  }

  @Test
  public void withoutReviewsThereIsNoMeanAndTheScaleIsShort() {
    var weeks = WeeklyRatings.of(WeeklyRatings.Sum.NONE, Map.of(), THURSDAY, 2);
    assertEquals(weeks.weeks().getLast().average(), Optional.empty());
    assertEquals(weeks.min(), 4);
    assertEquals(WeeklyRatings.of(stars(5), Map.of(), THURSDAY, 2).min(), 4);
  }

  /** Beside the JDK's own mean (IntSummaryStatistics) of the same thousand ratings. */
  @Test
  public void theLastMeanIsTheMeanOfAll() {
    var random = new SplittableRandom(7);
    var days = new HashMap<LocalDate, WeeklyRatings.Sum>();
    var all = new IntSummaryStatistics();
    for (int i = 0; i < 1000; i++) {
      int given = 1 + random.nextInt(5);
      all.accept(given);
      days.merge(THURSDAY.minusDays(random.nextInt(70)), stars(given), WeeklyRatings.Sum::and);
    }
    var weeks = WeeklyRatings.of(WeeklyRatings.Sum.NONE, days, THURSDAY, 12).weeks();
    assertEquals(weeks.getLast().average().orElseThrow().doubleValue(), all.getAverage(), 0.005);
    assertEquals(weeks.stream().mapToLong(WeeklyRatings.Week::reviews).sum(), 1000);
  }
}
