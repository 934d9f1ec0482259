package nodyes.server.embed.wire;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import nodyes.core.nod.Content;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.StarLine;

/** A nod that shows: its kind, its spot, the product it is for, and its content. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = WireNod.StarLineNod.class, name = "star-line"),
  @JsonSubTypes.Type(value = WireNod.ReviewWallNod.class, name = "review-wall")
})
@Schema(
    oneOf = {WireNod.StarLineNod.class, WireNod.ReviewWallNod.class},
    discriminatorProperty = "kind",
    discriminatorMapping = {
      @DiscriminatorMapping(value = "star-line", schema = WireNod.StarLineNod.class),
      @DiscriminatorMapping(value = "review-wall", schema = WireNod.ReviewWallNod.class)
    })
public sealed interface WireNod {
  /** Its id. */
  String id();

  /** A star line. */
  record StarLineNod(String id, String spot, String product, StarLineContent content)
      implements WireNod {}

  /** A review wall. */
  record ReviewWallNod(String id, String spot, String product, ReviewWallContent content)
      implements WireNod {}

  /** Mean to one decimal, stars to draw in quarters, and number of reviews. */
  record StarLineContent(BigDecimal mean, BigDecimal drawn, long count) {}

  /** Summary and first page; counts and percentages are for 1 star first. */
  record ReviewWallContent(
      BigDecimal mean,
      BigDecimal drawn,
      long count,
      long verified,
      List<Long> counts,
      List<Integer> percentages,
      int perPage,
      List<WireReview> first,
      WallFacets facets) {}

  /** What a reader can part the reviews of a wall by, counted. */
  record WallFacets(long pictured, long readable, List<WallVariant> variants) {}

  /** How many reviews speak of a variant. */
  record WallVariant(String title, long count) {}

  /** From the core's content. */
  static WireNod of(String id, String spot, String product, Content content) {
    return switch (content) {
      case StarLine.Content stars ->
          new StarLineNod(
              id, spot, product, new StarLineContent(stars.mean(), stars.drawn(), stars.count()));
      case ReviewWall.Content wall ->
          new ReviewWallNod(
              id,
              spot,
              product,
              new ReviewWallContent(
                  wall.mean(),
                  wall.drawn(),
                  wall.count(),
                  wall.verified(),
                  wall.counts(),
                  wall.percentages(),
                  wall.perPage(),
                  wall.first().stream().map(WireReview::of).toList(),
                  facets(wall.facets())));
    };
  }

  private static WallFacets facets(ReviewWall.Content.Shown shown) {
    return new WallFacets(
        shown.pictured(),
        shown.readable(),
        shown.variants().stream()
            .map(variant -> new WallVariant(variant.title(), variant.count()))
            .toList());
  }
}
