package nodyes.core.countdown;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Iterator;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.TimeZone;
import org.dmfs.rfc5545.recur.InvalidRecurrenceRuleException;
import org.dmfs.rfc5545.recur.RecurrenceRule;
import org.dmfs.rfc5545.recur.RecurrenceRuleIterator;

/**
 * Wall times by a recurrence rule of RFC 5545. They are worked out on a calendar without a zone;
 * what a wall time is in a zone is for java.time to say.
 */
final class Recurrence implements Iterator<LocalDateTime> {
  private static final TimeZone NO_ZONE = TimeZone.getTimeZone("UTC");

  private final RecurrenceRuleIterator times;
  private final Optional<LocalDateTime> last;

  /**
   * @param rule the rule, such as {@code FREQ=DAILY}
   * @param first where it begins
   * @param from times before this one are passed over
   * @param last no time lies after this one
   */
  Recurrence(String rule, LocalDateTime first, LocalDateTime from, Optional<LocalDateTime> last) {
    try {
      times = new RecurrenceRule(rule).iterator(millis(first), NO_ZONE);
    } catch (InvalidRecurrenceRuleException e) {
      throw new IllegalArgumentException("no rule of RFC 5545: " + rule, e);
    }
    if (from.isAfter(first)) {
      times.fastForward(millis(from));
    }
    this.last = last;
  }

  private static long millis(LocalDateTime time) {
    return time.toInstant(ZoneOffset.UTC).toEpochMilli();
  }

  private static LocalDateTime time(long millis) {
    return LocalDateTime.ofInstant(Instant.ofEpochMilli(millis), ZoneOffset.UTC);
  }

  @Override
  public boolean hasNext() {
    return times.hasNext() && last.filter(end -> time(times.peekMillis()).isAfter(end)).isEmpty();
  }

  @Override
  public LocalDateTime next() {
    if (!hasNext()) {
      throw new NoSuchElementException("the rule has ended");
    }
    return time(times.nextMillis());
  }
}
