package nodyes.server.submissions;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Optional;

/** When the owner is told of new reviews by mail. */
public enum NotificationFrequency {
  /** Not at all. */
  NEVER,
  /** Within a quarter of an hour; what comes in between is told together. */
  SOON,
  /** Each day at eight in the shop's zone. */
  DAILY;

  private static final Duration APART = Duration.ofMinutes(15);
  private static final LocalTime MORNING = LocalTime.of(8, 0);

  /**
   * Whether a notice is due.
   *
   * @param last when the last one went out, if one did
   */
  boolean isDue(Optional<Instant> last, Instant now, ZoneId zone) {
    return switch (this) {
      case NEVER -> false;
      case SOON -> last.filter(at -> at.plus(APART).isAfter(now)).isEmpty();
      case DAILY -> last.filter(at -> !at.isBefore(lastMorning(now, zone))).isEmpty();
    };
  }

  private static Instant lastMorning(Instant now, ZoneId zone) {
    ZonedDateTime local = now.atZone(zone);
    ZonedDateTime today = local.toLocalDate().atTime(MORNING).atZone(zone);
    return (today.isAfter(local)
            ? local.toLocalDate().minusDays(1).atTime(MORNING).atZone(zone)
            : today)
        .toInstant();
  }
}
