package nodyes.core.delivery;

import static java.time.DayOfWeek.MONDAY;
import static java.time.DayOfWeek.SUNDAY;

import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.TemporalAdjusters;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * The national holidays of Japan by the Act on National Holidays (Act No. 178 of 1948), as it
 * stands since 2022: a holiday on a Sunday is made up for on the next day that is none, and a day
 * between two holidays is one. The equinoxes are reckoned by the approximation for 1980 to 2099
 * that is common practice; the day that counts is told each February by the National Astronomical
 * Observatory.
 */
public final class JapaneseHolidays {
  private static final int FIRST_YEAR = 2022;
  private static final int LAST_YEAR = 2099;
  private static final double DAYS_A_YEAR = 0.242194;
  private static final int BASE = 1980;

  private JapaneseHolidays() {}

  /**
   * The holidays of a year, with their English names.
   *
   * @throws IllegalArgumentException where the year is not from 2022 to 2099
   */
  public static Map<LocalDate, String> of(int year) {
    if (year < FIRST_YEAR || year > LAST_YEAR) {
      throw new IllegalArgumentException("known from 2022 to 2099, not for " + year);
    }
    return withThoseBetween(named(year));
  }

  private static SortedMap<LocalDate, String> named(int year) {
    var days = new TreeMap<LocalDate, String>();
    days.put(LocalDate.of(year, 1, 1), "New Year’s Day");
    days.put(monday(year, Month.JANUARY, 2), "Coming of Age Day");
    days.put(LocalDate.of(year, 2, 11), "National Foundation Day");
    days.put(LocalDate.of(year, 2, 23), "Emperor’s Birthday");
    days.put(equinox(year, Month.MARCH, 20.8431), "Vernal Equinox Day");
    days.put(LocalDate.of(year, 4, 29), "Shōwa Day");
    days.put(LocalDate.of(year, 5, 3), "Constitution Day");
    days.put(LocalDate.of(year, 5, 4), "Greenery Day");
    days.put(LocalDate.of(year, 5, 5), "Children’s Day");
    days.put(monday(year, Month.JULY, 3), "Marine Day");
    days.put(LocalDate.of(year, 8, 11), "Mountain Day");
    days.put(monday(year, Month.SEPTEMBER, 3), "Respect for the Aged Day");
    days.put(equinox(year, Month.SEPTEMBER, 23.2488), "Autumnal Equinox Day");
    days.put(monday(year, Month.OCTOBER, 2), "Sports Day");
    days.put(LocalDate.of(year, 11, 3), "Culture Day");
    days.put(LocalDate.of(year, 11, 23), "Labour Thanksgiving Day");
    return days;
  }

  private static Map<LocalDate, String> withThoseBetween(SortedMap<LocalDate, String> days) {
    var all = new TreeMap<>(days);
    for (LocalDate day : days.keySet()) {
      if (day.getDayOfWeek() == SUNDAY) {
        LocalDate instead = day.plusDays(1);
        while (days.containsKey(instead)) {
          instead = instead.plusDays(1);
        }
        all.putIfAbsent(instead, "Substitute holiday");
      }
      LocalDate between = day.plusDays(1);
      if (!days.containsKey(between) && days.containsKey(day.plusDays(2))) {
        all.putIfAbsent(between, "Holiday between holidays");
      }
    }
    return all;
  }

  private static LocalDate monday(int year, Month month, int nth) {
    return LocalDate.of(year, month, 1).with(TemporalAdjusters.dayOfWeekInMonth(nth, MONDAY));
  }

  private static LocalDate equinox(int year, Month month, double base) {
    int since = year - BASE;
    return LocalDate.of(
        year, month, (int) Math.floor(base + DAYS_A_YEAR * since - Math.floorDiv(since, 4)));
  }
}
