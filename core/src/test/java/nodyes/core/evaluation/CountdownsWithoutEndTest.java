package nodyes.core.evaluation;

import static nodyes.core.evaluation.Pots.ask;
import static nodyes.core.evaluation.Pots.facts;
import static nodyes.core.evaluation.Pots.variant;
import static org.testng.Assert.assertEquals;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.NodId;
import nodyes.core.countdown.CalendarDuration;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.countdown.RecurrenceRule;
import nodyes.core.nod.Countdown;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Input: a countdown of an offer, each day for a day, and one every two days for two: it never
 * ends, and nothing was held against it, as it speaks of no price.
 */
public class CountdownsWithoutEndTest {
  private static final LocalDateTime FIRST = LocalDateTime.parse("2026-11-20T00:00");
  private static final Facts STEADY = facts(variant("A", 5L, "2026-06-01 50.00"));

  private static Countdown repeating(RecurrenceRule repeat, CalendarDuration length) {
    return new Countdown(
        new NodId("c"), Pots.everywhere(), new CountdownSchedule.Recurring(repeat, length));
  }

  @DataProvider
  Object[][] endless() {
    return new Object[][] {
      {RecurrenceRule.daily(FIRST), new CalendarDuration(1, 0, 0)},
      {everyTwoDays(), new CalendarDuration(2, 0, 0)},
      {RecurrenceRule.daily(FIRST), new CalendarDuration(0, 23, 0)},
    };
  }

  private static RecurrenceRule everyTwoDays() {
    return new RecurrenceRule(
        FIRST,
        RecurrenceRule.Frequency.DAY,
        2,
        Set.of(),
        Optional.empty(),
        Set.of(),
        Optional.empty());
  }

  @Test(dataProvider = "endless")
  public void whatBeginsAgainWithNothingChangedIsDoubted(
      RecurrenceRule repeat, CalendarDuration length) {
    assertEquals(
        ask(repeating(repeat, length), STEADY, null, "2026-11-26T14:00:00Z").because().doubts(),
        List.of(ClaimRisk.BEGINS_AGAIN));
  }

  @Test
  public void whatNeverPausesIsDoubtedFromItsFirstTimeOn() {
    assertEquals(
        ask(
                repeating(RecurrenceRule.daily(FIRST), new CalendarDuration(1, 0, 0)),
                STEADY,
                null,
                "2026-11-20T14:00:00Z")
            .because()
            .doubts(),
        List.of(ClaimRisk.BEGINS_AGAIN));
    assertEquals(
        ask(
                repeating(RecurrenceRule.daily(FIRST), new CalendarDuration(0, 12, 0)),
                STEADY,
                null,
                "2026-11-20T10:00:00Z")
            .because()
            .doubts(),
        List.of());
  }

  @Test
  public void whereThePriceChangedInBetweenItIsNot() {
    Facts changed =
        facts(
            variant(
                "A",
                5L,
                "2026-06-01 50.00",
                "2026-11-25 45.00",
                "2026-11-26 50.00",
                "2026-11-27 45.00"));
    assertEquals(
        ask(
                repeating(RecurrenceRule.daily(FIRST), new CalendarDuration(1, 0, 0)),
                changed,
                null,
                "2026-11-26T14:00:00Z")
            .because()
            .doubts(),
        List.of());
  }
}
