package nodyes.server.orders;

import java.util.Set;

/**
 * Orders came, or were cancelled or returned.
 *
 * @param products ids of the products that they speak of
 */
public record OrdersChanged(Set<Long> products) {
  /** Keeps the products unchangeable. */
  public OrdersChanged {
    products = Set.copyOf(products);
  }
}
