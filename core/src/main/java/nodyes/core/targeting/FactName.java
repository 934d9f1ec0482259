package nodyes.core.targeting;

/** The facts that findings speak of, each with where it comes from. */
public enum FactName {
  /** Number of published reviews. */
  REVIEWS(Source.REVIEWS),
  /** Mean of the published ratings. */
  AVERAGE_RATING(Source.REVIEWS),
  /** Published reviews of verified purchases. */
  VERIFIED_PURCHASES(Source.REVIEWS),
  /** Reviews that a rule or a hand picks. */
  QUOTED_REVIEWS(Source.REVIEWS),
  /** Reviews of the shop itself in a business directory. */
  SHOP_REVIEWS(Source.REVIEWS),
  /** Categories of the product, with those above them. */
  CATEGORY(Source.CATALOGUE),
  /** Tags of the product. */
  TAG(Source.CATALOGUE),
  /** Price of the product, or of the chosen variant. */
  PRICE(Source.PRICES),
  /** Whether the product is in the catalogue. */
  PRODUCT(Source.CATALOGUE),
  /** What the product is made or sold under. */
  BRAND(Source.CATALOGUE),
  /** How far the price lies under the prior one, in percent. */
  DISCOUNT(Source.PRICES),
  /** The price before a reduction. */
  PRIOR_PRICE(Source.PRICES),
  /** Pieces that can be sent at once. */
  STOCK(Source.CATALOGUE),
  /** The day from which it can be had again. */
  RESTOCK_DATE(Source.CATALOGUE),
  /** The day on which the shop first showed it. */
  ADDED_ON(Source.CATALOGUE),
  /** Whether it has a picture. */
  PICTURE(Source.CATALOGUE),
  /** Units sold in a window of days. */
  UNITS_SOLD(Source.ORDERS),
  /** The last order of it. */
  LAST_ORDER(Source.ORDERS),
  /** The place among others by units sold. */
  SALES_RANK(Source.ORDERS),
  /** Visitors who looked at it lately. */
  VISITORS(Source.VIEWS),
  /** A value that the owner's words put in. */
  TEXT_VALUE(Source.SETTINGS),
  /** Labels that stand on the picture before this one. */
  LABELS_ON_IMAGE(Source.SETTINGS),
  /** Parts of a nod that say something here. */
  PROMISES(Source.SETTINGS),
  /** The shopper's country. */
  COUNTRY(Source.SHOPPER),
  /** The shopper's language. */
  LANGUAGE(Source.SHOPPER),
  /** When an order arrives. */
  DELIVERY(Source.SETTINGS),
  /** Until when something can be sent back. */
  RETURNS(Source.SETTINGS),
  /** A period with a start or an end. */
  DATE_RANGE(Source.CLOCK),
  /** When a countdown runs. */
  COUNTDOWN(Source.CLOCK),
  /** A time of day on some weekdays. */
  TIME_OF_DAY(Source.CLOCK),
  /** Whether the nod is switched on. */
  ENABLED(Source.SETTINGS),
  /** How many conditions a group has. */
  GROUP_CONDITIONS(Source.SETTINGS),
  /** The kind of page. */
  PAGE_KIND(Source.SETTINGS),
  /** The width of screen. */
  SCREEN(Source.SETTINGS);

  /** Where a fact comes from. */
  public enum Source {
    /** The stored reviews. */
    REVIEWS,
    /** The catalogue. */
    CATALOGUE,
    /** The prices as they were recorded. */
    PRICES,
    /** The shop's orders. */
    ORDERS,
    /** The views that pages reported. */
    VIEWS,
    /** What the page knows of the shopper. */
    SHOPPER,
    /** The time, in the shop's zone. */
    CLOCK,
    /** What the owner set. */
    SETTINGS
  }

  private final Source source;

  FactName(Source source) {
    this.source = source;
  }

  /** Where it comes from. */
  public Source source() {
    return source;
  }
}
