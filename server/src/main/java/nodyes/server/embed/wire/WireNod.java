package nodyes.server.embed.wire;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import nodyes.core.nod.Content;
import nodyes.core.nod.Label;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.ReviewTab;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.TrustBadges;

/** A nod that shows: its kind, its spot, the product it is for, and its content. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = WireNod.StarLineNod.class, name = "star-line"),
  @JsonSubTypes.Type(value = WireNod.ReviewWallNod.class, name = "review-wall"),
  @JsonSubTypes.Type(value = WireNod.ReviewTabNod.class, name = "review-tab"),
  @JsonSubTypes.Type(value = WireNod.PickedQuotesNod.class, name = "picked-quotes"),
  @JsonSubTypes.Type(value = WireNod.LabelNod.class, name = "label"),
  @JsonSubTypes.Type(value = WireNod.TrustBadgesNod.class, name = "trust-badges")
})
@Schema(
    oneOf = {
      WireNod.StarLineNod.class,
      WireNod.ReviewWallNod.class,
      WireNod.ReviewTabNod.class,
      WireNod.PickedQuotesNod.class,
      WireNod.LabelNod.class,
      WireNod.TrustBadgesNod.class
    },
    discriminatorProperty = "kind",
    discriminatorMapping = {
      @DiscriminatorMapping(value = "star-line", schema = WireNod.StarLineNod.class),
      @DiscriminatorMapping(value = "review-wall", schema = WireNod.ReviewWallNod.class),
      @DiscriminatorMapping(value = "review-tab", schema = WireNod.ReviewTabNod.class),
      @DiscriminatorMapping(value = "picked-quotes", schema = WireNod.PickedQuotesNod.class),
      @DiscriminatorMapping(value = "label", schema = WireNod.LabelNod.class),
      @DiscriminatorMapping(value = "trust-badges", schema = WireNod.TrustBadgesNod.class)
    })
public sealed interface WireNod {
  /** Its id. */
  String id();

  /** A star line. */
  record StarLineNod(String id, String spot, String product, StarLineContent content)
      implements WireNod {}

  /** A review wall. */
  record ReviewWallNod(String id, String spot, String product, WireWall content)
      implements WireNod {}

  /** A tab at the screen's edge. */
  record ReviewTabNod(String id, String spot, String product, WireWall content, boolean atStart)
      implements WireNod {}

  /** Picked reviews. */
  record PickedQuotesNod(String id, String spot, String product, WireQuotes content)
      implements WireNod {}

  /**
   * A label of any kind.
   *
   * @param claim its kind, under which its words stand
   */
  record LabelNod(String id, String spot, String product, String claim, WireLabel content)
      implements WireNod {}

  /** Trust badges. */
  record TrustBadgesNod(String id, String spot, String product, WireBadges content)
      implements WireNod {}

  /**
   * Mean to one decimal, stars to draw in quarters, and number of reviews.
   *
   * @param verified how many are verified purchases
   * @param stars whether stars and mean show
   * @param counted what is counted: all, verified, both, nothing
   */
  record StarLineContent(
      BigDecimal mean,
      BigDecimal drawn,
      long count,
      long verified,
      boolean stars,
      String counted) {}

  /**
   * From the core's content.
   *
   * @param kind the nod's kind
   * @param canTranslate whether a translator is connected; nothing is offered without
   */
  static WireNod of(
      String id, String kind, String spot, String product, Content content, boolean canTranslate) {
    return switch (content) {
      case StarLine.Content stars ->
          new StarLineNod(
              id,
              spot,
              product,
              new StarLineContent(
                  stars.mean(),
                  stars.drawn(),
                  stars.count(),
                  stars.verified(),
                  stars.showsStars(),
                  nodyes.core.nod.NodOption.named(stars.counted())));
      case ReviewWall.Content wall ->
          new ReviewWallNod(
              id, spot, product, WireWall.of(wall.wall(), wall.shape(), canTranslate));
      case ReviewTab.Content tab ->
          new ReviewTabNod(
              id,
              spot,
              product,
              WireWall.of(tab.wall(), ReviewWall.Shape.USUAL, canTranslate),
              tab.isAtStart());
      case PickedQuotes.Content quotes ->
          new PickedQuotesNod(id, spot, product, WireQuotes.of(quotes));
      case Label.Content label -> new LabelNod(id, spot, product, kind, WireLabel.of(label));
      case TrustBadges.Content badges ->
          new TrustBadgesNod(id, spot, product, WireBadges.of(badges));
    };
  }
}
