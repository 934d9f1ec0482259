package nodyes.server.delivery;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.delivery.Delivery;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Order;
import nodyes.core.delivery.Ware;
import nodyes.core.showing.ProductFacts;
import nodyes.server.nods.ArrangementPublished;
import nodyes.server.nods.Nods;
import nodyes.server.orders.OrdersChanged;
import nodyes.server.pages.AllFacts;
import nodyes.server.shop.Shop;
import nodyes.server.timing.Reckoner;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Keeps what was promised of each order: as shoppers were told when it was placed, or, where it
 * comes here long after that, as they would be told now.
 */
@Component
class PromiseKeeper {
  private static final Duration LOOKED_BACK = Duration.ofDays(400);
  private static final Duration LATE = Duration.ofDays(1);
  private static final int AT_ONCE = 2000;

  private final ParcelStore store;
  private final Nods nods;
  private final AllFacts facts;
  private final Reckoner reckoner;
  private final Shop shop;
  private final Clock clock;

  PromiseKeeper(
      ParcelStore store, Nods nods, AllFacts facts, Reckoner reckoner, Shop shop, Clock clock) {
    this.store = store;
    this.nods = nods;
    this.facts = facts;
    this.reckoner = reckoner;
    this.shop = shop;
    this.clock = clock;
  }

  @EventListener({OrdersChanged.class, ArrangementPublished.class})
  synchronized void keep() {
    DeliverySettings settings = nods.published().delivery();
    if (settings.isEmpty()) {
      return;
    }
    Instant now = clock.instant();
    Map<Slug, ProductFacts> products = facts.get().products();
    while (true) {
      List<Parcel> some = store.unsettled(now.minus(LOOKED_BACK), AT_ONCE);
      List<ParcelStore.Promise> promises =
          some.stream()
              .flatMap(
                  one ->
                      promised(one, settings, products)
                          .map(
                              promised ->
                                  new ParcelStore.Promise(
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
   * What it was worth in stock is not known any more, so timings that hang on that do not apply.
   */
  private Optional<Delivery.Promised> promised(
      Parcel parcel, DeliverySettings settings, Map<Slug, ProductFacts> products) {
    var each = new ArrayList<Delivery.Promised>();
    for (String slug : parcel.products()) {
      ProductFacts product = Slug.parse(slug).map(products::get).orElse(null);
      Delivery delivery =
          reckoner
              .of(settings, parcel.placedAt())
              .estimate(
                  new Order(
                      parcel.placedAt(),
                      shop.settings().zone(),
                      ware(slug, product),
                      parcel.country()));
      if (!(delivery instanceof Delivery.Promised promised)) {
        return Optional.empty();
      }
      each.add(promised);
    }
    return each.isEmpty() ? Optional.empty() : Optional.of(Delivery.Promised.together(each));
  }

  private static Ware ware(String slug, @org.jspecify.annotations.Nullable ProductFacts product) {
    return new Ware(
        slug,
        product == null ? java.util.Set.of() : product.categories(),
        product == null ? java.util.Set.of() : product.tags(),
        Optional.empty(),
        false,
        Optional.empty());
  }
}
