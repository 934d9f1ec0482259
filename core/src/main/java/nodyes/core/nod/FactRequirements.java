package nodyes.core.nod;

import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import nodyes.core.review.QuoteCriteria;
import nodyes.core.review.ReviewOrder;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.ProductCondition;

/**
 * What must be loaded to answer for some nods, so that nothing else is.
 *
 * @param first how many of a product's published reviews in each order; a wall that stands needs
 *     what they can be parted by as well
 * @param quotes what is picked from them
 * @param listing whether what a business directory says of the shop
 * @param lastOrders whether the last order of each product
 * @param sales whether what was sold
 */
public record FactRequirements(
    Map<ReviewOrder, Integer> first,
    Set<QuoteCriteria> quotes,
    boolean listing,
    boolean lastOrders,
    boolean sales) {
  /** The figures alone. */
  public static final FactRequirements FIGURES =
      new FactRequirements(Map.of(), Set.of(), false, false, false);

  /** Keeps both unchangeable. */
  public FactRequirements {
    first = Map.copyOf(first);
    quotes = Set.copyOf(quotes);
  }

  /** So many reviews in an order. */
  static FactRequirements reviews(ReviewOrder order, int most) {
    return new FactRequirements(Map.of(order, most), Set.of(), false, false, false);
  }

  /** What is picked from the reviews. */
  static FactRequirements quotes(QuoteCriteria picked) {
    return new FactRequirements(Map.of(), Set.of(picked), false, false, false);
  }

  /** What a business directory says of the shop. */
  static FactRequirements ofListing() {
    return new FactRequirements(Map.of(), Set.of(), true, false, false);
  }

  /** What was sold, and the last order too or not. */
  static FactRequirements ofSales(boolean lastOrders) {
    return new FactRequirements(Map.of(), Set.of(), false, lastOrders, true);
  }

  /** What the nods need that are on and meant for that kind of page. */
  public static FactRequirements of(Collection<Nod> nods, PageKind page) {
    FactRequirements all = FIGURES;
    for (Nod nod : nods) {
      if (nod.placement().on() && nod.placement().pages().contains(page)) {
        all = all.and(nod.needs());
      }
    }
    return all;
  }

  /** Whether the figures of a product are enough: what was sold is of all products, not of each. */
  public boolean areFigures() {
    return first.isEmpty() && quotes.isEmpty() && !listing && !lastOrders;
  }

  private FactRequirements and(FactRequirements other) {
    var reviews = new EnumMap<ReviewOrder, Integer>(ReviewOrder.class);
    reviews.putAll(first);
    other.first.forEach((order, most) -> reviews.merge(order, most, Math::max));
    var picked = new LinkedHashSet<>(quotes);
    picked.addAll(other.quotes);
    return new FactRequirements(
        reviews,
        picked,
        listing || other.listing,
        lastOrders || other.lastOrders,
        sales || other.sales);
  }

  /** Whether one of the nods may show otherwise after a sale. */
  public static boolean asksForSales(Collection<Nod> nods) {
    return nods.stream().anyMatch(nod -> nod.needs().sales || asks(nod.placement().audience()));
  }

  private static boolean asks(Condition condition) {
    return switch (condition) {
      case Condition.AllOf(var parts) -> parts.stream().anyMatch(FactRequirements::asks);
      case Condition.AnyOf(var parts) -> parts.stream().anyMatch(FactRequirements::asks);
      case ProductCondition.SoldAtLeast _, ProductCondition.RankAtMost _ -> true;
      case Condition.ReviewsAtLeast _,
          Condition.RatingAtLeast _,
          Condition.InCategory _,
          Condition.HasTag _,
          Condition.PriceBetween _,
          Condition.CountryIn _,
          Condition.LanguageIn _,
          Condition.Between _,
          Condition.Daily _,
          ProductCondition.ProductIn _,
          ProductCondition.BrandIn _,
          ProductCondition.HasPicture _,
          ProductCondition.PercentOffBetween _,
          ProductCondition.StockBetween _,
          ProductCondition.PublishedWithin _ ->
          false;
    };
  }
}
