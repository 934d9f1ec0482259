package nodyes.server.delivery;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Clock;
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
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nodyes.core.delivery.DayOff;
import nodyes.core.delivery.Delivery;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.Explained;
import nodyes.core.delivery.Journey;
import nodyes.core.delivery.Layer;
import nodyes.core.delivery.Order;
import nodyes.core.delivery.Timing;
import nodyes.core.delivery.Ware;
import nodyes.core.delivery.WorkCalendar;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.showing.Facts;
import nodyes.core.showing.ProductFacts;
import nodyes.core.showing.Showing;
import nodyes.server.nods.Nods;
import nodyes.server.pages.AllFacts;
import nodyes.server.pages.Viewpoints;
import nodyes.server.shop.Shop;
import nodyes.server.timing.Reckoner;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * What the draft's timings come to for an order: day by day, layer by layer, country by country.
 */
@RestController
@Tag(name = "delivery")
@RequestMapping("/api/v1/delivery")
class JourneyApi {
  private static final int FORTNIGHT = 14;
  private static final int FORTNIGHTS_BEFORE = 1;
  private static final int LEAST_FORTNIGHTS = 5;
  private static final int MOST_FORTNIGHTS = 30;

  private final Nods nods;
  private final AllFacts facts;
  private final Reckoner reckoner;
  private final Shop shop;
  private final Clock clock;

  JourneyApi(Nods nods, AllFacts facts, Reckoner reckoner, Shop shop, Clock clock) {
    this.nods = nods;
    this.facts = facts;
    this.reckoner = reckoner;
    this.shop = shop;
    this.clock = clock;
  }

  /** What is ordered, when, and where it goes; several products are a basket. */
  record JourneyAsked(
      String product, @Nullable String variant, @Nullable String at, @Nullable String country) {}

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

  @GetMapping("/journey")
  JourneyView journey(@ParameterObject JourneyAsked asked) {
    Asked order = asked(asked);
    DeliverySettings settings = order.estimator().settings();
    String country =
        Optional.ofNullable(asked.country())
            .filter(code -> !code.isBlank())
            .or(settings::home)
            .orElse("");
    List<ProductFacts> products = order.products();
    List<Explained> each =
        products.stream().map(product -> explain(order, product, country)).toList();
    Explained slowest = slowest(each);
    ProductFacts decides = products.get(each.indexOf(slowest));
    ArrivalView arrival = each.size() == 1 ? arrival(slowest, order.zone()) : together(each, order);
    Optional<Journey> journey = Journey.of(slowest);
    return new JourneyView(
        order.zone().getId(),
        LocalDateTime.ofInstant(order.moment().truncatedTo(ChronoUnit.MINUTES), order.zone()),
        country.isEmpty() ? null : country,
        products.size() == 1 ? ware(order, products.getFirst()).stock().orElse(null) : null,
        arrival,
        journey.map(one -> steps(one.soonest())).orElse(List.of()),
        journey.map(one -> steps(one.latest())).orElse(List.of()),
        days(order, slowest),
        cutOffs(slowest),
        layers(settings, ware(order, decides), order, slowest),
        products.size() == 1 ? List.of() : lines(products, each, order),
        So.of(slowest, order.moment(), order.zone(), country));
  }

  @GetMapping("/arrivals")
  List<CountryArrival> arrivals(@ParameterObject JourneyAsked asked) {
    Asked order = asked(asked);
    return order.estimator().settings().destinations().stream()
        .map(
            one -> {
              List<Explained> each =
                  order.products().stream()
                      .map(product -> explain(order, product, one.country()))
                      .toList();
              Explained slowest = slowest(each);
              return new CountryArrival(
                  one.id(),
                  one.country(),
                  each.size() == 1 ? arrival(slowest, order.zone()) : together(each, order),
                  So.holidays(slowest.carrier(), order.moment(), order.zone()));
            })
        .toList();
  }

