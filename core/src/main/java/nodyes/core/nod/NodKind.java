package nodyes.core.nod;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The family of nods: for each kind its name on the wire and its types. */
public enum NodKind {
  /** Mean and number of reviews in one line. */
  STAR_LINE("star-line", "Star line", StarLine.class, StarLine.Content.class, StarLine.OPTIONS),
  /** The reviews themselves, with summary and pages. */
  REVIEW_WALL(
      "review-wall", "Review wall", ReviewWall.class, ReviewWall.Content.class, ReviewWall.OPTIONS),
  /** A tab at the screen's edge that opens the reviews. */
  REVIEW_TAB(
      "review-tab", "Review tab", ReviewTab.class, ReviewTab.Content.class, ReviewTab.OPTIONS),
  /** A few reviews, picked by hand or by a rule. */
  PICKED_QUOTES(
      "picked-quotes",
      "Picked quotes",
      PickedQuotes.class,
      PickedQuotes.Content.class,
      PickedQuotes.OPTIONS),
  /** A label that says how far a price fell. */
  PRICE_DROP_LABEL("price-drop-label", "Price drop label", Label.Claim.PRICE_DROP),
  /** A label of what sells best. */
  BESTSELLER_LABEL("bestseller-label", "Bestseller label", Label.Claim.BESTSELLER),
  /** A label of what is new in the shop. */
  NEW_LABEL("new-label", "New label", Label.Claim.NEW),
  /** A label that says how few are left. */
  LOW_STOCK_LABEL("low-stock-label", "Low stock label", Label.Claim.LOW_STOCK),
  /** A label of what is sold out. */
  SOLD_OUT_LABEL("sold-out-label", "Sold out label", Label.Claim.SOLD_OUT),
  /** A label that says when something can be had again. */
  BACK_ON_LABEL("back-on-label", "Back again label", Label.Claim.BACK_ON),
  /** A label with the owner's own words. */
  OWN_LABEL("own-label", "Label of your own", Label.Claim.OWN_WORDS),
  /** Promises of the shop, or its ways to pay. */
  TRUST_BADGES(
      "trust-badges",
      "Trust badges",
      TrustBadges.class,
      TrustBadges.Content.class,
      TrustBadges.OPTIONS),
  /** How long something still holds. */
  COUNTDOWN("countdown", "Countdown", Countdown.class, Countdown.Content.class, Countdown.OPTIONS),
  /** How many looked at a product lately. */
  VISITOR_COUNT(
      "visitor-count",
      "Visitor count",
      VisitorCount.class,
      VisitorCount.Content.class,
      VisitorCount.OPTIONS),
  /** How many pieces are left. */
  STOCK_LINE(
      "stock-line", "Stock line", StockLine.class, StockLine.Content.class, StockLine.OPTIONS),
  /** What was ordered lately. */
  RECENT_ORDERS(
      "recent-orders",
      "Recent orders",
      RecentOrders.class,
      RecentOrders.Content.class,
      RecentOrders.OPTIONS),
  /** When an order arrives. */
  DELIVERY_PROMISE(
      "delivery-promise",
      "Delivery promise",
      DeliveryPromise.class,
      DeliveryPromise.Content.class,
      DeliveryPromise.OPTIONS);

  private final String wireName;
  private final String words;
  private final Class<? extends Nod> settings;
  private final Class<? extends Content> content;

  // records of names and forms that never change
  @SuppressWarnings("ImmutableEnumChecker")
  private final List<NodOption> options;

  NodKind(
      String wireName,
      String words,
      Class<? extends Nod> settings,
      Class<? extends Content> content,
      List<NodOption> options) {
    this.wireName = wireName;
    this.words = words;
    this.settings = settings;
    this.content = content;
    this.options = List.copyOf(options);
  }

  NodKind(String wireName, String words, Label.Claim claim) {
    this(wireName, words, Label.class, Label.Content.class, LabelOptions.of(claim));
  }

  /** The name in stored settings and on the wire. */
  public String wireName() {
    return wireName;
  }

  /** What the owner calls it. */
  public String words() {
    return words;
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
