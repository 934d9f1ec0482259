package nodyes.server.reviews;

import nodyes.core.rating.RatingSummary;

/**
 * The published reviews of a product, counted.
 *
 * @param summary their ratings
 * @param verified how many are verified purchases
 */
public record Tally(RatingSummary summary, long verified) {
  /** No published reviews. */
  public static final Tally NONE = new Tally(RatingSummary.NONE, 0);

  /** Both together. */
  Tally and(Tally other) {
    return new Tally(summary.and(other.summary), verified + other.verified);
  }
}
