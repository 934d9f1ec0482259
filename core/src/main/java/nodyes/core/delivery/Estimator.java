package nodyes.core.delivery;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ValidUntil;

/**
 * Reckons when orders arrive. Day 0 is the day of the order on the shop's clock where that is a
 * dispatch day and its cut-off has not come, else the next dispatch day; handling counts dispatch
 * days from it, the way counts the carrier's delivery days from when it leaves. Of a cut-off that a
 * clock change repeats the first is meant; one that it skips lies as much later.
 */
public final class Estimator {
  private final DeliverySettings settings;
  private final HolidayBook holidays;
  private final List<Layer> byPrecedence;

  /** Of what the owner set, with the holidays of its {@linkplain DeliverySettings#regions}. */
  public Estimator(DeliverySettings settings, HolidayBook holidays) {
    this.settings = settings;
    this.holidays = holidays;
    this.byPrecedence = settings.byPrecedence();
  }

  /** What the owner set. */
  public DeliverySettings settings() {
    return settings;
  }

  /** When an order arrives. */
  public Delivery estimate(Order order) {
    return explain(order).delivery();
  }

  /** When an order arrives, and why. */
  public Explained explain(Order order) {
    LocalDate day = order.day();
    Timings timings = Timings.of(byPrecedence, order.ware(), day);
    Optional<Destination> way = settings.to(order.country(), day);
    Optional<WorkCalendar> shop = timings.dispatch().map(won -> shop(won.value(), timings));
    WorkCalendar carrier = carrier(order.country(), way);
    Optional<DayRange> handling = timings.handling().map(Won::value);
    Optional<DayRange> transit =
        way.isPresent() && !way.get().promised()
            ? Optional.empty()
            : way.flatMap(Destination::transit)
                .or(() -> settings.carrier().transit())
                .map(days -> days.plus(timings.longer().map(Won::value).orElse(DayRange.NONE)));
    return new Explained(
        delivery(order, timings, shop, carrier, transit),
        timings,
        shop,
        carrier,
        handling,
        transit,
        way);
  }

  private WorkCalendar shop(DispatchWeek week, Timings timings) {
    return new WorkCalendar(
        week.cutOffs().keySet(),
        timings.holidays().map(Won::value).orElse(Set.of()),
        holidays,
        settings.closed());
  }

  private WorkCalendar carrier(String country, Optional<Destination> way) {
    return new WorkCalendar(
        way.flatMap(Destination::days).orElse(settings.carrier().days()),
        way.flatMap(Destination::holidays).orElseGet(() -> Set.of(new HolidayRegion(country))),
        holidays,
        List.of());
  }

  private Delivery delivery(
      Order order,
      Timings timings,
      Optional<WorkCalendar> shop,
      WorkCalendar carrier,
      Optional<DayRange> transit) {
    ValidUntil seasons = settings.seasonsHoldOn(order.day(), order.zone());
    if (timings.handling().isEmpty() || shop.isEmpty() || timings.dispatch().isEmpty()) {
      return new Delivery.None(Delivery.Reason.NO_TIMING, seasons);
    }
    if (transit.isEmpty()) {
      return new Delivery.None(Delivery.Reason.NOT_SERVED, seasons);
    }
    DispatchWeek week = timings.dispatch().get().value();
    return beginning(order, week, shop.get(), seasons)
        .map(
            begun ->
                arriving(
                    order,
                    begun,
                    timings.handling().get().value(),
                    transit.get(),
                    week,
                    new Calendars(shop.get(), carrier)))
        .orElseGet(() -> unavailable(order, seasons));
  }

  /** Whose days count. */
  private record Calendars(WorkCalendar shop, WorkCalendar carrier) {}

  /**
   * From when an order counts.
   *
   * @param dayZero the day that it counts on; empty where none comes in a year
   * @param backOn the day from which what is sold out can be had again
   */
  private record Beginning(
      Optional<LocalDate> dayZero, Optional<LocalDate> backOn, ValidUntil until) {}

  /** Empty where it is sold out without a day to come. */
  private Optional<Beginning> beginning(
      Order order, DispatchWeek week, WorkCalendar shop, ValidUntil seasons) {
    Optional<LocalDate> counts = dayZero(order, week, shop);
    if (!order.ware().isSoldOut()) {
      return Optional.of(new Beginning(counts, Optional.empty(), seasons));
    }
    return order
        .ware()
        .backOn()
        .filter(day -> !day.isBefore(order.day()))
        .map(
            day -> {
              Optional<LocalDate> ready = shop.from(day);
              return new Beginning(
                  counts.flatMap(zero -> ready.map(one -> one.isAfter(zero) ? one : zero)),
                  Optional.of(day),
                  seasons.and(ValidUntil.before(start(day.plusDays(1), order))));
            });
  }

  private static Delivery unavailable(Order order, ValidUntil seasons) {
    return new Delivery.None(
        order.ware().backOn().isEmpty() ? Delivery.Reason.SOLD_OUT : Delivery.Reason.BACK_ON_OVER,
        seasons);
  }

  private static Delivery arriving(
      Order order,
      Beginning begun,
      DayRange handling,
      DayRange transit,
      DispatchWeek week,
      Calendars calendars) {
    Optional<LocalDate> leavesFirst =
        begun.dayZero().flatMap(day -> calendars.shop().plus(day, handling.least()));
    Optional<LocalDate> leavesLast =
        begun.dayZero().flatMap(day -> calendars.shop().plus(day, handling.most()));
    if (begun.dayZero().isEmpty() || leavesFirst.isEmpty() || leavesLast.isEmpty()) {
      return never(Delivery.Reason.NEVER_LEAVES, order, begun.until());
    }
    Optional<LocalDate> first = calendars.carrier().plus(leavesFirst.get(), transit.least());
    Optional<LocalDate> last = calendars.carrier().plus(leavesLast.get(), transit.most());
    if (first.isEmpty() || last.isEmpty()) {
      return never(Delivery.Reason.NEVER_ARRIVES, order, begun.until());
    }
    Instant cutOff = cutOff(begun.dayZero().get(), week, order);
    return new Delivery.Promised(
        order.day(),
        begun.dayZero().get(),
        new Delivery.Span(leavesFirst.get(), leavesLast.get()),
        new Delivery.Span(first.get(), last.get()),
        cutOff,
        begun.backOn(),
        ValidUntil.before(cutOff).and(begun.until()));
  }

  /** None in the coming year; the next day looks a day further. */
  private static Delivery never(Delivery.Reason reason, Order order, ValidUntil until) {
    return new Delivery.None(
        reason, until.and(ValidUntil.before(start(order.day().plusDays(1), order))));
  }

  private static Instant start(LocalDate day, Order order) {
    return day.atStartOfDay(order.zone()).toInstant();
  }

  private static Optional<LocalDate> dayZero(Order order, DispatchWeek week, WorkCalendar shop) {
    LocalDate today = order.day();
    boolean isInTime = shop.counts(today) && order.placed().isBefore(cutOff(today, week, order));
    return isInTime ? Optional.of(today) : shop.from(today.plusDays(1));
  }

  private static Instant cutOff(LocalDate day, DispatchWeek week, Order order) {
    return day.atTime(Objects.requireNonNull(week.cutOffs().get(day.getDayOfWeek())))
        .atZone(order.zone())
        .toInstant();
  }
}
