package nodyes.core.delivery;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * How long the way to a country takes; what it leaves empty is as the carrier usually has it.
 *
 * @param id its id among the destinations
 * @param country ISO 3166-1 alpha-2
 * @param on whether it applies at all; where not, the country is one of the others
 * @param season on which days it applies; empty for always
 * @param promised whether a promise is made for it
 * @param transit delivery days on the way
 * @param days the weekdays on which the carrier delivers there
 * @param holidays the regions on whose public holidays it does not; empty for the country's own
 */
public record Destination(
    String id,
    String country,
    boolean on,
    Optional<Season> season,
    boolean promised,
    Optional<DayRange> transit,
    Optional<Set<DayOfWeek>> days,
    Optional<Set<HolidayRegion>> holidays) {
  /** Keeps the sets unchangeable. */
  public Destination {
    days = days.map(Set::copyOf);
    holidays = holidays.map(Set::copyOf);
  }

  /** A country with so many days on the way, and all else as usual. */
  public static Destination of(String id, String country, DayRange transit) {
    return new Destination(
        id,
        country,
        true,
        Optional.empty(),
        true,
        Optional.of(transit),
        Optional.empty(),
        Optional.empty());
  }

  boolean applies(String to, LocalDate day) {
    return on && country.equals(to) && (season.isEmpty() || season.get().holds(day));
  }
}
