package nodyes.server.storefront.wire;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.math.BigDecimal;
import java.time.LocalDate;
import nodyes.core.nod.Content;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.Label;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.RecentOrders;
import nodyes.core.nod.ReturnsLine;
import nodyes.core.nod.ReviewTab;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.StockLine;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.VisitorCount;
import nodyes.core.visitors.TimeWindow;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.annotation.JsonTypeIdResolver;

/** A nod that shows: its kind, its spot, the product it is for, and its content. */
@JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = WireKinds.PROPERTY)
@JsonTypeIdResolver(WireKinds.class)
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
  record VisitorCountNod(String id, String spot, String product, TimeWindow window, int quietUnder)
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
   * A returns line.
   *
   * @param lastDay the last day on which it can be sent back
   * @param days from the day on which it arrives, where they are told and not the day
   * @param ordered whether it is of what has been ordered
   */
  record ReturnsLineNod(
      String id,
      String spot,
      String product,
      LocalDate lastDay,
      @Nullable Long days,
      boolean ordered)
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
    static StarLineContent of(StarLine.StarLineContent stars) {
      return new StarLineContent(
          stars.average(),
          stars.drawn(),
          stars.count(),
          stars.verified(),
          stars.showsStars(),
          nodyes.core.nod.NodOption.named(stars.counted()));
    }
  }

  /**
   * Which nod it is, and where it stands.
   *
   * @param kind the nod's kind
   */
  record At(String id, String kind, String spot, String product) {}

  /**
   * From the core's content.
   *
   * @param canTranslate whether a translator is connected; nothing is offered without
   */
  static WireNod of(At at, Content content, boolean canTranslate) {
    return switch (content) {
      case StarLine.StarLineContent stars ->
          new StarLineNod(at.id(), at.spot(), at.product(), StarLineContent.of(stars));
      case ReviewWall.ShapedWall wall ->
          new ReviewWallNod(
              at.id(),
              at.spot(),
              at.product(),
              WireWall.of(wall.wall(), wall.shape(), canTranslate));
      case ReviewTab.ReviewTabContent tab ->
          new ReviewTabNod(
              at.id(),
              at.spot(),
              at.product(),
              WireWall.of(tab.wall(), ReviewWall.Shape.USUAL, canTranslate),
              tab.isAtStart());
      case PickedQuotes.PickedQuotesContent quotes ->
          new PickedQuotesNod(at.id(), at.spot(), at.product(), WireQuotes.of(quotes));
      case Label.LabelContent label ->
          new LabelNod(at.id(), at.spot(), at.product(), at.kind(), WireLabel.of(label));
      case TrustBadges.TrustBadgesContent badges ->
          new TrustBadgesNod(at.id(), at.spot(), at.product(), WireBadges.of(badges));
      case Countdown.CountdownContent countdown ->
          new CountdownNod(at.id(), at.spot(), at.product(), WireCountdown.of(countdown));
      case VisitorCount.VisitorCountContent count ->
          new VisitorCountNod(at.id(), at.spot(), at.product(), count.window(), count.quietUnder());
      case StockLine.StockLineContent stock ->
          new StockLineNod(
              at.id(),
              at.spot(),
              at.product(),
              stock.left(),
              stock.delivered().orElse(null),
              stock.moreOn().orElse(null));
      case RecentOrders.RecentOrdersContent orders ->
          new RecentOrdersNod(at.id(), at.spot(), at.product(), WireOrders.of(orders));
      case DeliveryPromise.DeliveryPromiseContent delivery ->
          new DeliveryPromiseNod(at.id(), at.spot(), at.product(), WireDelivery.of(delivery));
      case ReturnsLine.ReturnsLineContent returns ->
          new ReturnsLineNod(
              at.id(),
              at.spot(),
              at.product(),
              returns.lastDay(),
              returns.tells() == ReturnsLine.Tells.DAYS ? returns.days() : null,
              returns.isOrdered());
    };
  }
}
