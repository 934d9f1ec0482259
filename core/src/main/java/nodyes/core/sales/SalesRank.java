package nodyes.core.sales;

import java.util.Optional;

/**
 * How a product stands among others by what was sold.
 *
 * @param units sold of it in the window
 * @param rank 1 and on; as many products sold more as it says less one
 * @param of how many products are compared
 * @param next units of the nearest one above it; empty for the first
 */
public record SalesRank(long units, int rank, int of, Optional<Long> next) {
  /** Whether it has a rank at all: what was not sold has none, also where nothing else was sold. */
  public boolean isRanked() {
    return units > 0;
  }
}
