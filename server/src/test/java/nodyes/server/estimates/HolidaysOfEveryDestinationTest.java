package nodyes.server.estimates;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nodyes.core.delivery.CarrierDefaults;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.DeliveryRule;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.DeliveryTerms;
import nodyes.core.delivery.Destination;
import nodyes.core.delivery.DispatchSchedule;
import nodyes.core.delivery.EstimateRequest;
import nodyes.core.delivery.HolidayRegion;
import nodyes.core.delivery.RuleScope;
import nodyes.core.delivery.ShippableItem;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Input: a shop in Lisbon that names no destination, 4 to 6 days usual on the way. Countries
 * without a line of their own had no holidays: an order of 21 December 2026, 10:00, was promised to
 * Austria for 25 to 30 December.
 */
public class HolidaysOfEveryDestinationTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  private static final ShippableItem POT =
      new ShippableItem("pot", Set.of(), Set.of(), Optional.of(3L), false, Optional.empty());
  private static final EnumSet<DayOfWeek> WORKDAYS =
      EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);

  private final EstimatorFactory reckoner = new EstimatorFactory(new PublicHolidays());

  private static DeliverySettings settings(DayRange usual, Destination... lines) {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    WORKDAYS.forEach(day -> times.put(day, LocalTime.of(16, 0)));
    return new DeliverySettings(
        Optional.of("PT"),
        List.of(
            DeliveryRule.always(
                "shop",
                new RuleScope.Shop(),
                new DeliveryTerms(
                    Optional.of(new DayRange(0, 1)),
                    Optional.of(new DispatchSchedule(times)),
                    Optional.of(Set.of(new HolidayRegion("PT"))),
                    Optional.empty()))),
        List.of(lines),
        new CarrierDefaults(Optional.of(usual), WORKDAYS),
        List.of());
  }

  private DeliveryEstimate.Estimated promised(
      DeliverySettings settings, String placed, String country) {
    Instant moment = Instant.parse(placed);
    return (DeliveryEstimate.Estimated)
        reckoner.of(settings, moment).estimate(new EstimateRequest(moment, LISBON, POT, country));
  }

  /** Where it goes, when it was ordered, and the right days. */
  @DataProvider
  Object[][] orders() {
    return new Object[][] {
      // Feiertagsruhegesetz 1957, section 1: 25 and 26 December
      {"AT", 4, 6, "2026-12-21T10:00:00Z", "2026-12-28", "2026-12-31"},
      // Legge 27 maggio 1949, n. 260, art. 2: 8 December. In Portugal it is one too
      {"IT", 1, 2, "2026-12-07T10:00:00Z", "2026-12-09", "2026-12-11"},
      // Semesterlag 1977:480, section 3 a: Midsummer Eve counts as a holiday
      {"SE", 1, 2, "2026-06-18T10:00:00Z", "2026-06-22", "2026-06-23"},
    };
  }

  @Test(dataProvider = "orders")
  public void aCountryWithoutALineKeepsItsHolidays(
      String country, int least, int most, String placed, String first, String last) {
    var usual = new DayRange(least, most);
    var right = new DeliveryEstimate.DateRange(LocalDate.parse(first), LocalDate.parse(last));
    assertEquals(promised(settings(usual), placed, country).arrives(), right);
    var line = Destination.of("one", country, usual);
    assertEquals(promised(settings(usual, line), placed, country).arrives(), right);
    var off =
        new Destination(
            "one",
            country,
            false,
            Optional.empty(),
            true,
            line.transit(),
            Optional.empty(),
            Optional.empty());
    assertEquals(promised(settings(usual, off), placed, country).arrives(), right);
  }

  /** For every country there is: a promise comes to no day that is a holiday there. */
  @Test
  public void nothingArrivesOnAHolidayAnywhere() {
    var holidays = new PublicHolidays();
    int known = 0;
    for (String country : Locale.getISOCountries()) {
      var region = new HolidayRegion(country);
      known += holidays.knows(region) ? 1 : 0;
      for (int month = 1; month <= 12; month++) {
        String placed = "2027-%02d-20T10:00:00Z".formatted(month);
        DeliveryEstimate.Estimated promised =
            promised(settings(new DayRange(2, 8)), placed, country);
        for (LocalDate day : List.of(promised.arrives().first(), promised.arrives().last())) {
          assertTrue(holidays.on(day, region).isEmpty(), country + " on " + day);
        }
      }
    }
    assertTrue(known > 60, "countries whose holidays are known: " + known);
  }

  /** A day of restock five years on: its year's holidays are known as well. */
  @Test
  public void aYearFarAheadHasHolidaysToo() {
    var later =
        new ShippableItem(
            "pot",
            Set.of(),
            Set.of(),
            Optional.of(0L),
            true,
            Optional.of(LocalDate.of(2031, 12, 22)));
    Instant moment = Instant.parse("2026-11-29T10:00:00Z");
    var delivery =
        (DeliveryEstimate.Estimated)
            reckoner
                .of(settings(new DayRange(3, 3)), moment)
                .estimate(new EstimateRequest(moment, LISBON, later, "AT"));
    // Thursday and Friday, 25 and 26 December 2031, do not count
    assertEquals(delivery.arrives().first(), LocalDate.of(2031, 12, 29));
  }
}
