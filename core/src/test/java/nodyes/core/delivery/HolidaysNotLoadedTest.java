package nodyes.core.delivery;

import static nodyes.core.delivery.Orders.order;
import static nodyes.core.delivery.Orders.settings;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Input: 4 to 6 days usual on the way, an order from Lisbon to Austria, 21 December 2026, 10:00.
 * Austria had no line of its own, so its holidays were not loaded, and not loaded was taken for
 * none: 25 to 30 December. Christmas Day and St Stephen's Day are holidays there.
 */
public class HolidaysNotLoadedTest {
  private static final Map<LocalDate, String> AUSTRIAN =
      Map.of(
          LocalDate.of(2026, 12, 8), "Immaculate Conception",
          LocalDate.of(2026, 12, 25), "Christmas Day",
          LocalDate.of(2026, 12, 26), "St Stephen's Day",
          LocalDate.of(2027, 1, 1), "New Year");
  private static final HolidayCalendar BOOK =
      HolidayCalendar.of(
          Map.of(new HolidayRegion("AT"), AUSTRIAN, new HolidayRegion("PT"), new HashMap<>()));
  private static final CarrierDefaults USUALLY =
      new CarrierDefaults(Optional.of(new DayRange(4, 6)), Orders.WORKDAYS);
  private static final DeliveryEstimate.DateRange RIGHT =
      new DeliveryEstimate.DateRange(LocalDate.of(2026, 12, 28), LocalDate.of(2026, 12, 31));

  private static DeliveryEstimate.DateRange arrives(Destination... lines) {
    DeliverySettings set =
        settings(
            List.of(Orders.shop(Orders.week("16:00", Orders.WORKDAYS), new DayRange(0, 1), "PT")),
            lines);
    var usual =
        new DeliverySettings(set.home(), set.layers(), set.destinations(), USUALLY, List.of());
    DeliveryEstimate delivery =
        new Estimator(usual, BOOK).estimate(order("2026-12-21T10:00:00Z", "AT"));
    return ((DeliveryEstimate.Estimated) delivery).arrives();
  }

  private static Destination line(boolean on, Optional<Season> season) {
    return new Destination(
        "at", "AT", on, season, true, USUALLY.transit(), Optional.empty(), Optional.empty());
  }

  @DataProvider
  Object[][] lines() {
    var summer = Optional.of(new Season(LocalDate.of(2026, 6, 1), LocalDate.of(2026, 8, 31)));
    return new Object[][] {
      {"without a line", new Destination[0]},
      {"with a line", new Destination[] {line(true, Optional.empty())}},
      {"with a line that is off", new Destination[] {line(false, Optional.empty())}},
      {"out of season", new Destination[] {line(true, summer)}},
    };
  }

  @Test(dataProvider = "lines")
  public void theHolidaysOfWhereItGoesCount(String how, Destination[] lines) {
    assertEquals(arrives(lines), RIGHT, how);
  }

  @Test
  public void aCalendarThatIsNotLoadedIsNotOneWithoutHolidays() {
    var calendar =
        new BusinessCalendar(Orders.WORKDAYS, Set.of(new HolidayRegion("SE")), BOOK, List.of());
    assertThrows(IllegalStateException.class, () -> calendar.counts(LocalDate.of(2026, 12, 21)));
  }
}
