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

/**
 * When a countdown ends, on the shop's clock: a wall time is one instant for all shoppers. A wall
 * time that a clock change leaves out lies as much later as the clock was put forward; of two, the
 * first is meant (as {@link java.time.ZonedDateTime#of} has it).
 */
public sealed interface Ending {
  /**
   * At a moment.
   *
   * @param start from when it runs; empty for as long as it is on
   * @param end its end
   */
  record AtMoment(Optional<LocalDateTime> start, LocalDateTime end) implements Ending {
    /** Throws {@link IllegalArgumentException} where it ends before it starts, or as it does. */
    public AtMoment {
      if (start.isPresent() && !start.get().isBefore(end)) {
        throw new IllegalArgumentException("it ends before it starts");
      }
    }
  }

  /**
   * A length after a start.
   *
   * @param start when it begins to run
   * @param length how long it runs
   */
  record AfterLength(LocalDateTime start, Length length) implements Ending {}

  /**
   * Again and again.
   *
   * @param repeat when it starts
   * @param length how long it runs each time
   */
  record Repeating(Repeat repeat, Length length) implements Ending {
    /** Throws {@link IllegalArgumentException} where it would begin again before it ended. */
    public Repeating {
      Windows.overlap(repeat, length)
          .ifPresent(
              problem -> {
                throw new IllegalArgumentException(problem);
              });
    }
  }

  /**
   * The next time by which an order must be there to leave on its day.
   *
   * @param times of each weekday; on the others nothing leaves
   */
  record NextCutOff(Map<DayOfWeek, LocalTime> times) implements Ending {
    /** Throws {@link IllegalArgumentException} where nothing ever leaves. */
    public NextCutOff {
      if (times.isEmpty()) {
        throw new IllegalArgumentException("orders must leave on at least one weekday");
      }
      times = Collections.unmodifiableMap(new EnumMap<>(times));
    }
  }

  /**
   * With the price that is in force: it runs from the reduction to the next planned rise, so it
   * differs by product.
   */
  record WithPrice() implements Ending {}

  /**
   * To the cut-off until which an order counts on its day, by the shop's timings of delivery: it
   * differs by product, country and stock.
   */
  record WithDelivery() implements Ending {}

  /**
   * The windows that have not ended at a moment, the running one first. None of {@link WithPrice}
   * and {@link WithDelivery}, which a product's prices and timings answer.
   *
   * @param moment at which it is asked
   * @param zone the shop's
   * @param most at most so many
   */
  default List<Window> windows(Instant moment, ZoneId zone, int most) {
    return Windows.after(this, moment, zone, most);
  }

  /** The window that ended last, at a moment or before. */
  default Optional<Window> lastEnded(Instant moment, ZoneId zone) {
    return Windows.lastEnded(this, moment, zone);
  }

  /** As a sentence to the owner, such as {@code each Friday at 18:00, for 2 days}. */
  default String sentence() {
    return EndingSentence.of(this);
  }
}
