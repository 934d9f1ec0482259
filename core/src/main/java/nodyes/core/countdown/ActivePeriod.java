package nodyes.core.countdown;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import nodyes.core.common.Unfit;

/**
 * A time in which a countdown runs.
 *
 * @param start its first instant; empty where it always ran
 * @param end the first instant after it
 */
public record ActivePeriod(Optional<Instant> start, Instant end) {
  /** Throws {@link IllegalArgumentException} where it ends before it starts, or as it does. */
  public ActivePeriod {
    if (start.isPresent() && !start.get().isBefore(end)) {
      throw new Unfit("ending.problem.beforeStart");
    }
  }

  /** From an instant, for a length. */
  static ActivePeriod of(Instant start, Duration length) {
    return new ActivePeriod(Optional.of(start), start.plus(length));
  }

  /** Whether it has begun at a moment. */
  public boolean hasBegunAt(Instant moment) {
    return start.isEmpty() || !moment.isBefore(start.get());
  }
}
