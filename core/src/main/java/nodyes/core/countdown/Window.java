package nodyes.core.countdown;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * A time in which a countdown runs.
 *
 * @param start its first instant; empty where it always ran
 * @param end the first instant after it
 */
public record Window(Optional<Instant> start, Instant end) {
  /** Throws {@link IllegalArgumentException} where it ends before it starts, or as it does. */
  public Window {
    if (start.isPresent() && !start.get().isBefore(end)) {
      throw new IllegalArgumentException("it ends before it starts");
    }
  }

  /** From an instant, for a length. */
  static Window of(Instant start, Duration length) {
    return new Window(Optional.of(start), start.plus(length));
  }

  /** Whether it has begun at a moment. */
  public boolean hasBegunAt(Instant moment) {
    return start.isEmpty() || !moment.isBefore(start.get());
  }
}
