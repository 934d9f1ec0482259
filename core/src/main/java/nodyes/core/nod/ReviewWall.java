package nodyes.core.nod;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import nodyes.core.common.NodId;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewFacets;

/**
 * The published reviews of a product with their summary, a page at a time.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param perPage reviews to a page, 2 to 100
 * @param dress what it says and how it looks
 */
public record ReviewWall(NodId id, Placement placement, int perPage, Dress dress) implements Nod {
  /** In our words and the brand kit's look. */
  public ReviewWall(NodId id, Placement placement, int perPage) {
    this(id, placement, perPage, Dress.DEFAULT);
  }

  /** Throws {@link IllegalArgumentException} outside 2 to 100 reviews to a page. */
  public ReviewWall {
    if (perPage < 2 || perPage > 100) {
      throw new IllegalArgumentException("a review wall shows 2 to 100 reviews to a page");
    }
  }

  @Override
  public NodKind kind() {
    return NodKind.REVIEW_WALL;
  }

  @Override
  public ReviewWall placed(Placement other) {
    return new ReviewWall(id, other, perPage, dress);
  }

  @Override
  public ReviewWall dressed(Dress other) {
    return new ReviewWall(id, placement, perPage, other);
  }

  @Override
  public ReviewWall copied(NodId other) {
    return new ReviewWall(other, placement, perPage, dress);
  }

  /**
   * What is shown at first; further pages are asked for when a shopper turns to them.
   *
   * @param mean in stars to one decimal, half up
   * @param drawn in stars, cut to quarters
   * @param count published reviews
   * @param verified how many of them are verified purchases
   * @param counts reviews under each whole star, 1 star first
   * @param percentages the same as whole percentages that add to 100
   * @param perPage reviews to a page
   * @param first the first page, newest first
   * @param facets what they can be parted by
   */
  public record Content(
      BigDecimal mean,
      BigDecimal drawn,
      long count,
      long verified,
      List<Long> counts,
      List<Integer> percentages,
      int perPage,
      List<Review> first,
      Shown facets)
      implements nodyes.core.nod.Content {
    private static final int BEST = 5;

    /**
     * What a reader can part them by.
     *
     * @param pictured how many have pictures
     * @param readable how many are in the reader's language
     * @param variants the variants that most speak of, the most first
     */
    public record Shown(long pictured, long readable, List<ReviewFacets.OfVariant> variants) {
      private static final int MOST_VARIANTS = 4;

      /** Of all that there is, what a reader of a language is shown; of one variant alone none. */
      public static Shown of(ReviewFacets facets, java.util.Locale language) {
        List<ReviewFacets.OfVariant> variants = facets.commonestVariants(MOST_VARIANTS);
        return new Shown(
            facets.pictured(),
            facets.languages().getOrDefault(language.getLanguage(), 0L),
            variants.size() < 2 ? List.of() : variants);
      }
    }

    @Override
    public Map<String, Map<String, Number>> values() {
      return Map.of(
          "rated", Map.of("mean", mean),
          "from", Map.of("n", count),
          "checked", Map.of("n", verified),
          "stars", Map.of("n", BEST),
          "share", Map.of("n", counts.getLast()),
          "page", Map.of("n", 2),
          "pictured", Map.of("n", facets.pictured()),
          "bought", Map.of("n", verified),
          "readable", Map.of("n", facets.readable()));
    }
  }
}
