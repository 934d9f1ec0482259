package nodyes.server.delivery;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.EstimateRequest;
import nodyes.core.delivery.ShippableItem;
import nodyes.core.evaluation.ProductFacts;
import nodyes.server.estimates.EstimatorFactory;
import nodyes.server.nods.NodLayoutPublished;
import nodyes.server.nods.Nods;
import nodyes.server.orders.OrdersChanged;
import nodyes.server.pages.CatalogueFactsCache;
import nodyes.server.shop.Shop;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Keeps what was promised of each order: as shoppers were told when it was placed, or, where it
 * comes here long after that, as they would be told now.
 */
@Component
class PromiseRecorder {
  private static final Duration LOOKED_BACK = Duration.ofDays(400);
  private static final Duration LATE = Duration.ofDays(1);
  private static final int AT_ONCE = 2000;

  private final PromisedParcelStore store;
  private final Nods nods;
  private final CatalogueFactsCache facts;
  private final EstimatorFactory reckoner;
  private final Shop shop;
  private final Clock clock;

  PromiseRecorder(
      PromisedParcelStore store,
      Nods nods,
      CatalogueFactsCache facts,
      EstimatorFactory reckoner,
      Shop shop,
      Clock clock) {
    this.store = store;
    this.nods = nods;
    this.facts = facts;
    this.reckoner = reckoner;
    this.shop = shop;
    this.clock = clock;
  }

  @EventListener({OrdersChanged.class, NodLayoutPublished.class})
  synchronized void keep() {
    DeliverySettings settings = nods.published().delivery();
    if (settings.isEmpty()) {
      return;
    }
    Instant now = clock.instant();
    Map<Slug, ProductFacts> products = facts.get().products();
    while (true) {
      List<PromisedParcel> some = store.unsettled(now.minus(LOOKED_BACK), AT_ONCE);
      List<PromisedParcelStore.Promise> promises =
          some.stream()
              .flatMap(
                  one ->
                      promised(one, settings, products)
                          .map(
                              promised ->
                                  new PromisedParcelStore.Promise(
                                      one.id(), promised, one.placedAt().isBefore(now.minus(LATE))))
                          .stream())
              .toList();
      store.settle(some, promises);
      if (some.size() < AT_ONCE) {
        return;
      }
    }
  }

  /**
   * What it was worth in stock is not known any more, so delivery rules that hang on that do not
   * apply.
   */
  private Optional<DeliveryEstimate.Estimated> promised(
      PromisedParcel parcel, DeliverySettings settings, Map<Slug, ProductFacts> products) {
    var each = new ArrayList<DeliveryEstimate.Estimated>();
    for (String slug : parcel.products()) {
      ProductFacts product = Slug.parse(slug).map(products::get).orElse(null);
      DeliveryEstimate delivery =
          reckoner
              .of(settings, parcel.placedAt())
              .estimate(
                  new EstimateRequest(
                      parcel.placedAt(),
                      shop.settings().zone(),
                      ware(slug, product),
                      parcel.country()));
      if (!(delivery instanceof DeliveryEstimate.Estimated promised)) {
        return Optional.empty();
      }
      each.add(promised);
    }
    return each.isEmpty()
        ? Optional.empty()
        : Optional.of(DeliveryEstimate.Estimated.together(each));
  }

  private static ShippableItem ware(
      String slug, @org.jspecify.annotations.Nullable ProductFacts product) {
    return new ShippableItem(
        slug,
        product == null ? java.util.Set.of() : product.categories(),
        product == null ? java.util.Set.of() : product.tags(),
        Optional.empty(),
        false,
        Optional.empty());
  }
}
