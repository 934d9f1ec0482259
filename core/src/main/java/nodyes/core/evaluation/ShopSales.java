package nodyes.core.evaluation;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ProductId;
import nodyes.core.sales.DailySales;
import nodyes.core.sales.LatestOrder;

/**
 * What the shop sold, and which products are compared.
 *
 * @param book units by product and day
 * @param shop all products
 * @param last the last order of a product, where it was looked up
 * @param categories by slug, each with the products in it and below it
 */
public record ShopSales(
    DailySales book,
    DailySales.Group shop,
    Map<String, DailySales.Group> categories,
    Map<ProductId, LatestOrder> last) {
  /** Without last orders, which few nods speak of. */
  public ShopSales(
      DailySales book, DailySales.Group shop, Map<String, DailySales.Group> categories) {
    this(book, shop, categories, Map.of());
  }

  /** The same, with the last orders of some products. */
  public ShopSales with(Map<ProductId, LatestOrder> orders) {
    return new ShopSales(book, shop, categories, orders);
  }

  /** Nothing was sold. */
  public static final ShopSales NONE =
      new ShopSales(DailySales.EMPTY, new DailySales.Group("", Set.of()), Map.of());

  /** Keeps the categories unchangeable. */
  public ShopSales {
    categories = Map.copyOf(categories);
    last = Map.copyOf(last);
  }

  /** All products. */
  DailySales.Group inShop() {
    return shop;
  }

  /** The products of a product's own category; empty where it is in none. */
  Optional<DailySales.Group> inCategoryOf(ProductFacts product) {
    return product
        .traits()
        .category()
        .flatMap(category -> Optional.ofNullable(categories.get(category.slug())));
  }

  /** Whether the products of a shop are known at all. */
  boolean isKnown(ProductId product) {
    return shop.products().contains(product);
  }
}
