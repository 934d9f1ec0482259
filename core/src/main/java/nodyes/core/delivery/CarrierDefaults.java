package nodyes.core.delivery;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * How the carrier usually has it, and so how it is for the countries without a line of their own.
 *
 * @param transit delivery days on the way; empty where no promise is made
 * @param days the weekdays on which it delivers
 */
public record CarrierDefaults(Optional<DayRange> transit, Set<DayOfWeek> days) {
  /** From Monday to Friday, and no promise elsewhere. */
  public static final CarrierDefaults USUAL =
      new CarrierDefaults(Optional.empty(), EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));

  /** Keeps the days unchangeable. */
  public CarrierDefaults {
    days = Set.copyOf(days);
  }
}
