package nodyes.core.countdown;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Month;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.countdown.Repeat.Frequency;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Endings as the owner reads them; days and months are those of CLDR for British English. */
public class EndingSentenceTest {
  private static final LocalDateTime FRIDAY = LocalDateTime.of(2026, 11, 27, 18, 0);
  private static final Length DAYS = new Length(2, 0, 0);

  private static Ending repeating(
      Frequency frequency, int every, Set<DayOfWeek> days, Integer dayOfMonth, Month... months) {
    return new Ending.Repeating(
        new Repeat(
            FRIDAY,
            frequency,
            every,
            days,
            Optional.ofNullable(dayOfMonth),
            Set.of(months),
            Optional.empty()),
        new Length(0, 3, 0));
  }

  @DataProvider
  public Object[][] endings() {
    Set<DayOfWeek> none = Set.of();
    return new Object[][] {
      {new Ending.AtMoment(Optional.empty(), FRIDAY), "until Fri 27 Nov 2026, 18:00"},
      {
        new Ending.AtMoment(Optional.of(FRIDAY.minusDays(3)), FRIDAY),
        "from Tue 24 Nov 2026, 18:00 to Fri 27 Nov 2026, 18:00"
      },
      {new Ending.AfterLength(FRIDAY, DAYS), "from Fri 27 Nov 2026, 18:00, for 2 days"},
      {repeating(Frequency.DAY, 1, none, null), "each day at 18:00, for 3 hours"},
      {repeating(Frequency.DAY, 2, none, null), "each 2nd day at 18:00, for 3 hours"},
      {repeating(Frequency.DAY, 11, none, null), "each 11th day at 18:00, for 3 hours"},
      {repeating(Frequency.DAY, 21, none, null), "each 21st day at 18:00, for 3 hours"},
      {
        repeating(Frequency.DAY, 1, Set.of(DayOfWeek.SUNDAY, DayOfWeek.MONDAY), null),
        "each day at 18:00, on Monday and Sunday alone, for 3 hours"
      },
      {repeating(Frequency.WEEK, 1, none, null), "each week at 18:00, for 3 hours"},
      {
        repeating(Frequency.WEEK, 1, Set.of(DayOfWeek.FRIDAY), null),
        "each Friday at 18:00, for 3 hours"
      },
      {
        repeating(
            Frequency.WEEK, 3, Set.of(DayOfWeek.FRIDAY, DayOfWeek.MONDAY, DayOfWeek.TUESDAY), null),
        "each 3rd week on Monday, Tuesday and Friday at 18:00, for 3 hours"
      },
      {repeating(Frequency.MONTH, 1, none, 22), "on the 22nd of each month at 18:00, for 3 hours"},
      {
        repeating(Frequency.MONTH, 2, none, 13),
        "on the 13th of each 2nd month at 18:00, for 3 hours"
      },
      {
        repeating(Frequency.MONTH, 1, Set.of(DayOfWeek.FRIDAY), null, Month.DECEMBER, Month.MAY),
        "on the first Friday of May and December at 18:00, for 3 hours"
      },
      {
        new Ending.Repeating(
            new Repeat(
                FRIDAY,
                Frequency.DAY,
                2,
                none,
                Optional.empty(),
                Set.of(Month.NOVEMBER, Month.DECEMBER),
                Optional.of(LocalDate.of(2026, 12, 24))),
            new Length(0, 1, 30)),
        "each 2nd day at 18:00 in November and December, for 1 hour and 30 minutes,"
            + " until Thu 24 Dec 2026"
      },
      {new Ending.WithPrice(), "as long as the reduced price, to the planned rise"},
      {new Ending.WithDelivery(), "to the cut-off by which an order counts, as Delivery has it"},
    };
  }

  @Test(dataProvider = "endings")
  public void anEndingIsASentence(Ending ending, String sentence) {
    assertEquals(ending.sentence(), sentence);
  }

  @Test
  public void theLastDayIsSaidWhereThereIsOne() {
    var repeat =
        new Repeat(
            FRIDAY,
            Frequency.WEEK,
            1,
            Set.of(DayOfWeek.FRIDAY),
            Optional.empty(),
            Set.of(),
            Optional.of(LocalDate.of(2026, 12, 25)));
    assertEquals(
        new Ending.Repeating(repeat, DAYS).sentence(),
        "each Friday at 18:00, for 2 days, until Fri 25 Dec 2026");
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
        new Ending.NextCutOff(times).sentence(),
        "to the next cut-off: Monday, Tuesday, Wednesday and Thursday 16:00; Friday 14:30");
    assertEquals(
        new Ending.NextCutOff(Map.of(DayOfWeek.SATURDAY, LocalTime.NOON)).sentence(),
        "to the next cut-off: Saturday 12:00");
  }

  /** Every number to 99 has the ending that English gives it. */
  @Test
  public void everyNumberHasItsEnding() {
    for (int every = 2; every <= 99; every++) {
      String said = repeating(Frequency.DAY, every, Set.of(), null).sentence();
      boolean isTeen = every >= 11 && every <= 13;
      String ending = isTeen ? "th" : every % 10 == 1 ? "st" : every % 10 == 2 ? "nd" : "th";
      String wanted = !isTeen && every % 10 == 3 ? "rd" : ending;
      assertTrue(said.startsWith("each " + every + wanted + " day"), said);
      assertFalse(said.contains("  "), said);
    }
  }
}
