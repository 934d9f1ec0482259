package nodyes.server.delivery;

import static nodyes.server.messages.Texts.text;

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
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.DeliveryTimeline;
import nodyes.core.delivery.EstimateExplanation;
import nodyes.core.delivery.EstimateRequest;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.ReturnEstimate;
import nodyes.core.delivery.ReturnRule;
import nodyes.core.delivery.ShippableItem;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.NodEvaluator;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.server.delivery.EstimateViews.ArrivalView;
import nodyes.server.delivery.EstimateViews.Asked;
import nodyes.server.delivery.EstimateViews.CountryArrival;
import nodyes.server.delivery.EstimateViews.JourneyView;
import nodyes.server.estimates.EstimatorFactory;
import nodyes.server.messages.Written;
import nodyes.server.nods.Nods;
import nodyes.server.pages.CatalogueFactsCache;
import nodyes.server.pages.ViewpointParser;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * What the draft's delivery rules come to for an order: day by day, layer by layer, country by
 * country.
 */
@RestController
@Tag(name = "delivery")
@RequestMapping("/api/v1/delivery")
class EstimateApi {

  private final Nods nods;
  private final CatalogueFactsCache facts;
  private final EstimatorFactory reckoner;
  private final Shop shop;
  private final Clock clock;

  EstimateApi(
      Nods nods, CatalogueFactsCache facts, EstimatorFactory reckoner, Shop shop, Clock clock) {
    this.nods = nods;
    this.facts = facts;
    this.reckoner = reckoner;
    this.shop = shop;
    this.clock = clock;
  }

  /** What is ordered, when, and where it goes; several products are a basket. */
  record JourneyAsked(
      String product, @Nullable String variant, @Nullable String at, @Nullable String country) {}

  @GetMapping("/estimate")
  JourneyView journey(@ParameterObject JourneyAsked asked) {
    Asked order = asked(asked);
    DeliverySettings settings = order.estimator().settings();
    String country = country(asked, settings);
    List<ProductFacts> products = order.products();
    List<EstimateExplanation> each =
        products.stream().map(product -> explain(order, product, country)).toList();
    EstimateExplanation slowest = slowest(each);
    ProductFacts decides = products.get(each.indexOf(slowest));
    ArrivalView arrival =
        each.size() == 1
            ? EstimateViews.arrival(slowest, order.zone())
            : EstimateViews.together(each, order);
    Optional<DeliveryTimeline> journey = DeliveryTimeline.of(slowest);
    return new JourneyView(
        Written.placeOf(order.zone()),
        LocalDateTime.ofInstant(order.moment().truncatedTo(ChronoUnit.MINUTES), order.zone()),
        country.isEmpty() ? null : country,
        products.size() == 1 ? ware(order, products.getFirst()).stock().orElse(null) : null,
        arrival,
        new EstimateViews.StepsView(
            journey.map(one -> EstimateViews.steps(one.soonest())).orElse(List.of()),
            journey.map(one -> EstimateViews.steps(one.latest())).orElse(List.of())),
        EstimateViews.days(order, slowest),
        new EstimateViews.RulesView(
            EstimateViews.cutOffs(slowest),
            EstimateViews.layers(settings, ware(order, decides), order, slowest)),
        products.size() == 1 ? List.of() : EstimateViews.lines(products, each, order),
        EstimateExplanationView.of(slowest, order.moment(), order.zone(), country));
  }

  /**
   * Until when what is ordered can be sent back; of several things, what is true of each.
   *
   * @param rules those that apply, by their ids
   * @param ruled whether one applies to each thing
   * @param arriving whether it is known of each thing when it arrives
   * @param lastDay the last day for sending it back; missing where not all of it can be
   */
  record ReturnReading(
      List<String> rules, boolean ruled, boolean arriving, @Nullable LocalDate lastDay) {}

  @GetMapping("/returns")
  ReturnReading returns(@ParameterObject JourneyAsked asked) {
    Asked order = asked(asked);
    String country = country(asked, order.estimator().settings());
    ReturnEstimate returns =
        order
            .estimator()
            .returns(
                order.products().stream()
                    .map(product -> request(order, product, country))
                    .toList());
    return new ReturnReading(
        returns.things().stream()
            .flatMap(thing -> thing.rule().stream())
            .map(ReturnRule::id)
            .distinct()
            .toList(),
        returns.things().stream().allMatch(thing -> thing.rule().isPresent()),
        returns.things().stream()
            .allMatch(thing -> thing.delivery() instanceof DeliveryEstimate.Estimated),
        returns.shortest().map(ReturnEstimate.Period::lastDay).orElse(null));
  }

  private static String country(JourneyAsked asked, DeliverySettings settings) {
    return Optional.ofNullable(asked.country())
        .filter(code -> !code.isBlank())
        .or(settings::home)
        .orElse("");
  }

  @GetMapping("/estimates-by-country")
  List<CountryArrival> arrivals(@ParameterObject JourneyAsked asked) {
    Asked order = asked(asked);
    return order.estimator().settings().destinations().stream()
        .map(
            one -> {
              List<EstimateExplanation> each =
                  order.products().stream()
                      .map(product -> explain(order, product, one.country()))
                      .toList();
              EstimateExplanation slowest = slowest(each);
              return new CountryArrival(
                  one.id(),
                  one.country(),
                  each.size() == 1
                      ? EstimateViews.arrival(slowest, order.zone())
                      : EstimateViews.together(each, order),
                  EstimateExplanationView.holidays(
                      slowest.carrier(), order.moment(), order.zone()));
            })
        .toList();
  }

  private Asked asked(JourneyAsked asked) {
    ZoneId zone = shop.settings().zone();
    Instant moment = ViewpointParser.moment(asked.at(), zone, clock.instant());
    Estimator estimator = reckoner.of(nods.draft().delivery(), moment);
    Facts known = facts.get();
    Viewpoint viewpoint =
        ViewpointParser.of(
            new ViewpointParser.Asked("product", asked.product(), null, null, null), moment);
    List<ProductFacts> products =
        viewpoint.products().stream()
            .flatMap(slug -> Optional.ofNullable(known.products().get(slug)).stream())
            .toList();
    if (products.isEmpty()) {
      throw ApiProblem.notFound(text("problems.noSuchProduct"));
    }
    return new Asked(
        moment, zone, estimator, known, products, Optional.ofNullable(asked.variant()));
  }

  private static ShippableItem ware(Asked asked, ProductFacts product) {
    return NodEvaluator.ware(
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

  private static EstimateExplanation explain(Asked asked, ProductFacts product, String country) {
    return asked.estimator().explain(request(asked, product, country));
  }

  private static EstimateRequest request(Asked asked, ProductFacts product, String country) {
    return new EstimateRequest(
        asked.moment(), asked.zone(), ware(asked, product), country.isEmpty() ? "ZZ" : country);
  }

  /** The one that decides when all is there; one without a promise before all. */
  private static EstimateExplanation slowest(List<EstimateExplanation> each) {
    return each.stream()
        .max(
            java.util.Comparator.comparing(
                one ->
                    one.delivery() instanceof DeliveryEstimate.Estimated promised
                        ? promised.arrives().last()
                        : LocalDate.MAX))
        .orElseThrow();
  }
}
