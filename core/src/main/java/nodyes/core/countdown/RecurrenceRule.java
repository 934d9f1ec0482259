package nodyes.core.countdown;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.Month;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Unfit;

/**
 * How a countdown comes again, as a recurrence rule of RFC 5545, section 3.3.10, on the shop's
 * calendar.
 *
 * @param first the wall time of the first start, which is one where the rule fits it
 * @param frequency day, week or month
 * @param every each so many of them
 * @param days on these weekdays; all where there are none. Of a month, the first ones of it
 * @param dayOfMonth on this day of a month; those that are not in a month are left out
 * @param months in these months alone; all where there are none
 * @param until the last day on which it may start; empty for no last one
 */
public record RecurrenceRule(
    LocalDateTime first,
    Frequency frequency,
    int every,
    Set<DayOfWeek> days,
    Optional<Integer> dayOfMonth,
    Set<Month> months,
    Optional<LocalDate> until) {
  /** The measure of a repeat. */
  public enum Frequency {
    /** By the day. */
    DAY,
    /** By the week, Monday first. */
    WEEK,
    /** By the month. */
    MONTH
  }

  private static final int MOST_EVERY = 99;

  /** Throws {@link IllegalArgumentException} saying what of it can never be. */
  public RecurrenceRule {
    days = Set.copyOf(days);
    months = Set.copyOf(months);
    if (every < 1 || every > MOST_EVERY) {
      throw new Unfit("ending.problem.every");
    }
    if (dayOfMonth.isPresent() && (dayOfMonth.get() < 1 || dayOfMonth.get() > 31)) {
      throw new Unfit("ending.problem.dayOfMonth");
    }
    if (frequency == Frequency.MONTH && dayOfMonth.isEmpty() && days.isEmpty()) {
      throw new Unfit("ending.problem.noDay");
    }
    if (until.isPresent() && until.get().isBefore(first.toLocalDate())) {
      throw new Unfit("ending.problem.lastBeforeFirst");
    }
    if (frequency == Frequency.MONTH && dayOfMonth.isPresent()) {
      int day = dayOfMonth.get();
      Set<Month> wanted = months.isEmpty() ? EnumSet.allOf(Month.class) : months;
      if (wanted.stream().noneMatch(month -> day <= month.maxLength())) {
        throw new Unfit("ending.problem.noSuchDay", "day", day);
      }
    }
  }

  /** Each day, from a first one on. */
  public static RecurrenceRule daily(LocalDateTime first) {
    return new RecurrenceRule(
        first, Frequency.DAY, 1, Set.of(), Optional.empty(), Set.of(), Optional.empty());
  }
}
