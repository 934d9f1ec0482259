package nodyes.core.review;

import java.util.Comparator;

/** Orders that a shopper can choose; ties: the newer first, then the greater id. */
public enum ReviewOrder {
  /** By the lower bound of the share of helpful votes. */
  MOST_HELPFUL(
      Comparator.comparingDouble((Review review) -> review.votes().helpfulness()).reversed()),
  /** By the day they were written. */
  NEWEST(Review.NEWEST_FIRST),
  /** By rating, the best first. */
  HIGHEST(Comparator.comparing(Review::rating).reversed()),
  /** By rating, the worst first. */
  LOWEST(Comparator.comparing(Review::rating)),
  /** Those with pictures before those without. */
  PICTURES_FIRST(Comparator.comparing((Review review) -> review.media().isEmpty()));

  // comparators of the language, without a state
  @SuppressWarnings("ImmutableEnumChecker")
  private final Comparator<Review> comparator;

  ReviewOrder(Comparator<Review> first) {
    this.comparator = first.thenComparing(Review.NEWEST_FIRST);
  }

  /** The order. */
  public Comparator<Review> comparator() {
    return comparator;
  }
}
