package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The public holidays of regions, with their names. A region or year that it was not given is not
 * without holidays: it is not known, and asking for it fails.
 */
@FunctionalInterface
public interface HolidayCalendar {
  /** For settings that speak of no region; asking for any fails. */
  HolidayCalendar NONE = of(Map.of());

  /**
   * What a day is in a region, if it is a holiday there.
   *
   * @throws IllegalStateException where the region's holidays were not loaded
   */
  Optional<String> on(LocalDate day, HolidayRegion region);

  /** What a day is in one of some regions, if it is a holiday there. */
  default Optional<String> on(LocalDate day, Set<HolidayRegion> regions) {
    for (HolidayRegion region : regions) {
      Optional<String> name = on(day, region);
      if (name.isPresent()) {
        return name;
      }
    }
    return Optional.empty();
  }

  /** With the holidays of these regions in all years, and of no others. */
  static HolidayCalendar of(Map<HolidayRegion, Map<LocalDate, String>> byRegion) {
    var copy = new HashMap<HolidayRegion, Map<LocalDate, String>>();
    byRegion.forEach((region, days) -> copy.put(region, Map.copyOf(days)));
    return (day, region) -> {
      Map<LocalDate, String> days = copy.get(region);
      if (days == null) {
        throw new IllegalStateException("the holidays of " + region.code() + " were not loaded");
      }
      return Optional.ofNullable(days.get(day));
    };
  }
}
