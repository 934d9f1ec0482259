package nodyes.core.delivery;

import static java.time.DayOfWeek.FRIDAY;
import static java.time.DayOfWeek.MONDAY;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Orders and delivery rules for tests. */
final class Orders {
  static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");
  static final ShippableItem POT =
      new ShippableItem(
          "pot",
          Set.of("pots", "stone"),
          Set.of("heavy"),
          Optional.of(17L),
          false,
          Optional.empty());
  static final Set<DayOfWeek> WORKDAYS = EnumSet.range(MONDAY, FRIDAY);

  private Orders() {}

  static EstimateRequest order(String placed, String country) {
    return new EstimateRequest(Instant.parse(placed), LISBON, POT, country);
  }

  static ShippableItem soldOut(@Nullable LocalDate backOn) {
    return new ShippableItem(
        "pot", Set.of("pots"), Set.of(), Optional.of(0L), true, Optional.ofNullable(backOn));
  }

  static DispatchSchedule week(String cutOff, Set<DayOfWeek> days) {
    var times = new EnumMap<DayOfWeek, LocalTime>(DayOfWeek.class);
    days.forEach(day -> times.put(day, LocalTime.parse(cutOff)));
    return new DispatchSchedule(times);
  }

  static DeliveryRule shop(DispatchSchedule week, DayRange handling, String... regions) {
    return DeliveryRule.always(
        "shop",
        new RuleScope.Shop(),
        new DeliveryTerms(
            Optional.of(handling),
            Optional.of(week),
            Optional.of(
                java.util.Arrays.stream(regions)
                    .map(HolidayRegion::new)
                    .collect(java.util.stream.Collectors.toSet())),
            Optional.empty()));
  }

  static DeliveryRule handling(String id, RuleScope scope, int least, int most) {
    return DeliveryRule.always(
        id,
        scope,
        new DeliveryTerms(
            Optional.of(new DayRange(least, most)),
            Optional.empty(),
            Optional.empty(),
            Optional.empty()));
  }

  static DeliverySettings settings(List<DeliveryRule> layers, Destination... destinations) {
    return new DeliverySettings(
        Optional.of("PT"), layers, List.of(destinations), CarrierDefaults.USUAL, List.of());
  }

  /** Of one region; the others are known to have none. */
  static HolidayCalendar holidays(String region, String... days) {
    var named = new java.util.HashMap<LocalDate, String>();
    for (String day : days) {
      named.put(LocalDate.parse(day), "holiday");
    }
    return (day, of) ->
        Optional.ofNullable(of.equals(new HolidayRegion(region)) ? named.get(day) : null);
  }
}
