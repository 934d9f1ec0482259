package nodyes.core.imports;

import java.text.Normalizer;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.Month;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.core.common.Said;

/**
 * Reads dates as people and tools write them into files: ISO 8601 and RFC 3339 with more or less of
 * a time, RFC 5322, numbers parted by points, strokes or hyphens, months by name, 2026年11月20日, the
 * days of a spreadsheet, seconds or milliseconds since 1970.
 */
public final class DateParser {
  private static final int LONGEST = 80;
  private static final int PIVOT = 69;

  private static final Pattern ISO =
      Pattern.compile("(\\d{4})\\s?[-/.]\\s?(\\d{1,2})\\s?[-/.]\\s?(\\d{1,2})");
  private static final Pattern BASIC =
      Pattern.compile("(\\d{4})(\\d{2})(\\d{2})(?:t(\\d{2})(\\d{2})(\\d{2})(.*))?");
  private static final Pattern NUMBERS =
      Pattern.compile("(\\d{1,2})\\s*[./-]\\s*(\\d{1,2})\\s*[./-]\\s*(\\d{4}|['’]?\\d{2})");
  private static final Pattern EAST_ASIAN =
      Pattern.compile("(\\d{4})\\s*[年년]\\s*(\\d{1,2})\\s*[月월]\\s*(\\d{1,2})\\s*[日일]?(.*)");
  private static final Pattern PLAIN = Pattern.compile("\\d{5}(?:[.,]\\d+)?|\\d{10}|\\d{13}");

  /** The day that a spreadsheet counts from, 1900 taken for a leap year (ECMA-376-1, 18.17.4.1). */
  private static final LocalDate SERIAL_ZERO = LocalDate.of(1899, 12, 30);

  private static final LocalDate FIRST = LocalDate.of(1990, 1, 1);
  private static final LocalDate LAST = LocalDate.of(2100, 1, 1);
  private static final double SECONDS_OF_A_DAY = 86_400;

  private static final int LAST_OF_ASCII = 0x7F;
  private static final Pattern HYPHENS = Pattern.compile("[\\u2010-\\u2015]");
  private static final Pattern MARKS = Pattern.compile("[\\u200E\\u200F\\uFEFF]");
  private static final Pattern IN_BRACKETS = Pattern.compile("\\s*[(\\[].*[)\\]]$");
  private static final Pattern ENDS = Pattern.compile("^[\\s.,]+|[\\s.,]+$");
  private static final Pattern SPACES = Pattern.compile("[\\s\\u00A0]+");

  private DateParser() {}

  /**
   * The date that a text is.
   *
   * @param order the order of day and month where both are numbers
   * @throws InvalidValueException where it is none, or no day of the calendar
   */
  public static WrittenDate parse(String text, DateOrder order) throws InvalidValueException {
    String plain = plain(text);
    if (plain.isEmpty() || plain.length() > LONGEST) {
      throw notADate();
    }
    Optional<WrittenDate> counted = counted(plain);
    if (counted.isPresent()) {
      return counted.get();
    }
    Matcher basic = BASIC.matcher(plain);
    if (basic.matches()) {
      plain = "%s-%s-%s".formatted(basic.group(1), basic.group(2), basic.group(3));
      if (basic.group(4) != null) {
        plain +=
            "t%s:%s:%s%s".formatted(basic.group(4), basic.group(5), basic.group(6), basic.group(7));
      }
    }
    WrittenTime written = WrittenTime.of(plain);
    return new WrittenDate(day(written.rest(), order), written.time(), written.offset());
  }

  /**
   * Whether a text is written as a date is, in either order; a plain number is not, though it may
   * count days or seconds.
   */
  public static boolean isWritten(String text) {
    if (PLAIN.matcher(text.strip()).matches()) {
      return false;
    }
    for (DateOrder order : DateOrder.values()) {
      try {
        parse(text, order);
        return true;
      } catch (InvalidValueException e) {
        // it may be one in the other order
      }
    }
    return false;
  }

  /** The two numbers that are day and month in one order or the other, and the year. */
  record TwoWays(int first, int second, int year) {
    boolean isDay(DateOrder order) {
      int month = order == DateOrder.DAY_FIRST ? second : first;
      int day = order == DateOrder.DAY_FIRST ? first : second;
      return month >= 1
          && month <= 12
          && day >= 1
          && day <= YearMonth.of(year, month).lengthOfMonth();
    }
  }

  /** What of a text hangs on the order of day and month; empty where nothing does. */
  static Optional<TwoWays> twoWays(String text) {
    String plain = plain(text);
    if (plain.length() > LONGEST) {
      return Optional.empty();
    }
    Matcher numbers;
    try {
      numbers = NUMBERS.matcher(withoutDayOfWeek(WrittenTime.of(plain).rest()));
    } catch (InvalidValueException e) {
      return Optional.empty();
    }
    return numbers.matches()
        ? Optional.of(new TwoWays(number(numbers, 1), number(numbers, 2), year(numbers.group(3))))
        : Optional.empty();
  }

  /** Days since 1899 or time since 1970, where that is a date of our days. */
  private static Optional<WrittenDate> counted(String plain) {
    if (!PLAIN.matcher(plain).matches()) {
      return Optional.empty();
    }
    int digits = (int) plain.chars().takeWhile(Character::isDigit).count();
    if (digits == 5) {
      double serial = Double.parseDouble(plain.replace(',', '.'));
      LocalDate day = SERIAL_ZERO.plusDays((long) serial);
      long seconds = Math.round((serial - (long) serial) * SECONDS_OF_A_DAY);
      return Optional.of(day)
          .filter(DateParser::isOfOurDays)
          .map(
              one ->
                  seconds == 0
                      ? WrittenDate.of(one)
                      : WrittenTime.onClock(one.atStartOfDay().plusSeconds(seconds)));
    }
    long number = Long.parseLong(plain);
    return Optional.of(
            WrittenDate.of(
                digits == 13 ? Instant.ofEpochMilli(number) : Instant.ofEpochSecond(number)))
        .filter(date -> isOfOurDays(date.day()));
  }

