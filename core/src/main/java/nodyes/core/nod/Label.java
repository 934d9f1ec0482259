package nodyes.core.nod;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.price.PriceHistory;

/**
 * A few words, or a picture, on the picture of a product or in the text.
 *
 * @param id its id
 * @param claim what it says
 * @param placement where, for whom, on or off
 * @param options how it is found and how it lies on the picture
 * @param dress what it says and how it looks
 */
public record Label(
    NodId id, LabelType claim, Placement placement, NodOptions options, Appearance dress)
    implements Nod {
  /** What a label says. */
  public enum LabelType {
    /** It costs less than before. */
    PRICE_DROP,
    /** It is among those that sell best. */
    BESTSELLER,
    /** It is new in the shop. */
    NEW,
    /** Few are left. */
    LOW_STOCK,
    /** None is left. */
    SOLD_OUT,
    /** None is left, and when it comes again is known. */
    BACK_ON,
    /** What the owner writes. */
    OWN_WORDS;

    /** The kind of nod that says it. */
    public NodKind kind() {
      return switch (this) {
        case PRICE_DROP -> NodKind.PRICE_DROP_LABEL;
        case BESTSELLER -> NodKind.BESTSELLER_LABEL;
        case NEW -> NodKind.NEW_LABEL;
        case LOW_STOCK -> NodKind.LOW_STOCK_LABEL;
        case SOLD_OUT -> NodKind.SOLD_OUT_LABEL;
        case BACK_ON -> NodKind.BACK_ON_LABEL;
        case OWN_WORDS -> NodKind.OWN_LABEL;
      };
    }
  }

  /** A place on a picture, of nine. */
  public enum Corner {
    /** Top, where reading begins. */
    TOP_START,
    /** Top, in the middle. */
    TOP,
    /** Top, where reading ends. */
    TOP_END,
    /** Halfway down, where reading begins. */
    START,
    /** In the middle. */
    MIDDLE,
    /** Halfway down, where reading ends. */
    END,
    /** At the foot, where reading begins. */
    BOTTOM_START,
    /** At the foot, in the middle. */
    BOTTOM,
    /** At the foot, where reading ends. */
    BOTTOM_END
  }

  /** Whether a drop is told in percent or in money. */
  public enum AmountFormat {
    /** In percent. */
    PERCENT,
    /** In money. */
    AMOUNT
  }

  /** What a price is compared with. */
  public enum PriceReference {
    /** The lowest of the days before the reduction. */
    LOWEST_BEFORE,
    /** The owner's own price of reference. */
    OWN_REFERENCE
  }

  /** Among which a bestseller is one. */
  public enum RankingScope {
    /** Its own category. */
    CATEGORY,
    /** The shop. */
    SHOP
  }

  /** As usual, in our words and the brand kit's look. */
  public Label(NodId id, LabelType claim, Placement placement) {
    this(id, claim, placement, NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return claim.kind();
  }

  @Override
  public FactRequirements needs() {
    return saysSales() ? FactRequirements.ofSales(false) : FactRequirements.FIGURES;
  }

  @Override
  public Label placed(Placement other) {
    return new Label(id, claim, other, options, dress);
  }

  @Override
  public Label dressed(Appearance other) {
    return new Label(id, claim, placement, options, other);
  }

  @Override
  public Label opted(NodOptions other) {
    return new Label(id, claim, placement, other, dress);
  }

  @Override
  public Label copied(NodId other) {
    return new Label(other, claim, placement, options, dress);
  }

  /** The least percentage that is told. */
  public int leastPercent() {
    return options.whole(LabelOptions.LEAST_PERCENT);
  }

  /** Whether a drop is told in percent or in money. */
  public AmountFormat tells() {
    return options.value(LabelOptions.TELLS, AmountFormat.class);
  }

  /** What a price is compared with. */
  public PriceReference against() {
    return options.value(LabelOptions.AGAINST, PriceReference.class);
  }

  /** How many days before a reduction are looked back on. */
  public int daysBefore() {
    return options.whole(LabelOptions.DAYS_BEFORE);
  }

  /** For how many days a reduction is told, that on which it began included. */
  public int daysTold() {
    return options.whole(LabelOptions.DAYS_TOLD);
  }

  /** Which of several reductions in a row began it. */
  public PriceHistory.Steps steps() {
    return options.value(LabelOptions.STEPS, PriceHistory.Steps.class);
  }

  /** The window of days: of sales, or since it was first shown. */
  public int days() {
    return options.whole(LabelOptions.DAYS);
  }

  /** How many of the first are bestsellers. */
  public int first() {
    return options.whole(LabelOptions.FIRST);
  }

  /** Whether a bestseller is one among all products of the shop. */
  public boolean isAmongAll() {
    return options.value(LabelOptions.AMONG, RankingScope.class) == RankingScope.SHOP;
  }

  /** The least units sold that make a bestseller. */
  public int leastSold() {
    return options.whole(LabelOptions.LEAST_SOLD);
  }

  /** How many pieces are few. */
  public int atMost() {
    return options.whole(LabelOptions.AT_MOST);
  }

  /** How many labels may stand on one picture, this one included. */
  public int onPicture() {
    return options.whole(LabelOptions.ON_PICTURE);
  }

  /** How it lies. */
  public LabelGeometry lie() {
    return new LabelGeometry(
        options.value(LabelOptions.CORNER, Corner.class),
        options.whole(LabelOptions.TURN),
        options.whole(LabelOptions.OPACITY),
        options.isYes(LabelOptions.WORDS));
  }

  /**
   * How a label lies on a picture.
   *
   * @param corner where; it matters on a picture alone
   * @param turn in degrees, clockwise
   * @param opacity in percent
   * @param hasWords whether the words are seen; else they are for those who hear the page, and the
   *     drawing is seen
   */
  public record LabelGeometry(Corner corner, int turn, int opacity, boolean hasWords) {}

  /**
   * The owner's own text for a word, for a reader of a language; empty where ours is said. The
   * reader of a language that we have no words in reads English.
   */
  public Optional<String> ownText(String word, String language) {
    Map<String, String> own =
        dress.wording().in(TextOverrides.LANGUAGES.contains(language) ? language : "en");
    // plural forms of a word stand under its name and a dot
    return Optional.ofNullable(own.get(word))
        .or(
            () ->
                own.entrySet().stream()
                    .filter(entry -> entry.getKey().startsWith(word + "."))
                    .map(Map.Entry::getValue)
                    .reduce((a, b) -> a + " " + b));
  }

  /** Whether what it says rests on what was sold. */
  public boolean saysSales() {
    return claim == LabelType.BESTSELLER
        || dress.wording().byLanguage().values().stream()
            .flatMap(words -> words.values().stream())
            .flatMap(text -> TextOverrides.values(text).stream())
            .anyMatch(
                value ->
                    value.equals(TextValue.Name.RANK.wireName())
                        || value.equals(TextValue.Name.UNITS_SOLD.wireName()));
  }

  /**
   * What is shown.
   *
   * @param word the name of the wording that is said
   * @param known the values that its words can put in
   * @param lie how it lies
   */
  public record LabelContent(String word, Map<TextValue.Name, TextValue> known, LabelGeometry lie)
      implements Content {
    /** Keeps the values unchangeable. */
    public LabelContent {
      known = Collections.unmodifiableMap(new EnumMap<>(known));
    }

    @Override
    public Map<String, Map<String, Object>> values() {
      var values = new java.util.TreeMap<String, Object>();
      known.forEach((name, value) -> values.put(name.wireName(), value.parts()));
      return Map.of(word, values);
    }
  }

  /** Names of the wordings that a claim may say, the usual one first. */
  public static List<String> words(LabelType claim) {
    return switch (claim) {
      case PRICE_DROP -> Arrays.asList("off", "upTo", "less", "upToLess");
      case BESTSELLER -> List.of("best", "bestIn");
      case NEW -> List.of("new");
      case LOW_STOCK -> List.of("last");
      case SOLD_OUT -> List.of("out");
      case BACK_ON -> List.of("back");
      case OWN_WORDS -> List.of("own");
    };
  }
}
