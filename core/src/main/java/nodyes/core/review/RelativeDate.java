package nodyes.core.review;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * How long ago a day is, in the largest unit that is not too coarse: days for two weeks, weeks for
 * two months, months for two years, then years.
 *
 * @param n how many, from 0
 * @param unit of what
 */
public record RelativeDate(long n, Unit unit) {
  private static final int A_WEEK = 7;
  private static final int DAYS_UNTIL = 14;
  private static final int MONTHS_UNTIL_WEEKS_END = 2;
  private static final int MONTHS_UNTIL_YEARS = 24;

  /** A unit by its CLDR name. */
  public enum Unit {
    /** Days of the shop. */
    DAY,
    /** Whole stretches of seven days. */
    WEEK,
    /** Whole calendar months. */
    MONTH,
    /** Whole calendar years. */
    YEAR
  }

  /** How long a day is past on another; empty where it is not past. */
  public static Optional<RelativeDate> of(LocalDate day, LocalDate today) {
    long days = ChronoUnit.DAYS.between(day, today);
    if (days < 0) {
      return Optional.empty();
    }
    if (days < DAYS_UNTIL) {
      return Optional.of(new RelativeDate(days, Unit.DAY));
    }
    long months = ChronoUnit.MONTHS.between(day, today);
    if (months < MONTHS_UNTIL_WEEKS_END) {
      return Optional.of(new RelativeDate(days / A_WEEK, Unit.WEEK));
    }
    return Optional.of(
        months < MONTHS_UNTIL_YEARS
            ? new RelativeDate(months, Unit.MONTH)
            : new RelativeDate(ChronoUnit.YEARS.between(day, today), Unit.YEAR));
  }

  /** The first day after {@code today} on which the answer is another one. */
  public static LocalDate changesOn(LocalDate day, LocalDate today) {
    Optional<RelativeDate> now = of(day, today);
    if (now.isEmpty()) {
      return day;
    }
    LocalDate months = day.plusMonths(MONTHS_UNTIL_WEEKS_END);
    return switch (now.get().unit()) {
      case DAY -> today.plusDays(1);
      case WEEK -> earlier(day.plusDays((now.get().n() + 1) * A_WEEK), firstOf(day, months));
      case MONTH -> firstOf(day, day.plusMonths(now.get().n() + 1));
      case YEAR -> firstOf(day, day.plusYears(now.get().n() + 1));
    };
  }

  /** A month whose last day comes too early completes on the first of the next one. */
  private static LocalDate firstOf(LocalDate day, LocalDate reached) {
    return reached.getDayOfMonth() < day.getDayOfMonth() ? reached.plusDays(1) : reached;
  }

  private static LocalDate earlier(LocalDate one, LocalDate other) {
    return one.isBefore(other) ? one : other;
  }
}
