package nodyes.core.review;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Optional;

/**
 * When a review was written: a day, or the month alone where no more is told of it ('two weeks
 * ago', 'in July'). Written as ISO 8601-1:2019 has it, a month with reduced precision (5.2.2.2).
 *
 * @param month its month
 * @param day the day; empty where the month alone is known
 */
public record ReviewDate(YearMonth month, Optional<LocalDate> day)
    implements Comparable<ReviewDate> {
  private static final int LENGTH_OF_A_DAY = 10;

  /** A day. */
  public static ReviewDate on(LocalDate day) {
    return new ReviewDate(YearMonth.from(day), Optional.of(day));
  }

  /** A month alone. */
  public static ReviewDate about(YearMonth month) {
    return new ReviewDate(month, Optional.empty());
  }

  /** The least that is not before a day: its month alone where it is the first. */
  public static ReviewDate from(LocalDate day) {
    return day.getDayOfMonth() == 1 ? about(YearMonth.from(day)) : on(day);
  }

  /**
   * Reads what {@link #toString()} writes.
   *
   * @throws java.time.DateTimeException where it is neither a day nor a month
   */
  public static ReviewDate parse(String text) {
    return text.length() < LENGTH_OF_A_DAY
        ? about(YearMonth.parse(text))
        : on(LocalDate.parse(text));
  }

  /** The first day that it may be, so that nothing counts as newer than it is. */
  public LocalDate earliest() {
    return day.orElseGet(() -> month.atDay(1));
  }

  /** By the first day that it may be; a month alone before a day that is its first. */
  @Override
  public int compareTo(ReviewDate other) {
    return toString().compareTo(other.toString());
  }

  @Override
  public String toString() {
    return day.map(LocalDate::toString).orElseGet(month::toString);
  }
}
