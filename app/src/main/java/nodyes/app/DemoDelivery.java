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
import nodyes.core.delivery.CarrierDefaults;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliveryRule;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.DeliveryTerms;
import nodyes.core.delivery.Destination;
import nodyes.core.delivery.DispatchSchedule;
import nodyes.core.delivery.HolidayRegion;
import nodyes.core.delivery.ReturnRule;
import nodyes.core.delivery.RuleScope;
import nodyes.core.delivery.Season;
import nodyes.core.delivery.ShopClosure;

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
            new DeliveryRule(
                "celadon",
                new RuleScope.Product("celadon-planter"),
                true,
                Optional.empty(),
                Optional.of(STOCK_KEPT),
                leaves(0, 1)),
            DeliveryRule.always("made-to-order", new RuleScope.Tag("made-to-order"), leaves(6, 9)),
            DeliveryRule.always(
                "heavy",
                new RuleScope.Tag("heavy"),
                new DeliveryTerms(
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(new DayRange(1, 3)))),
            new DeliveryRule(
                "december",
                new RuleScope.Shop(),
                true,
                Optional.of(new Season(LocalDate.of(year, 12, 7), LocalDate.of(year, 12, 22))),
                Optional.empty(),
                leaves(2, 3)),
            DeliveryRule.always(
                "shop",
                new RuleScope.Shop(),
                new DeliveryTerms(
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
        CarrierDefaults.USUAL,
        List.of(
            new ShopClosure(
                LocalDate.of(year, 12, 23), LocalDate.of(year, 12, 31), "The kiln rests")),
        returns(year));
  }

  private static List<ReturnRule> returns(int year) {
    return List.of(
        ReturnRule.always("made-to-order", new RuleScope.Tag("made-to-order"), 0),
        new ReturnRule(
            "overseas",
            new RuleScope.Shop(),
            Optional.of("US"),
            true,
            Optional.empty(),
            45,
            Optional.empty()),
        new ReturnRule(
            "presents",
            new RuleScope.Shop(),
            Optional.empty(),
            true,
            Optional.of(new Season(LocalDate.of(year, 11, 1), LocalDate.of(year, 12, 24))),
            30,
            Optional.of(LocalDate.of(year + 1, 1, 31))),
        ReturnRule.always("shop", new RuleScope.Shop(), 30));
  }

  private static DeliveryTerms leaves(int least, int most) {
    return new DeliveryTerms(
        Optional.of(new DayRange(least, most)),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  private static DispatchSchedule week() {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    for (DayOfWeek day : EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.THURSDAY)) {
      times.put(day, CUT_OFF);
    }
    times.putAll(Map.of(DayOfWeek.FRIDAY, FRIDAY));
    return new DispatchSchedule(times);
  }
}
