package nodyes.server.publishedreviews;

import nodyes.core.rating.RatingSummary;

/**
 * The published reviews of a product, counted.
 *
 * @param summary their ratings
 * @param verified how many are verified purchases
 */
public record PublishedSummary(RatingSummary summary, long verified) {
  /** No published reviews. */
  public static final PublishedSummary NONE = new PublishedSummary(RatingSummary.NONE, 0);

  /** Both together. */
  PublishedSummary and(PublishedSummary other) {
    return new PublishedSummary(summary.and(other.summary), verified + other.verified);
  }
}
