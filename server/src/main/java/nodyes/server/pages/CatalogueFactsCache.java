package nodyes.server.pages;

import java.time.Clock;
import java.util.stream.Stream;
import nodyes.core.evaluation.Facts;
import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Topic;
import nodyes.server.estimates.EstimatorFactory;
import nodyes.server.nods.NodLayout;
import org.springframework.stereotype.Component;

/** The facts of all products, kept until one of them changes: asked at every stroke of a key. */
@Component
public class CatalogueFactsCache {
  private static final Topic[] OF_PRODUCTS = {
    Topic.CATALOGUE, Topic.REVIEWS, Topic.REVIEW_GROUPS, Topic.BUSINESS_PROFILE, Topic.SHOP
  };

  private final EstimatorFactory reckoner;
  private final Clock clock;
  private final Derived<Facts> ofProducts;
  private final Derived<Facts> facts;

  CatalogueFactsCache(
      FactLoader loader, EstimatorFactory reckoner, Clock clock, Database database) {
    this.reckoner = reckoner;
    this.clock = clock;
    this.ofProducts = database.derive(loader::all, OF_PRODUCTS);
    // an order changes what was sold, and of the products nothing
    this.facts =
        database.derive(
            () -> loader.withSalesOfNow(ofProducts.get()),
            Stream.concat(Stream.of(OF_PRODUCTS), Stream.of(Topic.ORDERS)).toArray(Topic[]::new));
  }

  /** The facts as they are now. */
  public Facts get() {
    return facts.get();
  }

  /** The facts as they are now, with the delivery rules of a layout. */
  public Facts with(NodLayout arrangement) {
    return get().with(reckoner.of(arrangement.delivery(), clock.instant()));
  }
}
