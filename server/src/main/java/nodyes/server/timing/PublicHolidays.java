package nodyes.server.timing;

import de.focus_shift.jollyday.core.CalendarHierarchy;
import de.focus_shift.jollyday.core.Holiday;
import de.focus_shift.jollyday.core.HolidayManager;
import de.focus_shift.jollyday.core.HolidayType;
import de.focus_shift.jollyday.core.ManagerParameters;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.Year;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import nodyes.core.delivery.HolidayBook;
import nodyes.core.delivery.HolidayRegion;
import nodyes.core.delivery.JapaneseHolidays;
import org.springframework.stereotype.Component;

/**
 * The public holidays of countries and their parts, by name in English: of every country and year
 * that is asked for. Where a country {@linkplain #knows has none on record}, the owner is told.
 */
@Component
public class PublicHolidays implements HolidayBook {
  private static final String JAPAN = "JP";
  private static final String UNITED_STATES = "US";

  /** A country whose holidays are those of a part of it for most of its people. */
  private static final Map<String, String> CHIEF_PART = Map.of("GB", "eng");

  private record Asked(HolidayRegion region, int year) {}

  private final Map<Asked, Map<LocalDate, String>> known = new ConcurrentHashMap<>();

  /**
   * A country with holidays to choose.
   *
   * @param code ISO 3166
   * @param name in English
   * @param parts those that have holidays of their own
   */
  public record Country(String code, String name, List<Part> parts) {}

  /** A part of a country. */
  public record Part(String code, String name) {}

  /** Those of a year. */
  public Map<LocalDate, String> of(HolidayRegion region, int year) {
    var asked = new Asked(region, year);
    Map<LocalDate, String> days = known.get(asked);
    // asked for each day of each estimate: found without a lock
    return days == null ? known.computeIfAbsent(asked, PublicHolidays::look) : days;
  }

  @Override
  public Optional<String> on(LocalDate day, HolidayRegion region) {
    return Optional.ofNullable(of(region, day.getYear()).get(day));
  }

  private static Map<LocalDate, String> look(Asked asked) {
    String code = asked.region().code();
    String country = code.substring(0, 2);
    if (country.equals(JAPAN)) {
      return asked.year() >= 2022 && asked.year() <= 2099
          ? JapaneseHolidays.of(asked.year())
          : Map.of();
    }
    Optional<HolidayManager> manager = manager(country);
    if (manager.isEmpty()) {
      return Map.of();
    }
    String part =
        code.length() > 3
            ? code.substring(3).toLowerCase(Locale.ROOT)
            : CHIEF_PART.getOrDefault(country, "");
    var found =
        part.isEmpty()
            ? manager.get().getHolidays(Year.of(asked.year()))
            : manager.get().getHolidays(Year.of(asked.year()), part);
    var days = new TreeMap<LocalDate, String>();
    for (Holiday holiday : found) {
      if (holiday.getType() == HolidayType.PUBLIC_HOLIDAY) {
        days.put(holiday.getDate(), holiday.getDescription(Locale.ENGLISH));
      }
    }
    if (country.equals(UNITED_STATES)) {
      // 5 U.S.C. 6103: the library lacks this one federal day
      days.put(
          LocalDate.of(asked.year(), Month.OCTOBER, 1)
              .with(TemporalAdjusters.dayOfWeekInMonth(2, DayOfWeek.MONDAY)),
          "Columbus Day");
    }
    return days;
  }

  private static Optional<HolidayManager> manager(String country) {
    return HolidayManager.getSupportedCalendarCodes().contains(country)
        ? Optional.of(
            HolidayManager.getInstance(ManagerParameters.create(country.toLowerCase(Locale.ROOT))))
        : Optional.empty();
  }

  /** Whether its holidays are known. */
  public boolean knows(HolidayRegion region) {
    String country = region.code().substring(0, 2);
    if (region.code().equals(country)) {
      return country.equals(JAPAN) || manager(country).isPresent();
    }
    return Countries.country(country).parts().stream()
        .anyMatch(part -> part.code().equals(region.code()));
  }

  /** All countries whose holidays are known, by name. */
  public List<Country> countries() {
    return Countries.ALL;
  }

  /** Read once, when it is first asked for. */
  private static final class Countries {
    private static final List<Country> ALL =
        HolidayManager.getSupportedCalendarCodes().stream()
            .filter(code -> code.length() == 2)
            .filter(code -> List.of(Locale.getISOCountries()).contains(code))
            .map(Countries::country)
            .sorted(Comparator.comparing(Country::name))
            .toList();

    private static Country country(String code) {
      var parts = new ArrayList<Part>();
      if (!code.equals(JAPAN)) {
        manager(code)
            .map(HolidayManager::getCalendarHierarchy)
            .map(CalendarHierarchy::getChildren)
            .ifPresent(
                children ->
                    children.forEach(
                        (part, hierarchy) -> {
                          String whole = code + "-" + part.toUpperCase(Locale.ROOT);
                          if (whole.length() <= 6) {
                            parts.add(new Part(whole, hierarchy.getDescription(Locale.ENGLISH)));
                          }
                        }));
      }
      parts.sort(Comparator.comparing(Part::name));
      return new Country(
          code, Locale.of("", code).getDisplayCountry(Locale.ENGLISH), List.copyOf(parts));
    }
  }
}
