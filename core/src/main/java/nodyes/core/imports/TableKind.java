package nodyes.core.imports;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What the rows of a table are. */
public enum TableKind {
  /** Each a variant of a product. */
  PRODUCTS,
  /** Each a line of an order. */
  ORDERS,
  /** Each a review. */
  REVIEWS;

  private static final Set<String> OF_A_PRODUCT =
      Set.of("price", "inventoryLevel", "category", "image", "brand", "gtin");

  /**
   * What a table with these headings holds: reviews have ratings, orders a number beside a date or
   * a quantity, products a name or SKU beside a price, stock or the like. Empty where nothing
   * decides.
   */
  public static Optional<TableKind> of(List<String> headings) {
    if (ColumnDetector.of(headings).containsKey(ReviewColumn.RATING)) {
      return Optional.of(REVIEWS);
    }
    Optional<TableKind> orders = ofOrders(FeedColumnNames.orders(headings).keySet());
    if (orders.isPresent()) {
      return orders;
    }
    Map<String, Integer> products = FeedColumnNames.products(headings);
    boolean isNamed =
        products.containsKey("name")
            || products.containsKey("sku")
            || products.containsKey("productGroupID");
    return isNamed && OF_A_PRODUCT.stream().anyMatch(products::containsKey)
        ? Optional.of(PRODUCTS)
        : Optional.empty();
  }

  /** {@link #ORDERS} where these terms of orders tell so: a number beside a date or a quantity. */
  public static Optional<TableKind> ofOrders(Set<String> terms) {
    boolean isDecided = terms.contains("orderDate") || terms.contains("orderQuantity");
    return Optional.of(ORDERS).filter(_ -> terms.contains("orderNumber") && isDecided);
  }
}
