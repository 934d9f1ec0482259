package nodyes.server.estimates;

import static nodyes.server.messages.Texts.text;

import com.ibm.icu.text.Collator;
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
import nodyes.core.delivery.HolidayCalendar;
import nodyes.core.delivery.HolidayRegion;
import nodyes.core.delivery.JapaneseHolidays;
import nodyes.server.messages.Texts;
import org.springframework.stereotype.Component;

/**
 * The public holidays of countries and their parts, by name: of every country and year that is
 * asked for. Where a country {@linkplain #knows has none on record}, the owner is told.
 */
@Component
public class PublicHolidays implements HolidayCalendar {
  private static final String JAPAN = "JP";
  private static final String UNITED_STATES = "US";

  /** A country whose holidays are those of a part of it for most of its people. */
  private static final Map<String, String> CHIEF_PART = Map.of("GB", "eng");

  private record Asked(HolidayRegion region, int year, Locale language) {}

  private final Map<Locale, List<Country>> countries = new ConcurrentHashMap<>();

  private final Map<Asked, Map<LocalDate, String>> known = new ConcurrentHashMap<>();

  /**
   * A country with holidays to choose.
   *
   * @param code ISO 3166
   * @param name in the language that is spoken
   * @param parts those that have holidays of their own
   */
  public record Country(String code, String name, List<Part> parts) {}

  /** A part of a country. */
  public record Part(String code, String name) {}

  /** Those of a year, with their names in the language that is spoken, else in English. */
  public Map<LocalDate, String> of(HolidayRegion region, int year) {
    var asked = new Asked(region, year, Texts.spoken());
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
          ? named(JapaneseHolidays.of(asked.year()))
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
        days.put(holiday.getDate(), holiday.getDescription(asked.language()));
      }
    }
    if (country.equals(UNITED_STATES)) {
      // 5 U.S.C. 6103: the library lacks this one federal day
      days.put(
          LocalDate.of(asked.year(), Month.OCTOBER, 1)
              .with(TemporalAdjusters.dayOfWeekInMonth(2, DayOfWeek.MONDAY)),
          text("holidays.COLUMBUS_DAY"));
    }
    return days;
  }

  private static Map<LocalDate, String> named(Map<LocalDate, JapaneseHolidays.Name> days) {
    var named = new TreeMap<LocalDate, String>();
    days.forEach((day, name) -> named.put(day, text("holidays." + name)));
    return named;
  }

  /** One at a time: the library looks for its parts in a way that is not made for several. */
  private static synchronized Optional<HolidayManager> manager(String country) {
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
    return country(country, Locale.ENGLISH).parts().stream()
        .anyMatch(part -> part.code().equals(region.code()));
  }

  /** All countries whose holidays are known, by their names in the language that is spoken. */
  public List<Country> countries() {
    return countries.computeIfAbsent(
        Texts.spoken(),
        language ->
            HolidayManager.getSupportedCalendarCodes().stream()
                .filter(code -> code.length() == 2)
                .filter(code -> List.of(Locale.getISOCountries()).contains(code))
                .map(code -> country(code, language))
                .sorted(Comparator.comparing(Country::name, Collator.getInstance(language)))
                .toList());
  }

  private static Country country(String code, Locale language) {
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
                          parts.add(new Part(whole, hierarchy.getDescription(language)));
                        }
                      }));
    }
    parts.sort(Comparator.comparing(Part::name, Collator.getInstance(language)));
    return new Country(code, Locale.of("", code).getDisplayCountry(language), List.copyOf(parts));
  }
}
