package nodyes.core.structureddata;

import static nodyes.core.structureddata.SchemaOrgNodes.typed;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewDate;

/**
 * A product's rating as schema.org says it: a Product with its aggregateRating and some of its
 * reviews. Only what was written in this shop counts: what was imported is another place's.
 */
public final class AggregateRatingMarkup {
  /** By type, the properties that are written; each is one of schema.org's. */
  public static final Map<String, List<String>> WRITTEN =
      Map.of(
          "Product", List.of("name", "url", "aggregateRating", "review"),
          "AggregateRating",
              List.of("ratingValue", "bestRating", "worstRating", "ratingCount", "reviewCount"),
          "Review",
              List.of(
                  "author", "datePublished", "name", "reviewBody", "inLanguage", "reviewRating"),
          "Rating", List.of("ratingValue", "bestRating", "worstRating"),
          "Person", List.of("name"));

  private static final int BEST = 5;
  private static final int WORST = 1;
  private static final String NOBODY = "A customer";

  private AggregateRatingMarkup() {}

  /**
   * As a tree of maps, lists, texts and numbers; empty without reviews, since a rating of nobody is
   * none.
   *
   * @param title what the shop calls the product
   * @param address of its page
   * @param summary of the reviews that were written in this shop
   * @param reviews some of them
   */
  public static Optional<Map<String, Object>> of(
      String title, String address, RatingSummary summary, List<Review> reviews) {
    return summary
        .mean(1)
        .map(
            mean -> {
              var rating = typed("AggregateRating");
              rating.put("ratingValue", mean);
              rating.put("bestRating", BEST);
              rating.put("worstRating", WORST);
              rating.put("ratingCount", summary.count());
              rating.put("reviewCount", summary.count());
              var product = new LinkedHashMap<String, Object>();
              product.put("@context", "https://schema.org");
              product.put("@type", "Product");
              product.put("name", title);
              product.put("url", address);
              product.put("aggregateRating", rating);
              product.put("review", reviews.stream().map(AggregateRatingMarkup::review).toList());
              return product;
            });
  }

  private static Map<String, Object> review(Review review) {
    var rating = typed("Rating");
    rating.put("ratingValue", review.rating().stars(1));
    rating.put("bestRating", BEST);
    rating.put("worstRating", WORST);
    var author = typed("Person");
    author.put("name", review.writer().name().orElse(NOBODY));
    var tree = typed("Review");
    tree.put("author", author);
    review
        .origin()
        .reviewedOn()
        .map(ReviewDate::toString)
        .ifPresent(date -> tree.put("datePublished", date));
    review.text().title().ifPresent(title -> tree.put("name", title));
    review.text().body().ifPresent(words -> tree.put("reviewBody", words));
    review.text().language().ifPresent(language -> tree.put("inLanguage", language));
    tree.put("reviewRating", rating);
    return tree;
  }
}
