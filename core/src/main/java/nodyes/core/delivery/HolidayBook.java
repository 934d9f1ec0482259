package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The public holidays of regions, with their names.
 *
 * @param byRegion for each region the days and what they are
 */
public record HolidayBook(Map<HolidayRegion, Map<LocalDate, String>> byRegion) {
  /** No holidays anywhere. */
  public static final HolidayBook NONE = new HolidayBook(Map.of());

  /** Keeps all of it unchangeable. */
  public HolidayBook {
    var copy = new HashMap<HolidayRegion, Map<LocalDate, String>>();
    byRegion.forEach((region, days) -> copy.put(region, Map.copyOf(days)));
    byRegion = Map.copyOf(copy);
  }

  /** What a day is in one of some regions, if it is a holiday there. */
  Optional<String> on(LocalDate day, Set<HolidayRegion> regions) {
    for (HolidayRegion region : regions) {
      String name = byRegion.getOrDefault(region, Map.of()).get(day);
      if (name != null) {
        return Optional.of(name);
      }
    }
    return Optional.empty();
  }
}
