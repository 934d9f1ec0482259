package nodyes.server.delivery;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.delivery.Delivery;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.Explained;
import nodyes.core.delivery.Journey;
import nodyes.core.delivery.Order;
import nodyes.core.delivery.Ware;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.showing.Facts;
import nodyes.core.showing.ProductFacts;
import nodyes.core.showing.Showing;
import nodyes.server.delivery.JourneyViews.ArrivalView;
import nodyes.server.delivery.JourneyViews.Asked;
import nodyes.server.delivery.JourneyViews.CountryArrival;
import nodyes.server.delivery.JourneyViews.JourneyView;
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
    ArrivalView arrival =
        each.size() == 1
            ? JourneyViews.arrival(slowest, order.zone())
            : JourneyViews.together(each, order);
    Optional<Journey> journey = Journey.of(slowest);
    return new JourneyView(
        order.zone().getId(),
        LocalDateTime.ofInstant(order.moment().truncatedTo(ChronoUnit.MINUTES), order.zone()),
        country.isEmpty() ? null : country,
        products.size() == 1 ? ware(order, products.getFirst()).stock().orElse(null) : null,
        arrival,
        journey.map(one -> JourneyViews.steps(one.soonest())).orElse(List.of()),
        journey.map(one -> JourneyViews.steps(one.latest())).orElse(List.of()),
        JourneyViews.days(order, slowest),
        JourneyViews.cutOffs(slowest),
        JourneyViews.layers(settings, ware(order, decides), order, slowest),
        products.size() == 1 ? List.of() : JourneyViews.lines(products, each, order),
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
                  each.size() == 1
                      ? JourneyViews.arrival(slowest, order.zone())
                      : JourneyViews.together(each, order),
                  So.holidays(slowest.carrier(), order.moment(), order.zone()));
            })
        .toList();
  }

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
      throw Refusal.notFound("The catalogue holds no such product.");
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
}
