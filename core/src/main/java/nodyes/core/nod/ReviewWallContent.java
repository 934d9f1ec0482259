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
 * @param summary what all of them say together
 * @param page the first page
 * @param facets what they can be parted by
 * @param criteria what they say of single things, in the owner's order
 * @param sharedWith titles of other products whose reviews are among them
 */
public record ReviewWallContent(
    Summary summary,
    Page page,
    Facets facets,
    List<AspectAverage> criteria,
    List<String> sharedWith) {
  private static final int BEST = 5;

  /** Keeps the lists unchangeable. */
  public ReviewWallContent {
    criteria = List.copyOf(criteria);
    sharedWith = List.copyOf(sharedWith);
  }

  /**
   * What published reviews say together.
   *
   * @param average in stars to one decimal, half up; 0 without reviews
   * @param drawn in stars, cut to quarters; 0 without reviews
   * @param count how many there are
   * @param verified how many of them are verified purchases
   * @param counts reviews under each whole star, 1 star first
   * @param percentages the same as whole percentages that add to 100
   * @param marked what search engines are told, where that is another mean than this
   */
  public record Summary(
      BigDecimal average,
      BigDecimal drawn,
      long count,
      long verified,
      List<Long> counts,
      List<Integer> percentages,
      Optional<Marked> marked) {
    /** Keeps the lists unchangeable. */
    public Summary {
      counts = List.copyOf(counts);
      percentages = List.copyOf(percentages);
    }

    /**
     * What the numbers of a summary say.
     *
     * @param marked the numbers that search engines are told, where there are any
     */
    public static Summary of(RatingSummary rating, long verified, Optional<RatingSummary> marked) {
      return new Summary(
          rating.mean(1).orElse(BigDecimal.ZERO),
          rating.quarterStars().orElse(BigDecimal.ZERO),
          rating.count(),
          verified,
          rating.histogram().counts(),
          rating.histogram().percentages(),
          marked
              .filter(other -> other.count() > 0 && !other.mean(1).equals(rating.mean(1)))
              .flatMap(other -> other.mean(1).map(mean -> new Marked(mean, other.count()))));
    }
  }

  /**
   * A figure that search engines show of the product.
   *
   * @param average in stars to one decimal
   * @param count of the reviews that it comes from
   */
  public record Marked(BigDecimal average, long count) {}

  /**
   * A page of reviews.
   *
   * @param size how many stand on a page
   * @param reviews those of this one, in the wall's order
   * @param agos how long ago each was written; empty where days are told as dates
   */
  public record Page(int size, List<Review> reviews, Optional<Map<ReviewId, RelativeDate>> agos) {
    /** Keeps them unchangeable. */
    public Page {
      reviews = List.copyOf(reviews);
      agos = agos.map(Map::copyOf);
    }

    /**
     * The first of several.
     *
     * @param today the day from which 'so long ago' is told; empty where days are told as dates
     */
    public static Page first(int size, List<Review> reviews, Optional<LocalDate> today) {
      List<Review> page = reviews.size() <= size ? reviews : reviews.subList(0, size);
      return new Page(size, page, today.map(day -> agos(page, day)));
    }

    private static Map<ReviewId, RelativeDate> agos(List<Review> reviews, LocalDate today) {
      var agos = new HashMap<ReviewId, RelativeDate>();
      for (Review review : reviews) {
        review
            .origin()
            .day()
            .flatMap(day -> RelativeDate.of(day, today))
            .ifPresent(ago -> agos.put(review.id(), ago));
      }
      return agos;
    }
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
    summary
        .marked()
        .ifPresent(
            other -> values.put("marked", Map.of("mean", other.average(), "n", other.count())));
    values.putAll(figures());
    return values;
  }

  private Map<String, Map<String, Object>> figures() {
    return Map.of(
        "rated", Map.of("mean", summary.average()),
        "from", Map.of("n", summary.count()),
        "checked", Map.of("n", summary.verified()),
        "stars", Map.of("n", BEST),
        "share", Map.of("n", summary.counts().getLast()),
        "page", Map.of("n", 2),
        "pictured", Map.of("n", facets.pictured()),
        "bought", Map.of("n", summary.verified()),
        "readable", Map.of("n", facets.readable()),
        "unfold", Map.of("n", summary.count()));
  }
}
