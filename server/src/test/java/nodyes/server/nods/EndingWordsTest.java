package nodyes.server.nods;

import static org.testng.Assert.assertEquals;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Month;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.countdown.CalendarDuration;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.countdown.RecurrenceRule;
import nodyes.core.countdown.RecurrenceRule.Frequency;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Endings as the owner reads them; days and months are those of CLDR for British English. */
public class EndingWordsTest {
  private static final LocalDateTime FRIDAY = LocalDateTime.of(2026, 11, 27, 18, 0);
  private static final CalendarDuration DAYS = new CalendarDuration(2, 0, 0);

  private static CountdownSchedule repeating(
      Frequency frequency,
      int every,
      Set<DayOfWeek> days,
      @Nullable Integer dayOfMonth,
      Month... months) {
    return new CountdownSchedule.Recurring(
        new RecurrenceRule(
            FRIDAY,
            frequency,
            every,
            days,
            Optional.ofNullable(dayOfMonth),
            Set.of(months),
            Optional.empty()),
        new CalendarDuration(0, 3, 0));
  }

  @DataProvider
  public Object[][] endings() {
    Set<DayOfWeek> none = Set.of();
    return new Object[][] {
      {new CountdownSchedule.FixedEnd(Optional.empty(), FRIDAY), "Until Fri, 27 Nov 2026, 18:00"},
      {
        new CountdownSchedule.FixedEnd(Optional.of(FRIDAY.minusDays(3)), FRIDAY),
        "From Tue, 24 Nov 2026, 18:00 to Fri, 27 Nov 2026, 18:00"
      },
      {
        new CountdownSchedule.FixedDuration(FRIDAY, DAYS),
        "From Fri, 27 Nov 2026, 18:00, for 2 days"
      },
      {repeating(Frequency.DAY, 1, none, null), "Every day at 18:00, for 3 hours"},
      {repeating(Frequency.DAY, 2, none, null), "Every 2 days at 18:00, for 3 hours"},
      {repeating(Frequency.DAY, 11, none, null), "Every 11 days at 18:00, for 3 hours"},
      {repeating(Frequency.DAY, 21, none, null), "Every 21 days at 18:00, for 3 hours"},
      {
        repeating(Frequency.DAY, 1, Set.of(DayOfWeek.SUNDAY, DayOfWeek.MONDAY), null),
        "Every day at 18:00, only on Monday and Sunday, for 3 hours"
      },
      {repeating(Frequency.WEEK, 1, none, null), "Every week at 18:00, for 3 hours"},
      {
        repeating(Frequency.WEEK, 1, Set.of(DayOfWeek.FRIDAY), null),
        "Every Friday at 18:00, for 3 hours"
      },
      {
        repeating(
            Frequency.WEEK, 3, Set.of(DayOfWeek.FRIDAY, DayOfWeek.MONDAY, DayOfWeek.TUESDAY), null),
        "Every 3 weeks on Monday, Tuesday and Friday at 18:00, for 3 hours"
      },
      {repeating(Frequency.MONTH, 1, none, 22), "Every month, on day 22 at 18:00, for 3 hours"},
      {repeating(Frequency.MONTH, 2, none, 13), "Every 2 months, on day 13 at 18:00, for 3 hours"},
      {
        repeating(Frequency.MONTH, 1, Set.of(DayOfWeek.FRIDAY), null, Month.DECEMBER, Month.MAY),
        "Every month, on the first Friday at 18:00, in May and December, for 3 hours"
      },
      {
        new CountdownSchedule.Recurring(
            new RecurrenceRule(
                FRIDAY,
                Frequency.DAY,
                2,
                none,
                Optional.empty(),
                Set.of(Month.NOVEMBER, Month.DECEMBER),
                Optional.of(LocalDate.of(2026, 12, 24))),
            new CalendarDuration(0, 1, 30)),
        "Every 2 days at 18:00, in November and December, for 1 hour, 30 minutes,"
            + " until Thu, 24 Dec 2026"
      },
      {
        new CountdownSchedule.UntilPriceChange(),
        "As long as the reduced price, until the planned price rise"
      },
      {new CountdownSchedule.UntilDispatchCutoff(), "To the order cut-off in your delivery rules"},
    };
  }

  @Test(dataProvider = "endings")
  public void anEndingIsASentence(CountdownSchedule ending, String sentence) {
    assertEquals(EndingWords.of(ending), sentence);
  }

  @Test
  public void theLastDayIsSaidWhereThereIsOne() {
    var repeat =
        new RecurrenceRule(
            FRIDAY,
            Frequency.WEEK,
            1,
            Set.of(DayOfWeek.FRIDAY),
            Optional.empty(),
            Set.of(),
            Optional.of(LocalDate.of(2026, 12, 25)));
    assertEquals(
        EndingWords.of(new CountdownSchedule.Recurring(repeat, DAYS)),
        "Every Friday at 18:00, for 2 days, until Fri, 25 Dec 2026");
  }

  @Test
  public void cutOffsOfTheSameTimeStandTogether() {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    for (DayOfWeek day : DayOfWeek.values()) {
      if (day.getValue() < 5) {
        times.put(day, LocalTime.of(16, 0));
      }
    }
    times.put(DayOfWeek.FRIDAY, LocalTime.of(14, 30));
    assertEquals(
        EndingWords.of(new CountdownSchedule.WeeklyCutoff(times)),
        "To the next cut-off: Monday, Tuesday, Wednesday and Thursday 16:00; Friday 14:30");
    assertEquals(
        EndingWords.of(
            new CountdownSchedule.WeeklyCutoff(Map.of(DayOfWeek.SATURDAY, LocalTime.NOON))),
        "To the next cut-off: Saturday 12:00");
  }
}
