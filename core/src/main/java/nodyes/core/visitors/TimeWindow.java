package nodyes.core.visitors;

import java.time.Duration;

/** The time over which visitors are counted: those seen after its start, to now. */
public enum TimeWindow {
  /** The last 5 minutes: those who look now. */
  NOW(Duration.ofMinutes(5)),
  /** The last hour. */
  HOUR(Duration.ofHours(1)),
  /** The last 24 hours. */
  DAY(Duration.ofHours(24)),
  /** The last 7 days. */
  WEEK(Duration.ofDays(7));

  private final Duration length;

  TimeWindow(Duration length) {
    this.length = length;
  }

  /** How long it is. */
  public Duration length() {
    return length;
  }

  int seconds() {
    return (int) length.toSeconds();
  }
}
