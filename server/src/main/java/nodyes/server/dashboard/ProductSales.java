package nodyes.server.dashboard;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.sales.DailySales;
import nodyes.core.suggestions.Matter;
import nodyes.server.orders.SalesIndex;
import nodyes.server.pages.CatalogueFactsCache;
import nodyes.server.shop.ShopClock;
import org.springframework.stereotype.Component;

/** What sold of the products that are in the shop. */
@Component
class ProductSales {
  private final CatalogueFactsCache facts;
  private final SalesIndex sales;
  private final ShopClock clock;

  ProductSales(CatalogueFactsCache facts, SalesIndex sales, ShopClock clock) {
    this.facts = facts;
    this.sales = sales;
    this.clock = clock;
  }

  /** A product, and how many of it were sold. */
  record Sold(ProductFacts product, long units) {}

  /** How many products there are. */
  int products() {
    return facts.get().products().size();
  }

  /** The product of which most were sold in some days, today the last of them. */
  Optional<Sold> most(int days) {
    return mostFirst(days).stream().findFirst();
  }

  /** The product without a review of which most were sold in some days. */
  Optional<Matter.UnreviewedBestseller> unreviewed(int days) {
    List<Sold> sold =
        mostFirst(days).stream().filter(one -> one.product().rating().count() == 0).toList();
    return sold.stream()
        .findFirst()
        .map(
            most ->
                new Matter.UnreviewedBestseller(
                    most.product().title(), most.units(), days, sold.size() - 1L));
  }

  private List<Sold> mostFirst(int days) {
    DailySales book = sales.book();
    LocalDate today = clock.today();
    return facts.get().products().values().stream()
        .map((ProductFacts one) -> new Sold(one, book.units(one.id(), days, today)))
        .filter(one -> one.units() > 0)
        .sorted(Comparator.comparingLong(Sold::units).reversed())
        .toList();
  }
}
