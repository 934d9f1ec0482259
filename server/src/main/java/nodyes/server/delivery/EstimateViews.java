package nodyes.server.delivery;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
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
import nodyes.core.delivery.BusinessCalendar;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.DeliveryRule;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.DeliveryTerms;
import nodyes.core.delivery.DeliveryTimeline;
import nodyes.core.delivery.EstimateExplanation;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.NonWorkingDay;
import nodyes.core.delivery.ShippableItem;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.ProductFacts;
import org.jspecify.annotations.Nullable;

/** What the delivery rules come to for an order, as the owner reads it. */
final class EstimateViews {
  private static final int FORTNIGHT = 14;
  private static final int FORTNIGHTS_BEFORE = 1;
  private static final int LEAST_FORTNIGHTS = 5;
  private static final int MOST_FORTNIGHTS = 30;

  private EstimateViews() {}

  /** An order with all that its delivery rules need. */
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
  record StepView(LocalDate day, DeliveryTimeline.Activity activity, int number) {}

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
      String id,
      boolean applies,
      List<DeliveryTerms.Field> wins,
      List<DeliveryTerms.Field> overruled) {}

  /** A product of a basket. */
  record LineView(String slug, String title, ArrivalView arrival) {}

  /** What an order does on its days, where all goes fast and where it does not. */
  record StepsView(List<StepView> soonest, List<StepView> latest) {}

  /** What the delivery rules give for an order. */
  record RulesView(Map<DayOfWeek, String> cutOffs, List<LayerReading> layers) {}

  /** An order day by day. */
  record JourneyView(
      String town,
      LocalDateTime placedAt,
      @Nullable String country,
      @Nullable Long stock,
      ArrivalView arrival,
      @JsonUnwrapped StepsView steps,
      List<DayView> days,
      @JsonUnwrapped RulesView rules,
      List<LineView> lines,
      List<String> explanation) {}

  /** A country, and when an order there arrives. */
  record CountryArrival(String id, String country, ArrivalView arrival, List<String> holidays) {}

  static ArrivalView together(List<EstimateExplanation> each, Asked asked) {
    var promised = new ArrayList<DeliveryEstimate.Estimated>();
    for (EstimateExplanation one : each) {
      if (!(one.delivery() instanceof DeliveryEstimate.Estimated found)) {
        return arrival(one, asked.zone());
      }
      promised.add(found);
    }
    return arrival(DeliveryEstimate.Estimated.together(promised), asked.zone());
  }

  static ArrivalView arrival(EstimateExplanation one, ZoneId zone) {
    return switch (one.delivery()) {
      case DeliveryEstimate.Estimated promised -> arrival(promised, zone);
      case DeliveryEstimate.Unavailable none ->
          new ArrivalView(null, null, null, EstimateExplanationView.why(none.reason()));
    };
  }

  static ArrivalView arrival(DeliveryEstimate.Estimated promised, ZoneId zone) {
    return new ArrivalView(
        span(promised.leaves()),
        span(promised.arrives()),
        LocalDateTime.ofInstant(promised.cutOff(), zone),
        null);
  }

  static SpanView span(DeliveryEstimate.DateRange span) {
    return new SpanView(span.first(), span.last());
  }

  static List<StepView> steps(List<DeliveryTimeline.Day> steps) {
    return steps.stream()
        .map(step -> new StepView(step.day(), step.activity(), step.number()))
        .toList();
  }

  /** Whole fortnights from a Monday before the order to past its arrival. */
  static List<DayView> days(Asked asked, EstimateExplanation explained) {
    LocalDate placed = LocalDate.ofInstant(asked.moment(), asked.zone());
    LocalDate monday = placed.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    LocalDate first = monday.minusDays((long) FORTNIGHT * FORTNIGHTS_BEFORE);
    LocalDate arrives =
        explained.delivery() instanceof DeliveryEstimate.Estimated promised
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

  static Optional<OffView> off(BusinessCalendar calendar, LocalDate day) {
    return calendar
        .offOn(day)
        .map(
            off ->
                switch (off) {
                  case NonWorkingDay.Weekday _ -> new OffView(Off.WEEKDAY, "");
                  case NonWorkingDay.Holiday(var name) -> new OffView(Off.HOLIDAY, name);
                  case NonWorkingDay.Closed(var name) -> new OffView(Off.CLOSED, name);
                });
  }

  static Map<DayOfWeek, String> cutOffs(EstimateExplanation explained) {
    var times = new EnumMap<DayOfWeek, String>(DayOfWeek.class);
    explained
        .timings()
        .dispatch()
        .ifPresent(
            won -> won.value().cutOffs().forEach((day, time) -> times.put(day, time.toString())));
    return times;
  }

  static List<LayerReading> layers(
      DeliverySettings settings, ShippableItem ware, Asked asked, EstimateExplanation explained) {
    LocalDate day = LocalDate.ofInstant(asked.moment(), asked.zone());
    Map<DeliveryTerms.Field, DeliveryRule> winners = explained.timings().winners();
    return settings.byPrecedence().stream()
        .filter(layer -> layer.scope().holds(ware))
        .map(
            layer -> {
              boolean applies = layer.applies(ware, day);
              var wins = new ArrayList<DeliveryTerms.Field>();
              var overruled = new ArrayList<DeliveryTerms.Field>();
              for (DeliveryTerms.Field field : DeliveryTerms.Field.values()) {
                if (layer.timing().sets(field)) {
                  (layer.equals(winners.get(field)) ? wins : overruled).add(field);
                }
              }
              return new LayerReading(layer.id(), applies, wins, overruled);
            })
        .toList();
  }

  static List<LineView> lines(
      List<ProductFacts> products, List<EstimateExplanation> each, Asked asked) {
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
