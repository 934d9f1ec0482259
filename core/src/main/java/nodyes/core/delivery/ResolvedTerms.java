package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Whose timing wins, field by field.
 *
 * @param handling working days until it leaves
 * @param dispatch weekdays and cut-offs
 * @param holidays regions on whose holidays nothing leaves
 * @param longer working days longer on the way
 */
public record ResolvedTerms(
    Optional<RuleMatch<DayRange>> handling,
    Optional<RuleMatch<DispatchSchedule>> dispatch,
    Optional<RuleMatch<Set<HolidayRegion>>> holidays,
    Optional<RuleMatch<DayRange>> longer) {

  /**
   * From layers in their order of precedence.
   *
   * @param day the shop's day of the order
   */
  static ResolvedTerms of(List<DeliveryRule> byPrecedence, ShippableItem ware, LocalDate day) {
    RuleMatch<DayRange> handling = null;
    RuleMatch<DispatchSchedule> dispatch = null;
    RuleMatch<Set<HolidayRegion>> holidays = null;
    RuleMatch<DayRange> longer = null;
    for (DeliveryRule layer : byPrecedence) {
      if (!layer.applies(ware, day)) {
        continue;
      }
      DeliveryTerms timing = layer.timing();
      handling = handling != null ? handling : won(timing, layer, DeliveryTerms::handling);
      dispatch = dispatch != null ? dispatch : won(timing, layer, DeliveryTerms::dispatch);
      holidays = holidays != null ? holidays : won(timing, layer, DeliveryTerms::holidays);
      longer = longer != null ? longer : won(timing, layer, DeliveryTerms::longer);
    }
    return new ResolvedTerms(
        Optional.ofNullable(handling),
        Optional.ofNullable(dispatch),
        Optional.ofNullable(holidays),
        Optional.ofNullable(longer));
  }

  private static <T> @org.jspecify.annotations.Nullable RuleMatch<T> won(
      DeliveryTerms timing, DeliveryRule layer, Function<DeliveryTerms, Optional<T>> field) {
    return field.apply(timing).map(value -> new RuleMatch<>(value, layer)).orElse(null);
  }

  /** The layer that gives each field that is given at all. */
  public Map<DeliveryTerms.Field, DeliveryRule> winners() {
    var winners = new EnumMap<DeliveryTerms.Field, DeliveryRule>(DeliveryTerms.Field.class);
    handling.ifPresent(won -> winners.put(DeliveryTerms.Field.HANDLING, won.layer()));
    dispatch.ifPresent(won -> winners.put(DeliveryTerms.Field.DISPATCH, won.layer()));
    holidays.ifPresent(won -> winners.put(DeliveryTerms.Field.HOLIDAYS, won.layer()));
    longer.ifPresent(won -> winners.put(DeliveryTerms.Field.LONGER, won.layer()));
    return winners;
  }
}
