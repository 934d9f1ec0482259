package nodyes.core.countdown;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Unfit;

/**
 * When a countdown ends, on the shop's clock: a wall time is one instant for all shoppers. A wall
 * time that a clock change leaves out lies as much later as the clock was put forward; of two, the
 * first is meant (as {@link java.time.ZonedDateTime#of} has it).
 */
public sealed interface CountdownSchedule {
  /**
   * At a moment.
   *
   * @param start from when it runs; empty for as long as it is on
   * @param end its end
   */
  record FixedEnd(Optional<LocalDateTime> start, LocalDateTime end) implements CountdownSchedule {
    /** Throws {@link IllegalArgumentException} where it ends before it starts, or as it does. */
    public FixedEnd {
      if (start.isPresent() && !start.get().isBefore(end)) {
        throw new Unfit("ending.problem.beforeStart");
      }
    }
  }

  /**
   * A length after a start.
   *
   * @param start when it begins to run
   * @param length how long it runs
   */
  record FixedDuration(LocalDateTime start, CalendarDuration length) implements CountdownSchedule {}

  /**
   * Again and again.
   *
   * @param repeat when it starts
   * @param length how long it runs each time
   */
  record Recurring(RecurrenceRule repeat, CalendarDuration length) implements CountdownSchedule {
    /** Throws {@link IllegalArgumentException} where it would begin again before it ended. */
    public Recurring {
      ActivePeriods.overlap(repeat, length)
          .ifPresent(
              problem -> {
                throw new Unfit(problem);
              });
    }
  }

  /**
   * The next time by which an order must be there to leave on its day.
   *
   * @param times of each weekday; on the others nothing leaves
   */
  record WeeklyCutoff(Map<DayOfWeek, LocalTime> times) implements CountdownSchedule {
    /** Throws {@link IllegalArgumentException} where nothing ever leaves. */
    public WeeklyCutoff {
      if (times.isEmpty()) {
        throw new Unfit("ending.problem.noWeekday");
      }
      times = Collections.unmodifiableMap(new EnumMap<>(times));
    }
  }

  /**
   * With the price that is in force: it runs from the reduction to the next planned rise, so it
   * differs by product.
   */
  record UntilPriceChange() implements CountdownSchedule {}

  /**
   * To the cut-off until which an order counts on its day, by the shop's delivery rules: it differs
   * by product, country and stock.
   */
  record UntilDispatchCutoff() implements CountdownSchedule {}

  /**
   * The windows that have not ended at a moment, the running one first. None of {@link
   * UntilPriceChange} and {@link UntilDispatchCutoff}, which a product's prices and delivery rules
   * answer.
   *
   * @param moment at which it is asked
   * @param zone the shop's
   * @param most at most so many
   */
  default List<ActivePeriod> windows(Instant moment, ZoneId zone, int most) {
    return ActivePeriods.after(this, moment, zone, most);
  }

  /** The window that ended last, at a moment or before. */
  default Optional<ActivePeriod> lastEnded(Instant moment, ZoneId zone) {
    return ActivePeriods.lastEnded(this, moment, zone);
  }
}
