package nodyes.core.imports;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;

/**
 * A date as it is written somewhere: a day, maybe with a time, maybe with how far its clock is from
 * Greenwich.
 *
 * @param day the day on the clock that it is written by
 * @param time the time on that clock; empty where only the day is written
 * @param offset that clock's distance from UTC; empty where it is not written
 */
public record WrittenDate(LocalDate day, Optional<LocalTime> time, Optional<ZoneOffset> offset) {
  /** An instant as UTC has it. */
  static WrittenDate of(Instant instant) {
    var utc = instant.atOffset(ZoneOffset.UTC);
    return new WrittenDate(
        utc.toLocalDate(), Optional.of(utc.toLocalTime()), Optional.of(ZoneOffset.UTC));
  }

  /** A day without a time. */
  static WrittenDate of(LocalDate day) {
    return new WrittenDate(day, Optional.empty(), Optional.empty());
  }

  /**
   * The day that it was in {@code zone}: another one than is written where a time is written by a
   * clock elsewhere; else the day that is written.
   */
  public LocalDate dayIn(ZoneId zone) {
    return time.isPresent() && offset.isPresent()
        ? instantIn(zone).atZone(zone).toLocalDate()
        : day;
  }

  /**
   * The instant, by the clock of {@code zone} where no other is written. Of a day without a time it
   * is the day's start, so that nothing counts as newer than it may be.
   */
  public Instant instantIn(ZoneId zone) {
    if (time.isEmpty()) {
      return day.atStartOfDay(zone).toInstant();
    }
    var local = day.atTime(time.get());
    return offset.map(local::toInstant).orElseGet(() -> local.atZone(zone).toInstant());
  }
}
