package nodyes.core.showing;

import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import nodyes.core.audience.Condition;
import nodyes.core.audience.WaresCondition;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.RecentOrders;
import nodyes.core.nod.ReviewTab;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.StockLine;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.VisitorCount;
import nodyes.core.review.QuoteRule;
import nodyes.core.review.ReviewOrder;

/**
 * What must be loaded to answer for some nods, so that nothing else is.
 *
 * @param first how many of a product's published reviews in each order; a wall that stands needs
 *     what they can be parted by as well
 * @param quotes what is picked from them
 * @param listing whether what a business directory says of the shop
 * @param lastOrders whether the last order of each product
 */
public record FactNeed(
    Map<ReviewOrder, Integer> first, Set<QuoteRule> quotes, boolean listing, boolean lastOrders) {
  /** The figures alone. */
  public static final FactNeed FIGURES = new FactNeed(Map.of(), Set.of(), false, false);

  /** Keeps both unchangeable. */
  public FactNeed {
    first = Map.copyOf(first);
    quotes = Set.copyOf(quotes);
  }

  /** What the nods need that are on and meant for that kind of page. */
  public static FactNeed of(Collection<Nod> nods, PageKind page) {
    var first = new EnumMap<ReviewOrder, Integer>(ReviewOrder.class);
    var quotes = new LinkedHashSet<QuoteRule>();
    boolean listing = false;
    boolean last = false;
    for (Nod nod : nods) {
      if (!nod.placement().on() || !nod.placement().pages().contains(page)) {
        continue;
      }
      switch (nod) {
        case StarLine _,
            Label _,
            TrustBadges _,
            Countdown _,
            VisitorCount _,
            StockLine _,
            DeliveryPromise _ -> {}
        case RecentOrders orders -> last |= orders.tells() != RecentOrders.Tells.COUNT;
        case ReviewWall wall -> first.merge(wall.order(), wall.perPage(), Math::max);
        case ReviewTab tab -> first.merge(ReviewOrder.NEWEST, tab.perPage(), Math::max);
        case PickedQuotes picked -> {
          if (picked.pick() == PickedQuotes.Pick.OF_THE_SHOP) {
            listing = true;
          } else {
            quotes.add(picked.rule());
          }
        }
      }
    }
    return new FactNeed(first, quotes, listing, last);
  }

  /** Whether one of the nods may show otherwise after a sale. */
  public static boolean asksForSales(Collection<Nod> nods) {
    return nods.stream()
        .anyMatch(
            nod ->
                nod instanceof RecentOrders
                    || (nod instanceof Label label && label.saysSales())
                    || asks(nod.placement().audience()));
  }

  private static boolean asks(Condition condition) {
    return switch (condition) {
      case Condition.AllOf(var parts) -> parts.stream().anyMatch(FactNeed::asks);
      case Condition.AnyOf(var parts) -> parts.stream().anyMatch(FactNeed::asks);
      case WaresCondition.SoldAtLeast _, WaresCondition.RankAtMost _ -> true;
      default -> false;
    };
  }
}
