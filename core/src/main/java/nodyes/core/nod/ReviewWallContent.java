package nodyes.core.nod;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.AspectAverage;
import nodyes.core.review.RelativeDate;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewFacets;

/**
 * The summary of a product's reviews and the first of them.
 *
 * @param average in stars to one decimal, half up; 0 without reviews
 * @param drawn in stars, cut to quarters; 0 without reviews
 * @param count published reviews
 * @param verified how many of them are verified purchases
 * @param counts reviews under each whole star, 1 star first
 * @param percentages the same as whole percentages that add to 100
 * @param perPage reviews to a page
 * @param first the first page, in the wall's order
 * @param facets what they can be parted by
 * @param criteria what they say of single things, in the owner's order
 * @param agos how long ago each of the first was written; empty where days are told as dates
 * @param sharedWith titles of other products whose reviews are among them
 * @param marked what search engines are told, where that is another mean than this
 */
public record ReviewWallContent(
    BigDecimal average,
    BigDecimal drawn,
    long count,
    long verified,
    List<Long> counts,
    List<Integer> percentages,
    int perPage,
    List<Review> first,
    Facets facets,
    List<AspectAverage> criteria,
    Optional<Map<ReviewId, RelativeDate>> agos,
    List<String> sharedWith,
    Optional<Marked> marked) {
  /**
   * A figure that search engines show of the product.
   *
   * @param average in stars to one decimal
   * @param count of the reviews that it comes from
   */
  public record Marked(BigDecimal average, long count) {}

  private static final int BEST = 5;

  /** Keeps the lists unchangeable. */
  public ReviewWallContent {
    counts = List.copyOf(counts);
    percentages = List.copyOf(percentages);
    first = List.copyOf(first);
    criteria = List.copyOf(criteria);
    sharedWith = List.copyOf(sharedWith);
    agos = agos.map(Map::copyOf);
  }

  /**
   * What the numbers of a summary say.
   *
   * @param today the day from which 'so long ago' is told; empty where days are told as dates
   */
  public static ReviewWallContent of(
      RatingSummary rating,
      long verified,
      int perPage,
      List<Review> first,
      Facets facets,
      List<AspectAverage> criteria,
      Optional<LocalDate> today,
      List<String> sharedWith,
      Optional<RatingSummary> marked) {
    List<Review> page = first.size() <= perPage ? first : first.subList(0, perPage);
    return new ReviewWallContent(
        rating.mean(1).orElse(BigDecimal.ZERO),
        rating.quarterStars().orElse(BigDecimal.ZERO),
        rating.count(),
        verified,
        rating.histogram().counts(),
        rating.histogram().percentages(),
        perPage,
        page,
        facets,
        criteria,
        today.map(day -> agos(page, day)),
        sharedWith,
        marked
            .filter(other -> other.count() > 0 && !other.mean(1).equals(rating.mean(1)))
            .flatMap(other -> other.mean(1).map(mean -> new Marked(mean, other.count()))));
  }

  private static Map<ReviewId, RelativeDate> agos(List<Review> reviews, LocalDate today) {
    var agos = new HashMap<ReviewId, RelativeDate>();
    for (Review review : reviews) {
      review
          .reviewedOn()
          .flatMap(day -> RelativeDate.of(day, today))
          .ifPresent(ago -> agos.put(review.id(), ago));
    }
    return agos;
  }

  /**
   * What a reader can part them by.
   *
   * @param pictured how many have pictures
   * @param readable how many are in the reader's language
   * @param variants the variants that most speak of, the most first
   */
  public record Facets(long pictured, long readable, List<ReviewFacets.OfVariant> variants) {
    private static final int MOST_VARIANTS = 4;

    /** Of all that there is, what a reader of a language is shown; of one variant alone none. */
    public static Facets of(ReviewFacets facets, Locale language) {
      List<ReviewFacets.OfVariant> variants = facets.commonestVariants(MOST_VARIANTS);
      return new Facets(
          facets.pictured(),
          facets.languages().getOrDefault(language.getLanguage(), 0L),
          variants.size() < 2 ? List.of() : variants);
    }
  }

  /** What the values of each of its words are here, by the word's name and the value's. */
  Map<String, Map<String, Object>> values() {
    var values = new HashMap<String, Map<String, Object>>();
    marked.ifPresent(
        other -> values.put("marked", Map.of("mean", other.average(), "n", other.count())));
    values.putAll(figures());
    return values;
  }

  private Map<String, Map<String, Object>> figures() {
    return Map.of(
        "rated", Map.of("mean", average),
        "from", Map.of("n", count),
        "checked", Map.of("n", verified),
        "stars", Map.of("n", BEST),
        "share", Map.of("n", counts.getLast()),
        "page", Map.of("n", 2),
        "pictured", Map.of("n", facets.pictured()),
        "bought", Map.of("n", verified),
        "readable", Map.of("n", facets.readable()),
        "unfold", Map.of("n", count));
  }
}
