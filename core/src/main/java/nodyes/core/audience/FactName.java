package nodyes.core.audience;

/** The facts that findings speak of, each with where it comes from. */
public enum FactName {
  /** Number of published reviews. */
  REVIEWS("published reviews", Source.REVIEWS),
  /** Mean of the published ratings. */
  MEAN_RATING("mean rating", Source.REVIEWS),
  /** Published reviews of verified purchases. */
  BOUGHT("verified purchases", Source.REVIEWS),
  /** Reviews that a rule or a hand picks. */
  QUOTES("picked reviews", Source.REVIEWS),
  /** Reviews of the shop itself in a business directory. */
  SHOP_REVIEWS("reviews of the shop itself", Source.REVIEWS),
  /** Categories of the product, with those above them. */
  CATEGORY("category", Source.CATALOGUE),
  /** Tags of the product. */
  TAG("tags", Source.CATALOGUE),
  /** Price of the product, or of the chosen variant. */
  PRICE("price", Source.PRICES),
  /** Whether the product is in the catalogue. */
  PRODUCT("product", Source.CATALOGUE),
  /** What the product is made or sold under. */
  BRAND("brand", Source.CATALOGUE),
  /** How far the price lies under the prior one, in percent. */
  PERCENT_OFF("price drop", Source.PRICES),
  /** The price before a reduction. */
  PRIOR_PRICE("prior price", Source.PRICES),
  /** Pieces that can be sent at once. */
  STOCK("stock", Source.CATALOGUE),
  /** The day from which it can be had again. */
  BACK_ON("day of the next delivery to the shop", Source.CATALOGUE),
  /** The day on which the shop first showed it. */
  FIRST_PUBLISHED("first day in the shop", Source.CATALOGUE),
  /** Whether it has a picture. */
  PICTURE("picture", Source.CATALOGUE),
  /** Units sold in a window of days. */
  UNITS_SOLD("units sold", Source.ORDERS),
  /** The last order of it. */
  LAST_ORDER("last order", Source.ORDERS),
  /** The place among others by units sold. */
  SALES_RANK("sales rank", Source.ORDERS),
  /** Visitors who looked at it lately. */
  VISITORS("visitors", Source.VIEWS),
  /** A value that the owner's words put in. */
  VALUE("value in the words", Source.SETTINGS),
  /** Labels that stand on the picture before this one. */
  LABELS_BEFORE("labels on the picture", Source.SETTINGS),
  /** Parts of a nod that say something here. */
  ITEMS("promises", Source.SETTINGS),
  /** The shopper's country. */
  COUNTRY("country", Source.SHOPPER),
  /** The shopper's language. */
  LANGUAGE("language", Source.SHOPPER),
  /** When an order arrives. */
  DELIVERY("delivery", Source.SETTINGS),
  /** A period with a start or an end. */
  PERIOD("dates", Source.CLOCK),
  /** When a countdown runs. */
  COUNTDOWN("countdown", Source.CLOCK),
  /** A time of day on some weekdays. */
  TIME_OF_DAY("time of day", Source.CLOCK),
  /** Whether the nod is switched on. */
  SWITCH("switch", Source.SETTINGS),
  /** How many conditions a group has. */
  CONDITIONS("conditions", Source.SETTINGS),
  /** The kind of page. */
  PAGE_KIND("page", Source.SETTINGS),
  /** The width of screen. */
  SCREEN("screen", Source.SETTINGS);

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

  private final String words;
  private final Source source;

  FactName(String words, Source source) {
    this.words = words;
    this.source = source;
  }

  /** Its name in a sentence. */
  public String words() {
    return words;
  }

  /** Where it comes from. */
  public Source source() {
    return source;
  }
}
