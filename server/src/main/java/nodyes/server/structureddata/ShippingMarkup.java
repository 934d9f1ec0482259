package nodyes.server.structureddata;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.delivery.BusinessCalendar;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.DispatchSchedule;
import nodyes.core.delivery.EstimateExplanation;
import nodyes.core.delivery.EstimateRequest;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.ShippableItem;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.NodEvaluator;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.evaluation.VariantFacts;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.structureddata.Availability;
import nodyes.core.structureddata.OfferShippingMarkup;
import nodyes.server.nods.NodLayout;
import nodyes.server.nods.Nods;
import nodyes.server.pages.FactLoader;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** The ways of a product as structured data: of each country to which a promise is made. */
@Component
class ShippingMarkup {
  private final FactLoader facts;
  private final Nods nods;
  private final Clock clock;

  ShippingMarkup(FactLoader facts, Nods nods, Clock clock) {
    this.facts = facts;
    this.nods = nods;
    this.clock = clock;
  }

  /** The tree with an offer; as it was where nothing is promised or no price is known. */
  Optional<Map<String, Object>> with(
      Optional<Map<String, Object>> tree, Slug slug, String title, String address) {
    NodLayout published = nods.published();
    if (published.delivery().isEmpty()) {
      return tree;
    }
    Instant now = clock.instant();
    var viewpoint =
        new Viewpoint(
            PageKind.PRODUCT,
            List.of(slug),
            Optional.empty(),
            Optional.empty(),
            Locale.ENGLISH,
            Optional.empty(),
            now);
    Facts known = facts.load(published.with(List.of()), viewpoint);
    ProductFacts product = known.products().get(slug);
    Optional<Money> price =
        Optional.ofNullable(product).flatMap(one -> one.price(Optional.empty(), now));
    if (product == null || price.isEmpty()) {
      return tree;
    }
    List<Map<String, Object>> ways =
        ways(known.delivery(), NodEvaluator.ware(product, known, viewpoint), known.zone(), now);
    Optional<Availability> availability = availability(known, product, viewpoint);
    // where nothing is promised, that it is sold out is still told
    boolean isSoldOut =
        availability.filter(one -> one.term() == Availability.Term.OUT_OF_STOCK).isPresent();
    return ways.isEmpty() && !isSoldOut
        ? tree
        : Optional.of(
            OfferShippingMarkup.offered(
                tree.orElse(Map.of()),
                new OfferShippingMarkup.Listing(title, address, price.get(), availability),
                ways));
  }

  private static Optional<Availability> availability(
      Facts known, ProductFacts product, Viewpoint viewpoint) {
    ShippableItem ware = NodEvaluator.ware(product, known, viewpoint);
    boolean isMadeToOrder =
        product.variants().values().stream().anyMatch(VariantFacts::isMadeToOrder);
    return Availability.of(
        ware.stock(),
        isMadeToOrder,
        ware.availableFrom(),
        LocalDate.ofInstant(viewpoint.moment(), known.zone()));
  }

  /** Of what is back on a day to come, the wait for it is part of the handling. */
  private static DayRange handling(EstimateExplanation one, DeliveryEstimate.Estimated promised) {
    DayRange usual = one.handling().orElseThrow();
    if (promised.availableFrom().isEmpty() || one.shop().isEmpty()) {
      return usual;
    }
    BusinessCalendar shop = one.shop().get();
    return new DayRange(
        shop.between(promised.placedOn(), promised.leaves().first()),
        shop.between(promised.placedOn(), promised.leaves().last()));
  }

  private static List<Map<String, Object>> ways(
      Estimator estimator, ShippableItem ware, ZoneId zone, Instant now) {
    var ways = new ArrayList<Map<String, Object>>();
    for (String country : estimator.settings().countries()) {
      EstimateExplanation one = estimator.explain(new EstimateRequest(now, zone, ware, country));
      if (one.delivery() instanceof DeliveryEstimate.Estimated promised) {
        DispatchSchedule week = one.timings().dispatch().orElseThrow().value();
        ways.add(
            OfferShippingMarkup.of(
                country,
                new OfferShippingMarkup.Speed(
                    handling(one, promised),
                    one.transit().orElseThrow(),
                    promised.cutOff().atZone(zone),
                    week.cutOffs().keySet())));
      }
    }
    return ways;
  }
}
