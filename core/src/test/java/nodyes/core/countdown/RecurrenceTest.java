package nodyes.core.countdown;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.fortuna.ical4j.model.Recur;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * RFC 5545, section 3.8.5.3, whose lists are from memory and were worked out again by ical4j; and
 * ical4j itself, on rules by chance.
 */
public class RecurrenceTest {
  private static final Optional<LocalDateTime> NO_LAST = Optional.empty();

  private static List<LocalDateTime> times(String rule, LocalDateTime first, int most) {
    var times = new ArrayList<LocalDateTime>();
    var recurrence = new Recurrence(rule, first, first, NO_LAST);
    while (recurrence.hasNext() && times.size() < most) {
      times.add(recurrence.next());
    }
    return times;
  }

  private static List<LocalDate> dates(String text) {
    return Arrays.stream(text.split(" ")).map(LocalDate::parse).toList();
  }

  @DataProvider
  Object[][] published() {
    return new Object[][] {
      {
        "1997-09-02",
        "FREQ=DAILY;INTERVAL=10;COUNT=5",
        "1997-09-02 1997-09-12 1997-09-22 1997-10-02 1997-10-12"
      },
      {
        "1997-09-02",
        "FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH",
        "1997-09-02 1997-09-04 1997-09-09 1997-09-11 1997-09-16 1997-09-18 1997-09-23 1997-09-25"
            + " 1997-09-30 1997-10-02"
      },
      {
        "1997-09-05",
        "FREQ=MONTHLY;COUNT=10;BYDAY=1FR",
        "1997-09-05 1997-10-03 1997-11-07 1997-12-05 1998-01-02 1998-02-06 1998-03-06 1998-04-03"
            + " 1998-05-01 1998-06-05"
      },
      {
        "1997-09-22",
        "FREQ=MONTHLY;COUNT=6;BYDAY=-2MO",
        "1997-09-22 1997-10-20 1997-11-17 1997-12-22 1998-01-19 1998-02-16"
      },
      {
        "1996-11-05",
        "FREQ=YEARLY;INTERVAL=4;COUNT=3;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8",
        "1996-11-05 2000-11-07 2004-11-02"
      },
      {
        "1997-08-05",
        "FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO",
        "1997-08-05 1997-08-10 1997-08-19 1997-08-24"
      },
      {
        "1997-08-05",
        "FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU",
        "1997-08-05 1997-08-17 1997-08-19 1997-08-31"
      },
    };
  }

  @Test(dataProvider = "published")
  public void rulesGiveThePublishedDays(String first, String rule, String expected) {
    LocalDateTime start = LocalDate.parse(first).atTime(9, 0);
    assertEquals(
        times(rule, start, 100).stream().map(LocalDateTime::toLocalDate).toList(), dates(expected));
  }

  @Test
  public void aDailyRuleUntilADayHasThePublishedNumber() {
    var times =
        times("FREQ=DAILY;UNTIL=19971224T000000Z", LocalDateTime.parse("1997-09-02T09:00"), 999);
    assertEquals(times.size(), 113);
    assertEquals(times.getLast().toLocalDate(), LocalDate.parse("1997-12-23"));
  }

  @Test
  public void aRuleThatIsNoneIsRefused() {
    LocalDateTime now = LocalDateTime.parse("2026-11-26T12:00");
    assertThrows(
        IllegalArgumentException.class, () -> new Recurrence("FREQ=NEVER", now, now, NO_LAST));
  }

  @Test
  public void rulesByChanceAreAsAnotherLibraryHasThem() {
    var random = new Random(5545);
    for (int i = 0; i < 300; i++) {
      String rule = anyRule(random);
      LocalDateTime first =
          LocalDateTime.parse("2026-01-01T00:00")
              .plusDays(random.nextInt(800))
              .plusMinutes(random.nextInt(1440));
      LocalDateTime end = first.plusYears(3);
      List<LocalDateTime> theirs =
          new Recur<LocalDateTime>(rule).getDates(first, first, end).stream().sorted().toList();
      List<LocalDateTime> ours =
          times(rule, first, 2000).stream().filter(time -> !time.isAfter(end)).toList();
      assertEquals(ours, theirs, rule + " from " + first);
    }
  }

  private static String anyRule(Random random) {
    String[] days = {"MO", "TU", "WE", "TH", "FR", "SA", "SU"};
    String day = days[random.nextInt(7)];
    String months = random.nextInt(3) == 0 ? ";BYMONTH=" + (1 + random.nextInt(12)) + ",12" : "";
    int every = 1 + random.nextInt(4);
    return switch (random.nextInt(4)) {
      case 0 -> "FREQ=DAILY;INTERVAL=" + every + months + ";WKST=MO";
      case 1 ->
          "FREQ=WEEKLY;INTERVAL="
              + every
              + ";BYDAY="
              + day
              + (day.equals("SU") ? "" : ",SU")
              + ";WKST=MO";
      case 2 ->
          "FREQ=MONTHLY;INTERVAL=" + every + ";BYMONTHDAY=" + (1 + random.nextInt(31)) + ";WKST=MO";
      default -> "FREQ=MONTHLY;INTERVAL=" + every + ";BYDAY=1" + day + ";WKST=MO";
    };
  }

  /**
   * A weekly rule in some months, against a walk over all days: the other library takes the month
   * of the week's first day, and so gives 3 January for December.
   */
  @Test
  public void aWeeklyRuleKeepsToItsMonthsDayByDay() {
    var random = new Random(12);
    for (int i = 0; i < 100; i++) {
      LocalDate first = LocalDate.parse("2026-01-01").plusDays(random.nextInt(800));
      int every = 1 + random.nextInt(4);
      int month = 1 + random.nextInt(12);
      LocalDate monday = first.with(DayOfWeek.MONDAY);
      var expected = new ArrayList<LocalDate>();
      for (LocalDate day = first; day.isBefore(first.plusYears(3)); day = day.plusDays(1)) {
        boolean isInTurn = ChronoUnit.WEEKS.between(monday, day) % every == 0;
        boolean isInMonth = day.getMonthValue() == month || day.getMonthValue() == 12;
        if (isInTurn && isInMonth && day.getDayOfWeek() == DayOfWeek.SUNDAY) {
          expected.add(day);
        }
      }
      String rule = "FREQ=WEEKLY;INTERVAL=" + every + ";BYMONTH=" + month + ",12;BYDAY=SU;WKST=MO";
      assertEquals(
          times(rule, first.atTime(5, 4), expected.size()).stream()
              .map(LocalDateTime::toLocalDate)
              .toList(),
          expected,
          rule + " from " + first);
    }
  }
}
