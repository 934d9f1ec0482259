package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.Optional;
import nodyes.core.common.Unfit;

/**
 * Delivery rules for some of what is sold.
 *
 * @param id its id among the layers
 * @param scope what it is for
 * @param on whether it applies at all
 * @param season on which days it applies; empty for always
 * @param whileStockAbove it applies while there is more in stock than this; empty for always. Where
 *     the stock is not known it does not apply
 * @param timing what it sets
 */
public record DeliveryRule(
    String id,
    RuleScope scope,
    boolean on,
    Optional<Season> season,
    Optional<Long> whileStockAbove,
    DeliveryTerms timing) {
  private static final long MOST_STOCK = 1_000_000;

  /** Throws {@link IllegalArgumentException} where the stock is none. */
  public DeliveryRule {
    if (whileStockAbove.filter(stock -> stock < 0 || stock > MOST_STOCK).isPresent()) {
      throw new Unfit("delivery.stock", "most", MOST_STOCK);
    }
  }

  /** A layer that is on, for all seasons and any stock. */
  public static DeliveryRule always(String id, RuleScope scope, DeliveryTerms timing) {
    return new DeliveryRule(id, scope, true, Optional.empty(), Optional.empty(), timing);
  }

  /** Whether it applies to an order of something on a day. */
  public boolean applies(ShippableItem ware, LocalDate day) {
    return on && scope.holds(ware) && holdsOn(day) && holdsAt(ware.stock());
  }

  boolean holdsOn(LocalDate day) {
    return season.isEmpty() || season.get().holds(day);
  }

  boolean holdsAt(Optional<Long> stock) {
    return whileStockAbove.isEmpty() || stock.filter(n -> n > whileStockAbove.get()).isPresent();
  }
}
