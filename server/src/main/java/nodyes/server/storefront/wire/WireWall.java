package nodyes.server.storefront.wire;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import nodyes.core.nod.NodOption;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.ReviewWallContent;
import nodyes.core.review.RelativeDate;
import nodyes.core.review.Review;
import org.jspecify.annotations.Nullable;

/**
 * Summary and first page of a review wall; counts and percentages are for 1 star first.
 *
 * @param summary what all reviews say together
 * @param ago whether days are told as so long ago
 * @param criteria what reviews say of single things; missing where of none
 * @param sharedWith titles of the products that share these reviews; missing where none do
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record WireWall(
    @JsonUnwrapped WallSummary summary,
    int perPage,
    List<WireReview> first,
    WallFacets facets,
    WallShape shape,
    boolean ago,
    @Nullable List<WallCriterion> criteria,
    @Nullable List<String> sharedWith,
    @Nullable WallMarked marked) {
  /**
   * What all reviews say together.
   *
   * @param mean to one decimal; 0 without reviews
   */
  public record WallSummary(
      BigDecimal mean,
      BigDecimal drawn,
      long count,
      long verified,
      List<Long> counts,
      List<Integer> percentages) {
    static WallSummary of(ReviewWallContent.Summary summary) {
      return new WallSummary(
          summary.average(),
          summary.drawn(),
          summary.count(),
          summary.verified(),
          summary.counts(),
          summary.percentages());
    }
  }

  /** What search engines show of the product, where that is another mean. */
  public record WallMarked(BigDecimal mean, long count) {}

  /** What a reader of a wall can part its reviews by, counted. */
  public record WallFacets(long pictured, long readable, List<WallVariant> variants) {}

  /** How many reviews speak of a variant. */
  public record WallVariant(String title, long count) {}

  /** What reviews say of a single thing: the mean over those that rated it, and as it is drawn. */
  public record WallCriterion(
      long id, String name, BigDecimal mean, long count, BigDecimal drawn) {}

  /** How it is laid out; names as in the nod's options. */
  public record WallShape(
      String order,
      @JsonUnwrapped WallGrid grid,
      String turning,
      boolean compact,
      boolean folded,
      boolean flags,
      boolean translated,
      @JsonUnwrapped WallForm form) {}

  /** How reviews lie on the page. */
  public record WallGrid(String layout, int columns, int columnsNarrow) {}

  /** Where a review is written. */
  public record WallForm(String form, boolean formOpen) {}

  static WireWall of(ReviewWallContent wall, ReviewWall.Shape shape, boolean canTranslate) {
    return new WireWall(
        WallSummary.of(wall.summary()),
        wall.page().size(),
        wall.page().reviews().stream()
            .map(review -> WireReview.of(review, ago(wall, review)))
            .toList(),
        facets(wall.facets()),
        shape(shape, canTranslate),
        wall.page().agos().isPresent(),
        wall.criteria().isEmpty()
            ? null
            : wall.criteria().stream()
                .map(
                    one ->
                        new WallCriterion(
                            one.criterion(),
                            one.name(),
                            one.mean(),
                            one.count(),
                            one.quarterStars()))
                .toList(),
        wall.sharedWith().isEmpty() ? null : wall.sharedWith(),
        wall.summary()
            .marked()
            .map(one -> new WallMarked(one.average(), one.count()))
            .orElse(null));
  }

  private static Optional<RelativeDate> ago(ReviewWallContent wall, Review review) {
    return wall.page().agos().map(agos -> agos.get(review.id()));
  }

  private static WallShape shape(ReviewWall.Shape shape, boolean canTranslate) {
    return new WallShape(
        NodOption.named(shape.order()),
        new WallGrid(
            NodOption.named(shape.grid().layout()),
            shape.grid().columns(),
            shape.grid().columnsNarrow()),
        NodOption.named(shape.turning()),
        shape.isCompact(),
        shape.isFolded(),
        shape.hasFlags(),
        shape.isTranslated() && canTranslate,
        new WallForm(NodOption.named(shape.form().place()), shape.form().isOpen()));
  }

  private static WallFacets facets(ReviewWallContent.Facets facets) {
    return new WallFacets(
        facets.pictured(),
        facets.readable(),
        facets.variants().stream()
            .map(variant -> new WallVariant(variant.title(), variant.count()))
            .toList());
  }
}
