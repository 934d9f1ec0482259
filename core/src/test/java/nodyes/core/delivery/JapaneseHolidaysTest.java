package nodyes.core.delivery;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import com.opengamma.strata.basics.ReferenceData;
import com.opengamma.strata.basics.date.HolidayCalendar;
import com.opengamma.strata.basics.date.HolidayCalendarIds;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

public class JapaneseHolidaysTest {
  /** Days on which banks are closed and that are no national holidays. */
  private static final Set<MonthDay> OF_BANKS =
      Set.of(MonthDay.of(1, 2), MonthDay.of(1, 3), MonthDay.of(12, 31));

  private static Set<LocalDate> days(int year, String... monthDays) {
    return Arrays.stream(monthDays)
        .map(day -> LocalDate.parse(year + "-" + day))
        .collect(Collectors.toCollection(TreeSet::new));
  }

  private static Set<LocalDate> workdaysOff(int year) {
    return JapaneseHolidays.of(year).keySet().stream()
        .filter(day -> day.getDayOfWeek().compareTo(DayOfWeek.SATURDAY) < 0)
        .collect(Collectors.toCollection(TreeSet::new));
  }

  /** The weekday holidays of two years as a library for finance has them (Strata, JPTO). */
  @Test
  public void areThoseOfTheActInTwoYears() {
    assertEquals(
        workdaysOff(2026),
        days(
            2026, "01-01", "01-12", "02-11", "02-23", "03-20", "04-29", "05-04", "05-05", "05-06",
            "07-20", "08-11", "09-21", "09-22", "09-23", "10-12", "11-03", "11-23"));
    assertEquals(
        workdaysOff(2027),
        days(
            2027, "01-01", "01-11", "02-11", "02-23", "03-22", "04-29", "05-03", "05-04", "05-05",
            "07-19", "08-11", "09-20", "09-23", "10-11", "11-03", "11-23"));
  }

  @Test
  public void agreeWithStrataForAllYearsThatItKnows() {
    HolidayCalendar theirs = HolidayCalendarIds.JPTO.resolve(ReferenceData.standard());
    for (int year : List.of(2022, 2023, 2024, 2025, 2026, 2027, 2028, 2029, 2030)) {
      var expected = new TreeSet<LocalDate>();
      for (LocalDate day = LocalDate.of(year, 1, 1); day.getYear() == year; day = day.plusDays(1)) {
        if (theirs.isHoliday(day)
            && day.getDayOfWeek().compareTo(DayOfWeek.SATURDAY) < 0
            && !OF_BANKS.contains(MonthDay.from(day))) {
          expected.add(day);
        }
      }
      Set<LocalDate> ours = workdaysOff(year);
      // in some years such a day is a national holiday too
      ours.removeIf(day -> OF_BANKS.contains(MonthDay.from(day)));
      assertEquals(ours, expected, "in " + year);
    }
  }

  @Test
  public void areNotGuessedForOtherYears() {
    assertThrows(IllegalArgumentException.class, () -> JapaneseHolidays.of(2021));
    assertThrows(IllegalArgumentException.class, () -> JapaneseHolidays.of(2100));
  }
}
