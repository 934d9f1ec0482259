package nodyes.server.nods;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.nod.Countdown;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.RecentOrders;
import nodyes.core.nod.ReturnsLine;
import nodyes.core.nod.ReviewTab;
import nodyes.core.nod.ReviewWall;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.StockLine;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.VisitorCount;
import nodyes.core.targeting.Condition;

/** How nods begin: what a new shop has, and what a new nod of a kind is before it is set. */
final class NodDefaults {
  private static final int WALL_PAGE = 6;

  private NodDefaults() {}

  /** A new nod of a kind in a spot of a kind of page. */
  static Nod fresh(NodId id, NodKind kind, Spot spot, PageKind page, LocalDate today) {
    var placement = new Placement(spot, EnumSet.of(page), Condition.everyone(), true);
    return switch (kind) {
      case STAR_LINE -> new StarLine(id, placement);
      case REVIEW_WALL -> new ReviewWall(id, placement, WALL_PAGE).askingForTheFirst();
      case REVIEW_TAB -> new ReviewTab(id, placement);
      case PICKED_QUOTES -> new PickedQuotes(id, placement);
      case PRICE_DROP_LABEL -> new Label(id, Label.LabelType.PRICE_DROP, placement);
      case BESTSELLER_LABEL -> new Label(id, Label.LabelType.BESTSELLER, placement);
      case NEW_LABEL -> new Label(id, Label.LabelType.NEW, placement);
      case LOW_STOCK_LABEL -> new Label(id, Label.LabelType.LOW_STOCK, placement);
      case SOLD_OUT_LABEL -> new Label(id, Label.LabelType.SOLD_OUT, placement);
      case BACK_ON_LABEL -> new Label(id, Label.LabelType.BACK_ON, placement);
      case OWN_LABEL -> new Label(id, Label.LabelType.OWN_WORDS, placement);
      case TRUST_BADGES -> new TrustBadges(id, placement);
      case VISITOR_COUNT -> new VisitorCount(id, placement);
      case STOCK_LINE -> new StockLine(id, placement);
      case RECENT_ORDERS -> new RecentOrders(id, placement);
      case DELIVERY_PROMISE -> new DeliveryPromise(id, placement);
      case RETURNS_LINE -> new ReturnsLine(id, placement);
      // a week ahead, to be set by the owner
      case COUNTDOWN ->
          new Countdown(
              id,
              placement,
              new CountdownSchedule.FixedEnd(Optional.empty(), today.plusDays(7).atTime(23, 59)));
    };
  }

  /** Where a kind usually stands on a kind of page. */
  static Spot usual(NodKind kind, PageKind page) {
    boolean isProduct = page == PageKind.PRODUCT;
    return new Spot(
        switch (kind) {
          case STAR_LINE -> isProduct ? "under-title" : "listing-card";
          case REVIEW_WALL -> isProduct ? "page-end" : "listing-card";
          case REVIEW_TAB -> isProduct ? "screen-edge" : "listing-card";
          case PICKED_QUOTES -> isProduct ? "under-picture" : "listing-card";
          case TRUST_BADGES -> isProduct ? "under-buy" : "page-end";
          case VISITOR_COUNT, RECENT_ORDERS -> isProduct ? "under-buy" : "listing-card";
          case DELIVERY_PROMISE, RETURNS_LINE ->
              switch (page) {
                case PRODUCT -> "under-buy";
                case BASKET -> "basket-end";
                case CONFIRMATION -> "order-end";
                case LISTING, HOME -> "listing-card";
              };
          case STOCK_LINE -> isProduct ? "above-buy" : "listing-card";
          case COUNTDOWN -> isProduct ? "above-buy" : "listing-card";
          case PRICE_DROP_LABEL,
              BESTSELLER_LABEL,
              NEW_LABEL,
              LOW_STOCK_LABEL,
              SOLD_OUT_LABEL,
              BACK_ON_LABEL,
              OWN_LABEL ->
              "on-picture";
        });
  }

  /** What a new shop begins with: stars where products are named, reviews at a page's end. */
  static List<Nod> first() {
    return List.of(
        new StarLine(
            new NodId("stars-product"),
            new Placement(
                new Spot("under-title"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true)),
        new StarLine(
            new NodId("stars-card"),
            new Placement(
                new Spot("listing-card"),
                EnumSet.of(PageKind.LISTING, PageKind.HOME),
                Condition.everyone(),
                true)),
        new ReviewWall(
                new NodId("reviews"),
                new Placement(
                    new Spot("page-end"), EnumSet.of(PageKind.PRODUCT), Condition.everyone(), true),
                WALL_PAGE)
            .askingForTheFirst());
  }
}
