package nodyes.core.delivery;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
  private static final int MOST_KEPT = 10_000;

  private final DeliverySettings settings;
  private final HolidayCalendar holidays;
  private final List<DeliveryRule> byPrecedence;
  private final Optional<Map<Alike, EstimateExplanation>> kept;

  /** Of what the owner set, with the holidays of its {@linkplain DeliverySettings#regions}. */
  public Estimator(DeliverySettings settings, HolidayCalendar holidays) {
    this(settings, holidays, Optional.empty());
  }

  private Estimator(
      DeliverySettings settings,
      HolidayCalendar holidays,
      Optional<Map<Alike, EstimateExplanation>> kept) {
    this.settings = settings;
    this.holidays = holidays;
    this.byPrecedence = settings.byPrecedence();
    this.kept = kept;
  }

  /**
   * One that works out once what is alike, for very many things that are ordered at a few moments.
   * Of one thread, and for the time that such a question takes.
   */
  public Estimator keeping() {
    return new Estimator(settings, holidays, Optional.of(new HashMap<>()));
  }

  /** What the owner set. */
  public DeliverySettings settings() {
    return settings;
  }

  /** When an order arrives. */
  public DeliveryEstimate estimate(EstimateRequest order) {
    return explain(order).delivery();
  }

  /** When an order arrives, and why. */
  public EstimateExplanation explain(EstimateRequest order) {
    if (kept.isEmpty()) {
      return workOut(order);
    }
    Map<Alike, EstimateExplanation> known = kept.get();
    if (known.size() > MOST_KEPT) {
      known.clear();
    }
    return known.computeIfAbsent(Alike.of(order, byPrecedence), _ -> workOut(order));
  }

  /** All that an answer depends on, besides what the owner set. */
  private record Alike(
      Instant placedAt,
      ZoneId zone,
      String country,
      boolean isSoldOut,
      Optional<LocalDate> availableFrom,
      BitSet rules) {
    static Alike of(EstimateRequest order, List<DeliveryRule> byPrecedence) {
      LocalDate day = order.day();
      ShippableItem ware = order.ware();
      var rules = new BitSet(byPrecedence.size());
      for (int i = 0; i < byPrecedence.size(); i++) {
        rules.set(i, byPrecedence.get(i).applies(ware, day));
      }
      return new Alike(
          order.placedAt(),
          order.zone(),
          order.country(),
          ware.isSoldOut(),
          ware.availableFrom(),
          rules);
    }
  }

  private EstimateExplanation workOut(EstimateRequest order) {
    LocalDate day = order.day();
    ResolvedTerms timings = ResolvedTerms.of(byPrecedence, order.ware(), day);
    Optional<Destination> way = settings.to(order.country(), day);
    Optional<BusinessCalendar> shop = timings.dispatch().map(won -> shop(won.value(), timings));
    BusinessCalendar carrier = carrier(order.country(), way);
    Optional<DayRange> handling = timings.handling().map(RuleMatch::value);
    Optional<DayRange> transit =
        way.isPresent() && !way.get().promised()
            ? Optional.empty()
            : way.flatMap(Destination::transit)
                .or(() -> settings.carrier().transit())
                .map(
                    days ->
                        days.plus(timings.longer().map(RuleMatch::value).orElse(DayRange.NONE)));
    return new EstimateExplanation(
        delivery(order, timings, shop, carrier, transit),
        timings,
        shop,
        carrier,
        handling,
        transit,
        way);
  }

  /** Until when the things of an order can be sent back; one or more, ordered at once. */
  public ReturnEstimate returns(List<EstimateRequest> things) {
    ValidUntil until = ValidUntil.NEVER_ENDS;
    var each = new ArrayList<ReturnEstimate.Thing>();
    for (EstimateRequest thing : things) {
      DeliveryEstimate delivery = estimate(thing);
      each.add(
          new ReturnEstimate.Thing(
              delivery, settings.returnsOf(thing.ware(), thing.country(), thing.day())));
      until =
          until.and(delivery.validUntil()).and(settings.returnsHoldOn(thing.day(), thing.zone()));
    }
    return new ReturnEstimate(each, until);
  }

  private BusinessCalendar shop(DispatchSchedule week, ResolvedTerms timings) {
    return new BusinessCalendar(
        week.cutOffs().keySet(),
        timings.holidays().map(RuleMatch::value).orElse(Set.of()),
        holidays,
        settings.closed());
  }

  private BusinessCalendar carrier(String country, Optional<Destination> way) {
    return new BusinessCalendar(
        way.flatMap(Destination::days).orElse(settings.carrier().days()),
        way.flatMap(Destination::holidays).orElseGet(() -> Set.of(new HolidayRegion(country))),
        holidays,
        List.of());
  }

  private DeliveryEstimate delivery(
      EstimateRequest order,
      ResolvedTerms timings,
      Optional<BusinessCalendar> shop,
      BusinessCalendar carrier,
      Optional<DayRange> transit) {
    ValidUntil seasons = settings.seasonsHoldOn(order.day(), order.zone());
    if (timings.handling().isEmpty() || shop.isEmpty() || timings.dispatch().isEmpty()) {
      return new DeliveryEstimate.Unavailable(DeliveryEstimate.Reason.NO_TIMING, seasons);
    }
    if (transit.isEmpty()) {
      return new DeliveryEstimate.Unavailable(DeliveryEstimate.Reason.NOT_SERVED, seasons);
    }
    DispatchSchedule week = timings.dispatch().get().value();
    return beginning(order, week, shop.get(), seasons)
        .map(
            begun ->
                arriving(
                    order,
                    begun,
                    new Spans(timings.handling().get().value(), transit.get()),
                    week,
                    new Calendars(shop.get(), carrier)))
        .orElseGet(() -> unavailable(order, seasons));
  }

  /** How many days are counted until it leaves, and on the way. */
  private record Spans(DayRange handling, DayRange transit) {}

  /** Whose days count. */
  private record Calendars(BusinessCalendar shop, BusinessCalendar carrier) {}

  /**
   * From when an order counts.
   *
   * @param dayZero the day that it counts on; empty where none comes in a year
   * @param availableFrom the day from which what is sold out can be had again
   */
  private record Beginning(
      Optional<LocalDate> dayZero, Optional<LocalDate> availableFrom, ValidUntil until) {}

  /** Empty where it is sold out without a day to come. */
  private Optional<Beginning> beginning(
      EstimateRequest order, DispatchSchedule week, BusinessCalendar shop, ValidUntil seasons) {
    Optional<LocalDate> counts = dayZero(order, week, shop);
    if (!order.ware().isSoldOut()) {
      return Optional.of(new Beginning(counts, Optional.empty(), seasons));
    }
    return order
        .ware()
        .availableFrom()
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

  private static DeliveryEstimate unavailable(EstimateRequest order, ValidUntil seasons) {
    return new DeliveryEstimate.Unavailable(
        order.ware().availableFrom().isEmpty()
            ? DeliveryEstimate.Reason.SOLD_OUT
            : DeliveryEstimate.Reason.BACK_ON_OVER,
        seasons);
  }

  private static DeliveryEstimate arriving(
      EstimateRequest order,
      Beginning begun,
      Spans spans,
      DispatchSchedule week,
      Calendars calendars) {
    Optional<LocalDate> leavesFirst =
        begun.dayZero().flatMap(day -> calendars.shop().plus(day, spans.handling().least()));
    Optional<LocalDate> leavesLast =
        begun.dayZero().flatMap(day -> calendars.shop().plus(day, spans.handling().most()));
    if (begun.dayZero().isEmpty() || leavesFirst.isEmpty() || leavesLast.isEmpty()) {
      return never(DeliveryEstimate.Reason.NEVER_LEAVES, order, begun.until());
    }
    Optional<LocalDate> first =
        calendars.carrier().plus(leavesFirst.get(), spans.transit().least());
    Optional<LocalDate> last = calendars.carrier().plus(leavesLast.get(), spans.transit().most());
    if (first.isEmpty() || last.isEmpty()) {
      return never(DeliveryEstimate.Reason.NEVER_ARRIVES, order, begun.until());
    }
    Instant cutOff = cutOff(begun.dayZero().get(), week, order);
    return new DeliveryEstimate.Estimated(
        order.day(),
        begun.dayZero().get(),
        new DeliveryEstimate.DateRange(leavesFirst.get(), leavesLast.get()),
        new DeliveryEstimate.DateRange(first.get(), last.get()),
        cutOff,
        begun.availableFrom(),
        ValidUntil.before(cutOff).and(begun.until()));
  }

  /** None in the coming year; the next day looks a day further. */
  private static DeliveryEstimate never(
      DeliveryEstimate.Reason reason, EstimateRequest order, ValidUntil until) {
    return new DeliveryEstimate.Unavailable(
        reason, until.and(ValidUntil.before(start(order.day().plusDays(1), order))));
  }

  private static Instant start(LocalDate day, EstimateRequest order) {
    return day.atStartOfDay(order.zone()).toInstant();
  }

  private static Optional<LocalDate> dayZero(
      EstimateRequest order, DispatchSchedule week, BusinessCalendar shop) {
    LocalDate today = order.day();
    boolean isInTime = shop.counts(today) && order.placedAt().isBefore(cutOff(today, week, order));
    return isInTime ? Optional.of(today) : shop.from(today.plusDays(1));
  }

  private static Instant cutOff(LocalDate day, DispatchSchedule week, EstimateRequest order) {
    return day.atTime(Objects.requireNonNull(week.cutOffs().get(day.getDayOfWeek())))
        .atZone(order.zone())
        .toInstant();
  }
}
