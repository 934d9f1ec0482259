package nodyes.server.orders;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Collection;
import java.util.Map;
import java.util.Set;
import nodyes.core.common.ProductId;
import nodyes.core.sales.LastOrder;
import nodyes.core.sales.SalesBook;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopChanged;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** What was sold, in memory: an order changes the lines of its products alone. */
@Component
public class Sales {
  private final OrderStore store;
  private final LastOrderStore lastOrders;
  private final Shop shop;
  private volatile @Nullable SalesBook kept;

  Sales(OrderStore store, LastOrderStore lastOrders, Shop shop) {
    this.store = store;
    this.lastOrders = lastOrders;
    this.shop = shop;
  }

  /** The last order of some products in the month to a moment. */
  public Map<ProductId, LastOrder> last(Collection<Long> products, Instant moment) {
    return lastOrders.find(products, moment);
  }

  /** Units by product and day, as of now. */
  public SalesBook book() {
    SalesBook book = kept;
    return book == null ? read() : book;
  }

  private synchronized SalesBook read() {
    SalesBook book = kept;
    if (book == null) {
      book = SalesBook.of(store.unitsByDay(Set.of(), zone()));
      kept = book;
    }
    return book;
  }

  private ZoneId zone() {
    return shop.settings().zone();
  }

  @EventListener
  @Order(Ordered.HIGHEST_PRECEDENCE)
  synchronized void changed(OrdersChanged event) {
    SalesBook book = kept;
    if (book != null && !event.products().isEmpty()) {
      kept = book.with(store.unitsByDay(event.products(), zone()));
    }
  }

  /** In another zone a sale may lie on another day. */
  @EventListener(ShopChanged.class)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  synchronized void forget() {
    kept = null;
  }
}