  private record Asked(
      Instant moment,
      ZoneId zone,
      Estimator estimator,
      Facts facts,
      List<ProductFacts> products,
      Optional<String> variant) {}

  private Asked asked(JourneyAsked asked) {
    ZoneId zone = shop.settings().zone();
    Instant moment = Viewpoints.moment(asked.at(), zone, clock.instant());
    Estimator estimator = reckoner.of(nods.draft().delivery(), moment);
    Facts known = facts.get();
    Viewpoint viewpoint = Viewpoints.of("product", asked.product(), null, null, null, moment);
    List<ProductFacts> products =
        viewpoint.products().stream()
            .flatMap(slug -> Optional.ofNullable(known.products().get(slug)).stream())
            .toList();
    if (products.isEmpty()) {
      throw Refusal.notFound("The catalogue holds no product of that name.");
    }
    return new Asked(
        moment, zone, estimator, known, products, Optional.ofNullable(asked.variant()));
  }

  private static Ware ware(Asked asked, ProductFacts product) {
    return Showing.ware(
        product,
        asked.facts(),
        new Viewpoint(
            PageKind.PRODUCT,
            List.of(product.slug()),
            asked.variant().filter(product.variants()::containsKey),
            Optional.empty(),
            Locale.ENGLISH,
            Optional.empty(),
            asked.moment()));
  }

  private static Explained explain(Asked asked, ProductFacts product, String country) {
    return asked
        .estimator()
        .explain(
            new Order(
                asked.moment(),
                asked.zone(),
                ware(asked, product),
                country.isEmpty() ? "ZZ" : country));
  }

  /** The one that decides when all is there; one without a promise before all. */
  private static Explained slowest(List<Explained> each) {
    return each.stream()
        .max(
            java.util.Comparator.comparing(
                one ->
                    one.delivery() instanceof Delivery.Promised promised
                        ? promised.arrives().last()
                        : LocalDate.MAX))
        .orElseThrow();
  }

  private static ArrivalView together(List<Explained> each, Asked asked) {
    var promised = new ArrayList<Delivery.Promised>();
    for (Explained one : each) {
      if (!(one.delivery() instanceof Delivery.Promised found)) {
        return arrival(one, asked.zone());
      }
      promised.add(found);
    }
    return arrival(Delivery.Promised.together(promised), asked.zone());
  }

  private static ArrivalView arrival(Explained one, ZoneId zone) {
    return switch (one.delivery()) {
      case Delivery.Promised promised -> arrival(promised, zone);
      case Delivery.None none -> new ArrivalView(null, null, null, none.reason().words());
    };
  }

  private static ArrivalView arrival(Delivery.Promised promised, ZoneId zone) {
    return new ArrivalView(
        span(promised.leaves()),
        span(promised.arrives()),
        LocalDateTime.ofInstant(promised.cutOff(), zone),
        null);
  }

  private static SpanView span(Delivery.Span span) {
    return new SpanView(span.first(), span.last());
  }

  private static List<StepView> steps(List<Journey.Step> steps) {
    return steps.stream()
        .map(step -> new StepView(step.day(), step.doing(), step.number()))
        .toList();
  }

  /** Whole fortnights from a Monday before the order to past its arrival. */
  private static List<DayView> days(Asked asked, Explained explained) {
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

  private static Optional<OffView> off(WorkCalendar calendar, LocalDate day) {
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

  private static Map<DayOfWeek, String> cutOffs(Explained explained) {
    var times = new EnumMap<DayOfWeek, String>(DayOfWeek.class);
    explained
        .timings()
        .dispatch()
        .ifPresent(
            won -> won.value().cutOffs().forEach((day, time) -> times.put(day, time.toString())));
    return times;
  }

  private static List<LayerReading> layers(
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

  private static List<LineView> lines(
      List<ProductFacts> products, List<Explained> each, Asked asked) {
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
