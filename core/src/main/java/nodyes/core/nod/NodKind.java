package nodyes.core.nod;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The family of nods: for each kind its name on the wire and its types. */
public enum NodKind {
  /** Mean and number of reviews in one line. */
  STAR_LINE("star-line", StarLine.class, StarLine.StarLineContent.class, StarLine.OPTIONS),
  /** The reviews themselves, with summary and pages. */
  REVIEW_WALL("review-wall", ReviewWall.class, ReviewWall.ShapedWall.class, ReviewWall.OPTIONS),
  /** A tab at the screen's edge that opens the reviews. */
  REVIEW_TAB("review-tab", ReviewTab.class, ReviewTab.ReviewTabContent.class, ReviewTab.OPTIONS),
  /** A few reviews, picked by hand or by a rule. */
  PICKED_QUOTES(
      "picked-quotes",
      PickedQuotes.class,
      PickedQuotes.PickedQuotesContent.class,
      PickedQuotes.OPTIONS),
  /** A label that says how far a price fell. */
  PRICE_DROP_LABEL("price-drop-label", Label.LabelType.PRICE_DROP),
  /** A label of what sells best. */
  BESTSELLER_LABEL("bestseller-label", Label.LabelType.BESTSELLER),
  /** A label of what is new in the shop. */
  NEW_LABEL("new-label", Label.LabelType.NEW),
  /** A label that says how few are left. */
  LOW_STOCK_LABEL("low-stock-label", Label.LabelType.LOW_STOCK),
  /** A label of what is sold out. */
  SOLD_OUT_LABEL("sold-out-label", Label.LabelType.SOLD_OUT),
  /** A label that says when something can be had again. */
  BACK_ON_LABEL("back-on-label", Label.LabelType.BACK_ON),
  /** A label with the owner's own words. */
  OWN_LABEL("own-label", Label.LabelType.OWN_WORDS),
  /** Promises of the shop, or its ways to pay. */
  TRUST_BADGES(
      "trust-badges", TrustBadges.class, TrustBadges.TrustBadgesContent.class, TrustBadges.OPTIONS),
  /** How long something still holds. */
  COUNTDOWN("countdown", Countdown.class, Countdown.CountdownContent.class, Countdown.OPTIONS),
  /** How many looked at a product lately. */
  VISITOR_COUNT(
      "visitor-count",
      VisitorCount.class,
      VisitorCount.VisitorCountContent.class,
      VisitorCount.OPTIONS),
  /** How many pieces are left. */
  STOCK_LINE("stock-line", StockLine.class, StockLine.StockLineContent.class, StockLine.OPTIONS),
  /** What was ordered lately. */
  RECENT_ORDERS(
      "recent-orders",
      RecentOrders.class,
      RecentOrders.RecentOrdersContent.class,
      RecentOrders.OPTIONS),
  /** When an order arrives. */
  DELIVERY_PROMISE(
      "delivery-promise",
      DeliveryPromise.class,
      DeliveryPromise.DeliveryPromiseContent.class,
      DeliveryPromise.OPTIONS),
  /** Until when an order can be sent back. */
  RETURNS_LINE(
      "returns-line", ReturnsLine.class, ReturnsLine.ReturnsLineContent.class, ReturnsLine.OPTIONS);

  private final String wireName;
  private final Class<? extends Nod> settings;
  private final Class<? extends Content> content;

  // records of names and forms that never change
  @SuppressWarnings("ImmutableEnumChecker")
  private final List<NodOption> options;

  NodKind(
      String wireName,
      Class<? extends Nod> settings,
      Class<? extends Content> content,
      List<NodOption> options) {
    this.wireName = wireName;
    this.settings = settings;
    this.content = content;
    this.options = List.copyOf(options);
  }

  NodKind(String wireName, Label.LabelType claim) {
    this(wireName, Label.class, Label.LabelContent.class, LabelOptions.of(claim));
  }

  /** The name in stored settings and on the wire. */
  public String wireName() {
    return wireName;
  }

  /** The record with its settings. */
  public Class<? extends Nod> settings() {
    return settings;
  }

  /** The record with what a page shows of it. */
  public Class<? extends Content> content() {
    return content;
  }

  /** What can be set of it beside its look. */
  public List<NodOption> options() {
    return options;
  }

  /** The kind with that wire name, if any. */
  public static Optional<NodKind> parse(String wireName) {
    return Arrays.stream(values()).filter(kind -> kind.wireName.equals(wireName)).findFirst();
  }
}
