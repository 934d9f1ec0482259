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
    Map<String, Integer> orders = FeedColumnNames.orders(headings);
    if (orders.containsKey("orderNumber")
        && (orders.containsKey("orderDate") || orders.containsKey("orderQuantity"))) {
      return Optional.of(ORDERS);
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
}
