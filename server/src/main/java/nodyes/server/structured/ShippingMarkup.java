package nodyes.server.structured;

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
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.Delivery;
import nodyes.core.delivery.DispatchWeek;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.Explained;
import nodyes.core.delivery.Order;
import nodyes.core.delivery.Ware;
import nodyes.core.delivery.WorkCalendar;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.showing.Facts;
import nodyes.core.showing.ProductFacts;
import nodyes.core.showing.Showing;
import nodyes.core.showing.VariantFacts;
import nodyes.core.structured.Availability;
import nodyes.core.structured.ShippingDetails;
import nodyes.server.nods.Arrangement;
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
    Arrangement published = nods.published();
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
        ways(known.delivery(), Showing.ware(product, known, viewpoint), known.zone(), now);
    Optional<Availability> availability = availability(known, product, viewpoint);
    // where nothing is promised, that it is sold out is still told
    boolean isSoldOut =
        availability.filter(one -> one.term() == Availability.Term.OUT_OF_STOCK).isPresent();
    return ways.isEmpty() && !isSoldOut
        ? tree
        : Optional.of(
            ShippingDetails.offered(
                tree.orElse(Map.of()), title, address, price.get(), availability, ways));
  }

  private static Optional<Availability> availability(
      Facts known, ProductFacts product, Viewpoint viewpoint) {
    Ware ware = Showing.ware(product, known, viewpoint);
    boolean isMadeToOrder =
        product.variants().values().stream().anyMatch(VariantFacts::isMadeToOrder);
    return Availability.of(
        ware.stock(),
        isMadeToOrder,
        ware.backOn(),
        LocalDate.ofInstant(viewpoint.moment(), known.zone()));
  }

  /** Of what is back on a day to come, the wait for it is part of the handling. */
  private static DayRange handling(Explained one, Delivery.Promised promised) {
    DayRange usual = one.handling().orElseThrow();
    if (promised.backOn().isEmpty() || one.shop().isEmpty()) {
      return usual;
    }
    WorkCalendar shop = one.shop().get();
    return new DayRange(
        shop.between(promised.placedOn(), promised.leaves().first()),
        shop.between(promised.placedOn(), promised.leaves().last()));
  }

  private static List<Map<String, Object>> ways(
      Estimator estimator, Ware ware, ZoneId zone, Instant now) {
    var ways = new ArrayList<Map<String, Object>>();
    for (String country : estimator.settings().countries()) {
      Explained one = estimator.explain(new Order(now, zone, ware, country));
      if (one.delivery() instanceof Delivery.Promised promised) {
        DispatchWeek week = one.timings().dispatch().orElseThrow().value();
        ways.add(
            ShippingDetails.of(
                country,
                handling(one, promised),
                one.transit().orElseThrow(),
                promised.cutOff().atZone(zone).toLocalTime(),
                zone,
                promised.cutOff(),
                week.cutOffs().keySet()));
      }
    }
    return ways;
  }
}
