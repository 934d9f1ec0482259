package nodyes.server.delivery;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.delivery.DayOff;
import nodyes.core.delivery.Delivery;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.Explained;
import nodyes.core.delivery.Journey;
import nodyes.core.delivery.Layer;
import nodyes.core.delivery.Timing;
import nodyes.core.delivery.Ware;
import nodyes.core.delivery.WorkCalendar;
import nodyes.core.showing.Facts;
import nodyes.core.showing.ProductFacts;
import org.jspecify.annotations.Nullable;

/** What the timings come to for an order, as the owner reads it. */
final class JourneyViews {
  private static final int FORTNIGHT = 14;
  private static final int FORTNIGHTS_BEFORE = 1;
  private static final int LEAST_FORTNIGHTS = 5;
  private static final int MOST_FORTNIGHTS = 30;

  private JourneyViews() {}

  /** An order with all that its timings need. */
  record Asked(
      Instant moment,
      ZoneId zone,
      Estimator estimator,
      Facts facts,
      List<ProductFacts> products,
      Optional<String> variant) {}

  /** Why a day does not count. */
  enum Off {
    WEEKDAY,
    HOLIDAY,
    CLOSED
  }

  /** Why a day does not count, by its name where it has one. */
  record OffView(Off why, String name) {}

  /** A day: whether the shop sends, and whether the carrier delivers. */
  record DayView(LocalDate day, @Nullable OffView shop, @Nullable OffView carrier) {}

  /** What an order does on a day. */
  record StepView(LocalDate day, Journey.Doing doing, int number) {}

  /** From a day to a day. */
  record SpanView(LocalDate first, LocalDate last) {}

  /** When it comes, or why that cannot be said. */
  record ArrivalView(
      @Nullable SpanView leaves,
      @Nullable SpanView arrives,
      @Nullable LocalDateTime cutOff,
      @Nullable String none) {}

  /**
   * What a layer gives for this order.
   *
   * @param wins the fields that are its
   * @param overruled the fields that a narrower one gives
   */
  record LayerReading(
      String id, boolean applies, List<Timing.Field> wins, List<Timing.Field> overruled) {}

  /** A product of a basket. */
  record LineView(String slug, String title, ArrivalView arrival) {}

  /** An order day by day. */
  record JourneyView(
      String zone,
      LocalDateTime placed,
      @Nullable String country,
      @Nullable Long stock,
      ArrivalView arrival,
      List<StepView> soonest,
      List<StepView> latest,
      List<DayView> days,
      Map<DayOfWeek, String> cutOffs,
      List<LayerReading> layers,
      List<LineView> lines,
      List<String> so) {}

  /** A country, and when an order there arrives. */
  record CountryArrival(String id, String country, ArrivalView arrival, List<String> holidays) {}

  static ArrivalView together(List<Explained> each, Asked asked) {
    var promised = new ArrayList<Delivery.Promised>();
    for (Explained one : each) {
      if (!(one.delivery() instanceof Delivery.Promised found)) {
        return arrival(one, asked.zone());
      }
      promised.add(found);
    }
    return arrival(Delivery.Promised.together(promised), asked.zone());
  }

  static ArrivalView arrival(Explained one, ZoneId zone) {
    return switch (one.delivery()) {
      case Delivery.Promised promised -> arrival(promised, zone);
      case Delivery.None none -> new ArrivalView(null, null, null, none.reason().words());
    };
  }

  static ArrivalView arrival(Delivery.Promised promised, ZoneId zone) {
    return new ArrivalView(
        span(promised.leaves()),
        span(promised.arrives()),
        LocalDateTime.ofInstant(promised.cutOff(), zone),
        null);
  }

  static SpanView span(Delivery.Span span) {
    return new SpanView(span.first(), span.last());
  }

  static List<StepView> steps(List<Journey.Step> steps) {
    return steps.stream()
        .map(step -> new StepView(step.day(), step.doing(), step.number()))
        .toList();
  }

  /** Whole fortnights from a Monday before the order to past its arrival. */
  static List<DayView> days(Asked asked, Explained explained) {
    LocalDate placed = LocalDate.ofInstant(asked.moment(), asked.zone());
    LocalDate monday = placed.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    LocalDate first = monday.minusDays((long) FORTNIGHT * FORTNIGHTS_BEFORE);
    LocalDate arrives =
        explained.delivery() instanceof Delivery.Promised promised
            ? promised.arrives().last()
            : placed;
    long needed = ChronoUnit.DAYS.between(first, arrives) / FORTNIGHT + 2;
    long fortnights = Math.clamp(needed, LEAST_FORTNIGHTS, MOST_FORTNIGHTS);
    var days = new ArrayList<DayView>();
    for (int i = 0; i < fortnights * FORTNIGHT; i++) {
      LocalDate day = first.plusDays(i);
      days.add(
          new DayView(
              day,
              explained.shop().flatMap(shop -> off(shop, day)).orElse(null),
              off(explained.carrier(), day).orElse(null)));
    }
    return days;
  }

  static Optional<OffView> off(WorkCalendar calendar, LocalDate day) {
    return calendar
        .offOn(day)
        .map(
            off ->
                switch (off) {
                  case DayOff.Weekday _ -> new OffView(Off.WEEKDAY, "");
                  case DayOff.Holiday(var name) -> new OffView(Off.HOLIDAY, name);
                  case DayOff.Closed(var name) -> new OffView(Off.CLOSED, name);
                });
  }

  static Map<DayOfWeek, String> cutOffs(Explained explained) {
    var times = new EnumMap<DayOfWeek, String>(DayOfWeek.class);
    explained
        .timings()
        .dispatch()
        .ifPresent(
            won -> won.value().cutOffs().forEach((day, time) -> times.put(day, time.toString())));
    return times;
  }

  static List<LayerReading> layers(
      DeliverySettings settings, Ware ware, Asked asked, Explained explained) {
    LocalDate day = LocalDate.ofInstant(asked.moment(), asked.zone());
    Map<Timing.Field, Layer> winners = explained.timings().winners();
    return settings.byPrecedence().stream()
        .filter(layer -> layer.scope().holds(ware))
        .map(
            layer -> {
              boolean applies = layer.applies(ware, day);
              var wins = new ArrayList<Timing.Field>();
              var overruled = new ArrayList<Timing.Field>();
              for (Timing.Field field : Timing.Field.values()) {
                if (layer.timing().sets(field)) {
                  (layer.equals(winners.get(field)) ? wins : overruled).add(field);
                }
              }
              return new LayerReading(layer.id(), applies, wins, overruled);
            })
        .toList();
  }

  static List<LineView> lines(List<ProductFacts> products, List<Explained> each, Asked asked) {
    var lines = new ArrayList<LineView>();
    for (int i = 0; i < products.size(); i++) {
      ProductFacts product = products.get(i);
      lines.add(
          new LineView(
              product.slug().value(), product.title(), arrival(each.get(i), asked.zone())));
    }
    return lines;
  }
}
