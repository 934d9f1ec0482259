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
 * between two holidays is one. The equinoxes are computed by the approximation for 1980 to 2099
 * that is common practice; the day that counts is told each February by the National Astronomical
 * Observatory.
 */
public final class JapaneseHolidays {
  private static final int FIRST_YEAR = 2022;
  private static final int LAST_YEAR = 2099;
  private static final double DAYS_A_YEAR = 0.242194;
  private static final int BASE = 1980;

  private JapaneseHolidays() {}

  /** The holidays, in the order of the year; their names are texts. */
  public enum Name {
    /** Ganjitsu, 1 January. */
    NEW_YEARS_DAY,
    /** Seijin no Hi, the second Monday of January. */
    COMING_OF_AGE_DAY,
    /** Kenkoku Kinen no Hi, 11 February. */
    NATIONAL_FOUNDATION_DAY,
    /** Tennō Tanjōbi, 23 February. */
    EMPERORS_BIRTHDAY,
    /** Shunbun no Hi. */
    VERNAL_EQUINOX_DAY,
    /** Shōwa no Hi, 29 April. */
    SHOWA_DAY,
    /** Kenpō Kinenbi, 3 May. */
    CONSTITUTION_DAY,
    /** Midori no Hi, 4 May. */
    GREENERY_DAY,
    /** Kodomo no Hi, 5 May. */
    CHILDRENS_DAY,
    /** Umi no Hi, the third Monday of July. */
    MARINE_DAY,
    /** Yama no Hi, 11 August. */
    MOUNTAIN_DAY,
    /** Keirō no Hi, the third Monday of September. */
    RESPECT_FOR_THE_AGED_DAY,
    /** Shūbun no Hi. */
    AUTUMNAL_EQUINOX_DAY,
    /** Supōtsu no Hi, the second Monday of October. */
    SPORTS_DAY,
    /** Bunka no Hi, 3 November. */
    CULTURE_DAY,
    /** Kinrō Kansha no Hi, 23 November. */
    LABOUR_THANKSGIVING_DAY,
    /** Furikae Kyūjitsu: makes up for a holiday on a Sunday. */
    SUBSTITUTE,
    /** Kokumin no Kyūjitsu: between two holidays. */
    BETWEEN
  }

  /**
   * The holidays of a year, with their names.
   *
   * @throws IllegalArgumentException where the year is not from 2022 to 2099
   */
  public static Map<LocalDate, Name> of(int year) {
    if (year < FIRST_YEAR || year > LAST_YEAR) {
      throw new IllegalArgumentException("known from 2022 to 2099, not for " + year);
    }
    return withThoseBetween(named(year));
  }

  private static SortedMap<LocalDate, Name> named(int year) {
    var days = new TreeMap<LocalDate, Name>();
    days.put(LocalDate.of(year, 1, 1), Name.NEW_YEARS_DAY);
    days.put(monday(year, Month.JANUARY, 2), Name.COMING_OF_AGE_DAY);
    days.put(LocalDate.of(year, 2, 11), Name.NATIONAL_FOUNDATION_DAY);
    days.put(LocalDate.of(year, 2, 23), Name.EMPERORS_BIRTHDAY);
    days.put(equinox(year, Month.MARCH, 20.8431), Name.VERNAL_EQUINOX_DAY);
    days.put(LocalDate.of(year, 4, 29), Name.SHOWA_DAY);
    days.put(LocalDate.of(year, 5, 3), Name.CONSTITUTION_DAY);
    days.put(LocalDate.of(year, 5, 4), Name.GREENERY_DAY);
    days.put(LocalDate.of(year, 5, 5), Name.CHILDRENS_DAY);
    days.put(monday(year, Month.JULY, 3), Name.MARINE_DAY);
    days.put(LocalDate.of(year, 8, 11), Name.MOUNTAIN_DAY);
    days.put(monday(year, Month.SEPTEMBER, 3), Name.RESPECT_FOR_THE_AGED_DAY);
    days.put(equinox(year, Month.SEPTEMBER, 23.2488), Name.AUTUMNAL_EQUINOX_DAY);
    days.put(monday(year, Month.OCTOBER, 2), Name.SPORTS_DAY);
    days.put(LocalDate.of(year, 11, 3), Name.CULTURE_DAY);
    days.put(LocalDate.of(year, 11, 23), Name.LABOUR_THANKSGIVING_DAY);
    return days;
  }

  private static Map<LocalDate, Name> withThoseBetween(SortedMap<LocalDate, Name> days) {
    var all = new TreeMap<>(days);
    for (LocalDate day : days.keySet()) {
      if (day.getDayOfWeek() == SUNDAY) {
        LocalDate instead = day.plusDays(1);
        while (days.containsKey(instead)) {
          instead = instead.plusDays(1);
        }
        all.putIfAbsent(instead, Name.SUBSTITUTE);
      }
      LocalDate between = day.plusDays(1);
      if (!days.containsKey(between) && days.containsKey(day.plusDays(2))) {
        all.putIfAbsent(between, Name.BETWEEN);
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
