package nodyes.core.countdown;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import nodyes.core.common.Unfit;

/**
 * How long something lasts. As in RFC 5545, section 3.3.6, days are days of the calendar, which end
 * at the wall time at which they began; hours and minutes are exact.
 *
 * @param days 0 to 366
 * @param hours 0 to 23
 * @param minutes 0 to 59
 */
public record CalendarDuration(int days, int hours, int minutes) {
  private static final int MOST_DAYS = 366;

  /** Throws {@link IllegalArgumentException} where it is nothing, or over 366 days. */
  public CalendarDuration {
    if (days < 0 || hours < 0 || hours > 23 || minutes < 0 || minutes > 59) {
      throw new Unfit("ending.problem.length");
    }
    if (days + hours + minutes == 0) {
      throw new Unfit("ending.problem.tooShort");
    }
    if (days > MOST_DAYS || (days == MOST_DAYS && hours + minutes > 0)) {
      throw new Unfit("ending.problem.tooLong");
    }
  }

  /** When it ends that begins then. */
  ZonedDateTime after(ZonedDateTime start) {
    return start.plusDays(days).plusHours(hours).plusMinutes(minutes);
  }

  /** The same on a calendar whose days all have 24 hours. */
  LocalDateTime after(LocalDateTime start) {
    return start.plus(Duration.ofDays(days).plusHours(hours).plusMinutes(minutes));
  }
}
