package nodyes.core.imports;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.core.common.Said;

/** The order of day and month in the dates of one file. It is decided per file, never per row. */
public enum DateOrder {
  /** 23/04/2026 */
  DAY_FIRST,
  /** 04/23/2026 */
  MONTH_FIRST;

  private static final Pattern NUMBERS =
      Pattern.compile("(\\d{1,2})\\s*[./-]\\s*(\\d{1,2})\\s*[./-]\\s*(\\d{4})");
  private static final Pattern ISO = Pattern.compile("(\\d{4})[-/.](\\d{1,2})[-/.](\\d{1,2})");

  /** What the dates of a file say about their order; feed it each, then ask. */
  public static final class Evidence {
    private String dayFirst = "";
    private String monthFirst = "";
    private String either = "";

    /** Looks at one date; a text that is no day of the calendar in either order says nothing. */
    public void see(String text) {
      Matcher numbers = NUMBERS.matcher(text.strip());
      if (!numbers.matches()) {
        return;
      }
      int first = number(numbers, 1);
      int second = number(numbers, 2);
      int year = number(numbers, 3);
      if (first > 12 && isDay(year, second, first) && dayFirst.isEmpty()) {
        dayFirst = text.strip();
      } else if (second > 12 && isDay(year, first, second) && monthFirst.isEmpty()) {
        monthFirst = text.strip();
      } else if (first != second
          && either.isEmpty()
          && isDay(year, second, first)
          && isDay(year, first, second)) {
        either = text.strip();
      }
    }

    /**
     * A date that is another day in the other order, where no date of the file tells which order it
     * is, or some tell the one and some the other; empty where the order is clear or means nothing.
     */
    public String unclear() {
      return dayFirst.isEmpty() == monthFirst.isEmpty() ? either : "";
    }

    /** The order: month first only where a date says so and none says otherwise. */
    public DateOrder order() {
      return !monthFirst.isEmpty() && dayFirst.isEmpty() ? MONTH_FIRST : DAY_FIRST;
    }

    /** The date that decided it; empty where none did. */
    public String because() {
      return order() == MONTH_FIRST ? monthFirst : dayFirst;
    }
  }

  /**
   * Reads a day: year-month-day, a timestamp of RFC 3339 (its day in {@code zone}), or numbers in
   * this order with a year of four digits.
   *
   * @throws BadValue where it is none of these, or no day of the calendar
   */
  public LocalDate read(String text, ZoneId zone) throws InvalidValueException {
    String date = text.strip();
    Matcher iso = ISO.matcher(date);
    if (iso.matches()) {
      return day(number(iso, 1), number(iso, 2), number(iso, 3));
    }
    Matcher numbers = NUMBERS.matcher(date);
    if (numbers.matches()) {
      return this == DAY_FIRST
          ? day(number(numbers, 3), number(numbers, 2), number(numbers, 1))
          : day(number(numbers, 3), number(numbers, 1), number(numbers, 2));
    }
    try {
      return OffsetDateTime.parse(date.replace(' ', 'T')).atZoneSameInstant(zone).toLocalDate();
    } catch (DateTimeParseException e) {
      throw new InvalidValueException(Said.of("imports.cell.notADate"), e);
    }
  }

  private static boolean isDay(int year, int month, int day) {
    return month >= 1
        && month <= 12
        && day >= 1
        && day <= YearMonth.of(year, month).lengthOfMonth();
  }

  private static int number(Matcher matcher, int group) {
    return Integer.parseInt(matcher.group(group));
  }

  private static LocalDate day(int year, int month, int day) throws InvalidValueException {
    if (month < 1 || month > 12) {
      throw new InvalidValueException(Said.of("imports.cell.noMonth", "month", month));
    }
    try {
      return LocalDate.of(year, month, day);
    } catch (DateTimeException e) {
      var ofYear = YearMonth.of(year, month);
      throw new InvalidValueException(
          Said.of("imports.cell.noDay", "month", ofYear, "days", ofYear.lengthOfMonth()), e);
    }
  }
}
