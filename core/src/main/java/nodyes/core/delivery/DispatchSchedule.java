package nodyes.core.delivery;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * On which weekdays orders leave, and until when they must be there to count on that day.
 *
 * @param cutOffs the cut-off of each such weekday on the shop's clock; none where nothing ever
 *     leaves
 */
public record DispatchSchedule(Map<DayOfWeek, LocalTime> cutOffs) {
  /** Keeps them in the order of the week, unchangeable. */
  public DispatchSchedule {
    var sorted = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    sorted.putAll(cutOffs);
    cutOffs = Collections.unmodifiableMap(sorted);
  }
}
