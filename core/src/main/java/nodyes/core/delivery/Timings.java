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
public record Timings(
    Optional<Won<DayRange>> handling,
    Optional<Won<DispatchWeek>> dispatch,
    Optional<Won<Set<HolidayRegion>>> holidays,
    Optional<Won<DayRange>> longer) {

  /**
   * From layers in their order of precedence.
   *
   * @param day the shop's day of the order
   */
  static Timings of(List<Layer> byPrecedence, Ware ware, LocalDate day) {
    Won<DayRange> handling = null;
    Won<DispatchWeek> dispatch = null;
    Won<Set<HolidayRegion>> holidays = null;
    Won<DayRange> longer = null;
    for (Layer layer : byPrecedence) {
      if (!layer.applies(ware, day)) {
        continue;
      }
      Timing timing = layer.timing();
      handling = handling != null ? handling : won(timing, layer, Timing::handling);
      dispatch = dispatch != null ? dispatch : won(timing, layer, Timing::dispatch);
      holidays = holidays != null ? holidays : won(timing, layer, Timing::holidays);
      longer = longer != null ? longer : won(timing, layer, Timing::longer);
    }
    return new Timings(
        Optional.ofNullable(handling),
        Optional.ofNullable(dispatch),
        Optional.ofNullable(holidays),
        Optional.ofNullable(longer));
  }

  private static <T> @org.jspecify.annotations.Nullable Won<T> won(
      Timing timing, Layer layer, Function<Timing, Optional<T>> field) {
    return field.apply(timing).map(value -> new Won<>(value, layer)).orElse(null);
  }

  /** The layer that gives each field that is given at all. */
  public Map<Timing.Field, Layer> winners() {
    var winners = new EnumMap<Timing.Field, Layer>(Timing.Field.class);
    handling.ifPresent(won -> winners.put(Timing.Field.HANDLING, won.layer()));
    dispatch.ifPresent(won -> winners.put(Timing.Field.DISPATCH, won.layer()));
    holidays.ifPresent(won -> winners.put(Timing.Field.HOLIDAYS, won.layer()));
    longer.ifPresent(won -> winners.put(Timing.Field.LONGER, won.layer()));
    return winners;
  }
}
