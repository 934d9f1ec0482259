package nodyes.server.pages;

import java.time.Clock;
import nodyes.core.showing.Facts;
import nodyes.server.catalogue.CatalogueChanged;
import nodyes.server.listing.ListingChanged;
import nodyes.server.nods.Arrangement;
import nodyes.server.orders.OrdersChanged;
import nodyes.server.reviews.PublishedReviewsChanged;
import nodyes.server.shop.ShopChanged;
import nodyes.server.timing.Reckoner;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The facts of all products, kept until one of them changes: asked at every stroke of a key. */
@Component
public class AllFacts {
  /** Facts are forgotten before the answers that are made of them. */
  private static final int FACTS = -100;

  private final FactLoader loader;
  private final Reckoner reckoner;
  private final Clock clock;
  private volatile @Nullable Facts kept;

  AllFacts(FactLoader loader, Reckoner reckoner, Clock clock) {
    this.loader = loader;
    this.reckoner = reckoner;
    this.clock = clock;
  }

  /** The facts as they are now. */
  public Facts get() {
    Facts facts = kept;
    return facts == null ? read() : facts;
  }

  /** A change waits for what is being read, so that what was read before it does not stay. */
  private synchronized Facts read() {
    Facts facts = kept;
    if (facts == null) {
      facts = loader.all();
      kept = facts;
    }
    return facts;
  }

  /** The facts as they are now, with the timings of an arrangement. */
  public Facts with(Arrangement arrangement) {
    return get().with(reckoner.of(arrangement.delivery(), clock.instant()));
  }

  @Order(FACTS)
  @EventListener({
    CatalogueChanged.class,
    PublishedReviewsChanged.class,
    ListingChanged.class,
    ShopChanged.class
  })
  synchronized void forget() {
    kept = null;
  }

  /** An order changes what was sold, and of the products nothing. */
  @Order(FACTS)
  @EventListener
  synchronized void sold(OrdersChanged event) {
    Facts facts = kept;
    if (facts != null && !event.products().isEmpty()) {
      kept = loader.withSalesOfNow(facts);
    }
  }
}
