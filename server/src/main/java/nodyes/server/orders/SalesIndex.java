package nodyes.server.orders;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ProductId;
import nodyes.core.sales.DailySales;
import nodyes.core.sales.LatestOrder;
import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Revisions;
import nodyes.server.database.Topic;
import nodyes.server.shop.Shop;
import org.springframework.stereotype.Component;

/** What was sold, in memory: an order changes the lines of its products alone. */
@Component
public class SalesIndex {
  private final OrderStore store;
  private final LatestOrderStore lastOrders;
  private final Shop shop;
  private final Database database;
  private final Derived<DailySales> book;

  SalesIndex(OrderStore store, LatestOrderStore lastOrders, Shop shop, Database database) {
    this.store = store;
    this.lastOrders = lastOrders;
    this.shop = shop;
    this.database = database;
    this.book = database.derive(Set.of(Topic.ORDERS, Topic.SHOP), this::make);
  }

  /** The last order of some products in the month to a moment. */
  public Map<ProductId, LatestOrder> last(Collection<Long> products, Instant moment) {
    return lastOrders.find(products, moment);
  }

  /** Units by product and day, as of now. */
  public DailySales book() {
    return book.get();
  }

  /** In another zone a sale may lie on another day; else only lines of what was sold are new. */
  private DailySales make(Optional<Derived.Made<DailySales>> before) {
    Revisions revisions = database.revisions();
    ZoneId zone = shop.settings().zone();
    return before
        .filter(made -> revisions.isUnchanged(made.at(), Set.of(Topic.SHOP)))
        .map(
            made ->
                made.value()
                    .with(store.unitsByDay(revisions.changedSince(made.at(), Topic.ORDERS), zone)))
        .orElseGet(() -> DailySales.of(store.unitsByDay(Set.of(), zone)));
  }
}
