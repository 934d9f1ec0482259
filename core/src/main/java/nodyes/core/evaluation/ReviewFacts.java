package nodyes.core.evaluation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.AspectAverage;
import nodyes.core.review.QuoteCriteria;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewFacets;
import nodyes.core.review.ReviewOrder;

/**
 * What is so about the published reviews of a product, and of those that the owner groups with it.
 *
 * @param rating the ratings, added up
 * @param verified how many are verified purchases
 * @param first the first of each order that a nod asks for
 * @param facets what they can be parted by, where a nod asks for it
 * @param criteria what they say of single things, where a nod asks for it
 * @param quotes what each rule picks that a nod asks for
 * @param sharedWith titles of the products that share them
 * @param marked what search engines are told of them, where that is looked up; none where they are
 *     told of no review
 */
public record ReviewFacts(
    RatingSummary rating,
    long verified,
    Map<ReviewOrder, List<Review>> first,
    ReviewFacets facets,
    List<AspectAverage> criteria,
    Map<QuoteCriteria, List<Review>> quotes,
    List<String> sharedWith,
    Optional<RatingSummary> marked) {
  /** Where search engines are told the same. */
  public ReviewFacts(
      RatingSummary rating,
      long verified,
      Map<ReviewOrder, List<Review>> first,
      ReviewFacets facets,
      List<AspectAverage> criteria,
      Map<QuoteCriteria, List<Review>> quotes,
      List<String> sharedWith) {
    this(rating, verified, first, facets, criteria, quotes, sharedWith, Optional.empty());
  }

  /** No reviews. */
  public static final ReviewFacts NONE = of(RatingSummary.NONE, 0);

  /** Keeps all of it unchangeable. */
  public ReviewFacts {
    first = Map.copyOf(first);
    criteria = List.copyOf(criteria);
    quotes = Map.copyOf(quotes);
    sharedWith = List.copyOf(sharedWith);
  }

  /** The figures alone. */
  public static ReviewFacts of(RatingSummary rating, long verified) {
    return new ReviewFacts(
        rating, verified, Map.of(), ReviewFacets.NONE, List.of(), Map.of(), List.of());
  }

  /** With the first of an order. */
  public ReviewFacts with(ReviewOrder order, List<Review> reviews) {
    return new ReviewFacts(
        rating, verified, Map.of(order, reviews), facets, criteria, quotes, sharedWith);
  }

  /** With what search engines are told. */
  public ReviewFacts marked(RatingSummary summary) {
    return new ReviewFacts(
        rating, verified, first, facets, criteria, quotes, sharedWith, Optional.of(summary));
  }

  /** With what a rule picks. */
  public ReviewFacts with(QuoteCriteria rule, List<Review> picked) {
    return new ReviewFacts(
        rating, verified, first, facets, criteria, Map.of(rule, picked), sharedWith);
  }
}
