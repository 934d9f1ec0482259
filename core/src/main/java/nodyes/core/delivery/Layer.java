package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Timings for some of what is sold.
 *
 * @param id its id among the layers
 * @param scope what it is for
 * @param on whether it applies at all
 * @param season on which days it applies; empty for always
 * @param whileStockAbove it applies while there is more in stock than this; empty for always. Where
 *     the stock is not known it does not apply
 * @param timing what it sets
 */
public record Layer(
    String id,
    Scope scope,
    boolean on,
    Optional<Season> season,
    Optional<Long> whileStockAbove,
    Timing timing) {
  private static final long MOST_STOCK = 1_000_000;

  /** Throws {@link IllegalArgumentException} where the stock is none. */
  public Layer {
    if (whileStockAbove.filter(stock -> stock < 0 || stock > MOST_STOCK).isPresent()) {
      throw new IllegalArgumentException("a stock is from 0 to " + MOST_STOCK);
    }
  }

  /** A layer that is on, for all seasons and any stock. */
  public static Layer always(String id, Scope scope, Timing timing) {
    return new Layer(id, scope, true, Optional.empty(), Optional.empty(), timing);
  }

  /** Whether it applies to an order of something on a day. */
  public boolean applies(Ware ware, LocalDate day) {
    return on && scope.holds(ware) && holdsOn(day) && holdsAt(ware.stock());
  }

  boolean holdsOn(LocalDate day) {
    return season.isEmpty() || season.get().holds(day);
  }

  boolean holdsAt(Optional<Long> stock) {
    return whileStockAbove.isEmpty() || stock.filter(n -> n > whileStockAbove.get()).isPresent();
  }
}
