package nodyes.server.embed.wire;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;
import nodyes.core.nod.Content;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.Label;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.RecentOrders;
import nodyes.core.nod.ReviewTab;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.StockLine;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.VisitorCount;
import nodyes.core.presence.ViewWindow;
import org.jspecify.annotations.Nullable;

/** A nod that shows: its kind, its spot, the product it is for, and its content. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = WireNod.StarLineNod.class, name = "star-line"),
  @JsonSubTypes.Type(value = WireNod.ReviewWallNod.class, name = "review-wall"),
  @JsonSubTypes.Type(value = WireNod.ReviewTabNod.class, name = "review-tab"),
  @JsonSubTypes.Type(value = WireNod.PickedQuotesNod.class, name = "picked-quotes"),
  @JsonSubTypes.Type(value = WireNod.LabelNod.class, name = "label"),
  @JsonSubTypes.Type(value = WireNod.TrustBadgesNod.class, name = "trust-badges"),
  @JsonSubTypes.Type(value = WireNod.CountdownNod.class, name = "countdown"),
  @JsonSubTypes.Type(value = WireNod.VisitorCountNod.class, name = "visitor-count"),
  @JsonSubTypes.Type(value = WireNod.StockLineNod.class, name = "stock-line"),
  @JsonSubTypes.Type(value = WireNod.RecentOrdersNod.class, name = "recent-orders"),
  @JsonSubTypes.Type(value = WireNod.DeliveryPromiseNod.class, name = "delivery-promise")
})
@Schema(
    oneOf = {
      WireNod.StarLineNod.class,
      WireNod.ReviewWallNod.class,
      WireNod.ReviewTabNod.class,
      WireNod.PickedQuotesNod.class,
      WireNod.LabelNod.class,
      WireNod.TrustBadgesNod.class,
      WireNod.CountdownNod.class,
      WireNod.VisitorCountNod.class,
      WireNod.StockLineNod.class,
      WireNod.RecentOrdersNod.class,
      WireNod.DeliveryPromiseNod.class
    },
    discriminatorProperty = "kind",
    discriminatorMapping = {
      @DiscriminatorMapping(value = "star-line", schema = WireNod.StarLineNod.class),
      @DiscriminatorMapping(value = "review-wall", schema = WireNod.ReviewWallNod.class),
      @DiscriminatorMapping(value = "review-tab", schema = WireNod.ReviewTabNod.class),
      @DiscriminatorMapping(value = "picked-quotes", schema = WireNod.PickedQuotesNod.class),
      @DiscriminatorMapping(value = "label", schema = WireNod.LabelNod.class),
      @DiscriminatorMapping(value = "trust-badges", schema = WireNod.TrustBadgesNod.class),
      @DiscriminatorMapping(value = "countdown", schema = WireNod.CountdownNod.class),
      @DiscriminatorMapping(value = "visitor-count", schema = WireNod.VisitorCountNod.class),
      @DiscriminatorMapping(value = "stock-line", schema = WireNod.StockLineNod.class),
      @DiscriminatorMapping(value = "recent-orders", schema = WireNod.RecentOrdersNod.class),
      @DiscriminatorMapping(value = "delivery-promise", schema = WireNod.DeliveryPromiseNod.class)
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

  /** A countdown. */
  record CountdownNod(String id, String spot, String product, WireCountdown content)
      implements WireNod {}

  /**
   * A visitor count, whose number comes with the report that the page is seen.
   *
   * @param window the time that it looks back on
   * @param quietUnder under so many it says nothing
   */
  record VisitorCountNod(String id, String spot, String product, ViewWindow window, int quietUnder)
      implements WireNod {}

  /**
   * A stock line.
   *
   * @param left pieces that can be sent at once
   * @param delivered as many as there were when the stock last rose
   * @param moreOn the day from which more can be had
   */
  record StockLineNod(
      String id,
      String spot,
      String product,
      long left,
      @Nullable Long delivered,
      @Nullable LocalDate moreOn)
      implements WireNod {}

  /** Recent orders. */
  record RecentOrdersNod(String id, String spot, String product, WireOrders content)
      implements WireNod {}

  /** A delivery promise. */
  record DeliveryPromiseNod(String id, String spot, String product, WireDelivery content)
      implements WireNod {}

  /**
   * Mean to one decimal, stars to draw in quarters, and number of reviews.
   *
   * @param verified how many are verified purchases
   * @param stars whether stars and mean show
   * @param counted what is counted: all, verified, both, nothing
   */
  record StarLineContent(
      BigDecimal mean, BigDecimal drawn, long count, long verified, boolean stars, String counted) {
    static StarLineContent of(StarLine.Content stars) {
      return new StarLineContent(
          stars.mean(),
          stars.drawn(),
          stars.count(),
          stars.verified(),
          stars.showsStars(),
          nodyes.core.nod.NodOption.named(stars.counted()));
    }
  }

  /**
   * From the core's content.
   *
   * @param kind the nod's kind
   * @param canTranslate whether a translator is connected; nothing is offered without
   */
  static WireNod of(
      String id, String kind, String spot, String product, Content content, boolean canTranslate) {
    return switch (content) {
      case StarLine.Content stars -> new StarLineNod(id, spot, product, StarLineContent.of(stars));
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
      case Countdown.Content countdown ->
          new CountdownNod(id, spot, product, WireCountdown.of(countdown));
      case VisitorCount.Content count ->
          new VisitorCountNod(id, spot, product, count.window(), count.quietUnder());
      case StockLine.Content stock ->
          new StockLineNod(
              id,
              spot,
              product,
              stock.left(),
              stock.delivered().orElse(null),
              stock.moreOn().orElse(null));
      case RecentOrders.Content orders ->
          new RecentOrdersNod(id, spot, product, WireOrders.of(orders));
      case DeliveryPromise.Content delivery ->
          new DeliveryPromiseNod(id, spot, product, WireDelivery.of(delivery));
    };
  }
}
