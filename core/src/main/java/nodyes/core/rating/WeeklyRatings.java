package nodyes.core.rating;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Ratings week by week, each from Monday (ISO 8601).
 *
 * @param weeks the oldest first
 * @param min the whole star that a scale for all the means begins at; it ends at 5
 */
public record WeeklyRatings(List<Week> weeks, int min) {
  private static final int HIGHEST_LEAST = 4;

  /**
   * A week.
   *
   * @param monday its first day
   * @param reviews how many were written in it
   * @param average of all that were written until its end, in stars to two decimals; empty before
   *     the first
   */
  public record Week(LocalDate monday, long reviews, Optional<BigDecimal> average) {}

  /**
   * Ratings added up.
   *
   * @param parts their sum in parts of a star, see {@link Rating}
   * @param count how many
   */
  public record Sum(long parts, long count) {
    /** None. */
    public static final Sum NONE = new Sum(0, 0);

    /** Both together. */
    public Sum and(Sum other) {
      return new Sum(parts + other.parts, count + other.count);
    }

    /** Their mean in stars to {@code digits} decimals, as it is written; empty without any. */
    public Optional<BigDecimal> mean(int digits) {
      return count == 0
          ? Optional.empty()
          : Optional.of(
              RatingFigure.of(
                  BigDecimal.valueOf(parts),
                  BigDecimal.valueOf(count).multiply(BigDecimal.valueOf(Rating.PER_STAR)),
                  digits));
    }
  }

  /** Keeps the weeks unchangeable. */
  public WeeklyRatings {
    weeks = List.copyOf(weeks);
  }

  /** The Monday that so many weeks begin with, of which a day lies in the last. */
  public static LocalDate first(LocalDate today, int weeks) {
    return monday(today).minusWeeks(weeks - 1L);
  }

  private static LocalDate monday(LocalDate day) {
    return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
  }

  /**
   * So many weeks, today in the last of them.
   *
   * @param before what was written before {@link #first}
   * @param days what was written on each day from then on
   */
  public static WeeklyRatings of(Sum before, Map<LocalDate, Sum> days, LocalDate today, int weeks) {
    LocalDate monday = first(today, weeks);
    Sum all = before;
    var found = new ArrayList<Week>();
    for (int week = 0; week < weeks; week++, monday = monday.plusWeeks(1)) {
      Sum written = Sum.NONE;
      for (int day = 0; day < DayOfWeek.values().length; day++) {
        written = written.and(days.getOrDefault(monday.plusDays(day), Sum.NONE));
      }
      all = all.and(written);
      found.add(new Week(monday, written.count(), all.mean(2)));
    }
    int least =
        found.stream()
            .flatMap(week -> week.average().stream())
            .mapToInt(BigDecimal::intValue)
            .min()
            .orElse(HIGHEST_LEAST);
    return new WeeklyRatings(found, Math.min(least, HIGHEST_LEAST));
  }
}