  private static boolean isOfOurDays(LocalDate day) {
    return !day.isBefore(FIRST) && day.isBefore(LAST);
  }

  private static LocalDate day(String text, DateOrder order) throws InvalidValueException {
    String date = withoutDayOfWeek(text);
    Matcher iso = ISO.matcher(date);
    if (iso.matches()) {
      return day(number(iso, 1), number(iso, 2), number(iso, 3));
    }
    Matcher numbers = NUMBERS.matcher(date);
    if (numbers.matches()) {
      int year = year(numbers.group(3));
      return order == DateOrder.DAY_FIRST
          ? day(year, number(numbers, 2), number(numbers, 1))
          : day(year, number(numbers, 1), number(numbers, 2));
    }
    Matcher eastAsian = EAST_ASIAN.matcher(date);
    if (eastAsian.matches() && eastAsian.group(4).isBlank()) {
      return day(number(eastAsian, 1), number(eastAsian, 2), number(eastAsian, 3));
    }
    return named(date);
  }

  private static final Pattern TOKEN = Pattern.compile("[\\p{L}\\p{M}]+|['’]?\\d+|[^\\p{L}\\d]");
  private static final Pattern BESIDE_NUMBER =
      Pattern.compile("st|nd|rd|th|er|º|ª|o|a|de|del|of|den|the|le|el");
  private static final Pattern PARTING = Pattern.compile("[\\s.,/'’º°ª-]");

  /**
   * A month by its name, with a day and a year in either order: a year has four digits, or comes
   * last.
   */
  private static LocalDate named(String text) throws InvalidValueException {
    Month month = null;
    var numbers = new ArrayList<String>();
    for (String token : tokens(text)) {
      if (Character.isDigit(token.charAt(token.length() - 1))) {
        numbers.add(token);
      } else if (!PARTING.matcher(token).matches() && !BESIDE_NUMBER.matcher(token).matches()) {
        Month named = MonthNames.month(token).orElseThrow(DateParser::notADate);
        if (month != null && month != named) {
          throw notADate();
        }
        month = named;
      }
    }
    if (month == null || numbers.size() != 2) {
      throw notADate();
    }
    boolean isYearFirst = numbers.getFirst().length() == 4;
    String year = isYearFirst ? numbers.getFirst() : numbers.getLast();
    String day = isYearFirst ? numbers.getLast() : numbers.getFirst();
    if (day.length() > 2 || (year.length() != 4 && year.replaceAll("\\D", "").length() != 2)) {
      throw notADate();
    }
    return day(year(year), month.getValue(), Integer.parseInt(day));
  }

  private static List<String> tokens(String text) {
    return TOKEN.matcher(text).results().map(result -> result.group()).toList();
  }

  /** A day of the week says nothing that the day does not; a word that may be a month stays. */
  private static String withoutDayOfWeek(String text) {
    if (text.chars().noneMatch(Character::isLetter)) {
      return ENDS.matcher(text).replaceAll("");
    }
    long months =
        tokens(text).stream().filter(token -> MonthNames.month(token).isPresent()).count();
    var left = new StringBuilder();
    for (String token : tokens(text)) {
      boolean mayBeMonth = MonthNames.month(token).isPresent();
      if (MonthNames.isDayOfWeek(token) && (!mayBeMonth || months > 1)) {
        months -= mayBeMonth ? 1 : 0;
      } else {
        left.append(token);
      }
    }
    return ENDS.matcher(left).replaceAll("");
  }

  /** Letters small, digits European, signs as they are usual, one space for many. */
  private static String plain(String text) {
    return isAscii(text)
        ? tidied(text)
        : tidied(european(Normalizer.normalize(text, Normalizer.Form.NFKC)));
  }

  private static boolean isAscii(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) > LAST_OF_ASCII) {
        return false;
      }
    }
    return true;
  }

  private static String european(String text) {
    var plain = new StringBuilder();
    text.codePoints()
        .forEach(
            sign -> {
              if (Character.getType(sign) == Character.DECIMAL_DIGIT_NUMBER) {
                plain.append(Character.digit(sign, 10));
              } else {
                plain.appendCodePoint(sign);
              }
            });
    String digits = HYPHENS.matcher(plain).replaceAll("-");
    return MARKS.matcher(digits).replaceAll("");
  }

  private static String tidied(String text) {
    String plain = text.toLowerCase(Locale.ROOT);
    if (plain.indexOf('(') >= 0 || plain.indexOf('[') >= 0) {
      plain = IN_BRACKETS.matcher(plain).replaceAll("");
    }
    return SPACES.matcher(plain).replaceAll(" ").strip();
  }

  /** Of two digits: from 1969 to 2068 (POSIX.1-2017, strptime). */
  private static int year(String digits) {
    int year = Integer.parseInt(digits.replaceAll("\\D", ""));
    return year >= 100 ? year : year < PIVOT ? 2000 + year : 1900 + year;
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

  static InvalidValueException notADate() {
    return new InvalidValueException(Said.of("imports.cell.notADate"));
  }
}
