package nodyes.core.countdown;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.Month;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

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
public record Repeat(
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
    DAY("DAILY"),
    /** By the week, Monday first. */
    WEEK("WEEKLY"),
    /** By the month. */
    MONTH("MONTHLY");

    private final String rule;

    Frequency(String rule) {
      this.rule = rule;
    }
  }

  private static final int MOST_EVERY = 99;

  /** Throws {@link IllegalArgumentException} saying what of it can never be. */
  public Repeat {
    days = Set.copyOf(days);
    months = Set.copyOf(months);
    if (every < 1 || every > MOST_EVERY) {
      throw new IllegalArgumentException("it repeats each 1 to 99 days, weeks or months");
    }
    if (dayOfMonth.isPresent() && (dayOfMonth.get() < 1 || dayOfMonth.get() > 31)) {
      throw new IllegalArgumentException("the day of the month is 1 to 31");
    }
    if (frequency == Frequency.MONTH && dayOfMonth.isEmpty() && days.isEmpty()) {
      throw new IllegalArgumentException("a monthly repeat needs a day of the month or a weekday");
    }
    if (until.isPresent() && until.get().isBefore(first.toLocalDate())) {
      throw new IllegalArgumentException("its last day lies before its first");
    }
    if (frequency == Frequency.MONTH && dayOfMonth.isPresent()) {
      int day = dayOfMonth.get();
      Set<Month> wanted = months.isEmpty() ? EnumSet.allOf(Month.class) : months;
      if (wanted.stream().noneMatch(month -> day <= month.maxLength())) {
        throw new IllegalArgumentException("it never happens: none of its months has a day " + day);
      }
    }
  }

  /** Each day, from a first one on. */
  public static Repeat daily(LocalDateTime first) {
    return new Repeat(
        first, Frequency.DAY, 1, Set.of(), Optional.empty(), Set.of(), Optional.empty());
  }

  /** The rule in the words of RFC 5545, without its start. */
  public String rule() {
    var rule = new StringBuilder("FREQ=").append(frequency.rule).append(";INTERVAL=").append(every);
    if (!months.isEmpty()) {
      rule.append(";BYMONTH=")
          .append(
              months.stream()
                  .sorted()
                  .map(month -> String.valueOf(month.getValue()))
                  .collect(Collectors.joining(",")));
    }
    if (frequency == Frequency.MONTH && dayOfMonth.isPresent()) {
      rule.append(";BYMONTHDAY=").append(dayOfMonth.get());
    } else if (!days.isEmpty()) {
      String ordinal = frequency == Frequency.MONTH ? "1" : "";
      rule.append(";BYDAY=")
          .append(
              days.stream()
                  .sorted()
                  .map(day -> ordinal + day.name().substring(0, 2).toUpperCase(Locale.ROOT))
                  .collect(Collectors.joining(",")));
    }
    return rule.append(";WKST=MO").toString();
  }
}
