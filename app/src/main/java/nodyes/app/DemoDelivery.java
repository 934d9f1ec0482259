package nodyes.app;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.delivery.Carrier;
import nodyes.core.delivery.ClosedDays;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Destination;
import nodyes.core.delivery.DispatchWeek;
import nodyes.core.delivery.HolidayRegion;
import nodyes.core.delivery.Layer;
import nodyes.core.delivery.Scope;
import nodyes.core.delivery.Season;
import nodyes.core.delivery.Timing;

/** When the demo shop's orders leave and arrive. */
final class DemoDelivery {
  private static final LocalTime CUT_OFF = LocalTime.of(16, 0);
  private static final LocalTime FRIDAY = LocalTime.of(14, 0);
  private static final long STOCK_KEPT = 4;

  private DemoDelivery() {}

  static DeliverySettings settings(LocalDate today) {
    int year = today.getYear();
    return new DeliverySettings(
        Optional.of("PT"),
        List.of(
            new Layer(
                "celadon",
                new Scope.Product("celadon-planter"),
                true,
                Optional.empty(),
                Optional.of(STOCK_KEPT),
                leaves(0, 1)),
            Layer.always("made-to-order", new Scope.Tag("made-to-order"), leaves(6, 9)),
            Layer.always(
                "heavy",
                new Scope.Tag("heavy"),
                new Timing(
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(new DayRange(1, 3)))),
            new Layer(
                "december",
                new Scope.Shop(),
                true,
                Optional.of(new Season(LocalDate.of(year, 12, 7), LocalDate.of(year, 12, 22))),
                Optional.empty(),
                leaves(2, 3)),
            Layer.always(
                "shop",
                new Scope.Shop(),
                new Timing(
                    Optional.of(new DayRange(1, 2)),
                    Optional.of(week()),
                    Optional.of(Set.of(new HolidayRegion("PT"))),
                    Optional.empty()))),
        List.of(
            Destination.of("de", "DE", new DayRange(3, 4)),
            Destination.of("pt", "PT", new DayRange(1, 2)),
            new Destination(
                "es",
                "ES",
                true,
                Optional.empty(),
                true,
                Optional.of(new DayRange(2, 3)),
                Optional.of(EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.SATURDAY)),
                Optional.empty()),
            Destination.of("fr", "FR", new DayRange(3, 5)),
            Destination.of("gb", "GB", new DayRange(4, 6)),
            Destination.of("us", "US", new DayRange(7, 11)),
            Destination.of("jp", "JP", new DayRange(8, 12))),
        Carrier.USUAL,
        List.of(
            new ClosedDays(
                LocalDate.of(year, 12, 23), LocalDate.of(year, 12, 31), "The kiln rests")));
  }

  private static Timing leaves(int least, int most) {
    return new Timing(
        Optional.of(new DayRange(least, most)),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  private static DispatchWeek week() {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    for (DayOfWeek day : EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.THURSDAY)) {
      times.put(day, CUT_OFF);
    }
    times.putAll(Map.of(DayOfWeek.FRIDAY, FRIDAY));
    return new DispatchWeek(times);
  }
}
