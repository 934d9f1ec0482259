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
  PRICE("price", Source.CATALOGUE),
  /** Whether the product is in the catalogue. */
  PRODUCT("product", Source.CATALOGUE),
  /** The shopper's country. */
  COUNTRY("country", Source.SHOPPER),
  /** The shopper's language. */
  LANGUAGE("language", Source.SHOPPER),
  /** A period with a start or an end. */
  PERIOD("dates", Source.CLOCK),
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
