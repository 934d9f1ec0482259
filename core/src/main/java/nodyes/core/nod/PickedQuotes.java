package nodyes.core.nod;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Rating;
import nodyes.core.review.Quote;
import nodyes.core.review.QuoteCriteria;

/**
 * A few reviews, picked by hand or by a rule, with the whole figure under them.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param options which reviews, and how they take turns
 * @param dress what it says and how it looks
 */
public record PickedQuotes(NodId id, Placement placement, NodOptions options, Appearance dress)
    implements Nod {
  private static final int MOST = 24;
  private static final int USUAL = 6;

  static final NodOption PICK = NodOption.oneOf("pick", Selection.values());
  static final NodOption REVIEWS = new NodOption("reviews", new StyleValueType.Numbers(MOST), "");
  static final NodOption HOW_MANY = NodOption.whole("how-many", 1, MOST, USUAL);
  static final NodOption LEAST_STARS = NodOption.whole("least-stars", 1, 5, 4);
  static final NodOption LEAST_WORDS = NodOption.whole("least-words", 0, 100, 5);
  static final NodOption LAY = NodOption.oneOf("lay", Layout.values());
  static final NodOption IN_VIEW = NodOption.whole("in-view", 1, 4, 3);
  static final NodOption IN_VIEW_NARROW = NodOption.whole("in-view-narrow", 1, 2, 1);
  static final NodOption LONGEST = NodOption.whole("longest", 0, 900, 180);
  static final NodOption ARROWS = NodOption.yesNo("arrows", true);
  static final NodOption DOTS = NodOption.yesNo("dots", true);
  static final NodOption SECONDS = NodOption.whole("seconds", 0, 60, 8);
  static final NodOption FOOT = NodOption.yesNo("foot", true);
  static final NodOption LINK = NodOption.yesNo("link", true);

  /** What can be set of it. */
  static final List<NodOption> OPTIONS =
      List.of(
          PICK,
          REVIEWS,
          HOW_MANY,
          LEAST_STARS,
          LEAST_WORDS,
          LAY,
          IN_VIEW,
          IN_VIEW_NARROW,
          LONGEST,
          ARROWS,
          DOTS,
          SECONDS,
          FOOT,
          LINK);

  /** From which stars on a rating is praise. */
  private static final int PRAISE = 4;

  /** How the reviews are found. */
  public enum Selection {
    /** The newest of the product that a rule lets through. */
    BY_RULE,
    /** Those that the owner chose. */
    BY_HAND,
    /** Those of the shop itself, from its entry in a business directory. */
    OF_THE_SHOP
  }

  /** How they are laid out. */
  public enum Layout {
    /** One card; the reviews take turns in it. */
    IN_TURN,
    /** Some beside each other, moved on by hand or by time. */
    CAROUSEL,
    /** All in a row that wraps. */
    ROW,
    /** One line of text; the reviews take turns in it. */
    LINE
  }

  /** As usual, in our words and the brand kit's look. */
  public PickedQuotes(NodId id, Placement placement) {
    this(id, placement, NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.PICKED_QUOTES;
  }

  @Override
  public FactRequirements needs() {
    return pick() == Selection.OF_THE_SHOP
        ? FactRequirements.ofListing()
        : FactRequirements.quotes(rule());
  }

  @Override
  public PickedQuotes placed(Placement other) {
    return new PickedQuotes(id, other, options, dress);
  }

  @Override
  public PickedQuotes dressed(Appearance other) {
    return new PickedQuotes(id, placement, options, other);
  }

  @Override
  public PickedQuotes opted(NodOptions other) {
    return new PickedQuotes(id, placement, other, dress);
  }

  @Override
  public PickedQuotes copied(NodId other) {
    return new PickedQuotes(other, placement, options, dress);
  }

  /** How the reviews are found. */
  public Selection pick() {
    return options.value(PICK, Selection.class);
  }

  /** Which reviews of a product it takes; those of the shop itself need no rule. */
  public QuoteCriteria rule() {
    return switch (pick()) {
      case BY_HAND ->
          QuoteCriteria.byHand(
              options.list(REVIEWS).stream().map(Long::valueOf).map(ReviewId::new).toList());
      case BY_RULE, OF_THE_SHOP ->
          QuoteCriteria.newest(
              options.whole(HOW_MANY), options.whole(LEAST_STARS), options.whole(LEAST_WORDS));
    };
  }

  /** Words longer than this are cut, in characters; 0 for never. */
  public int longest() {
    return options.whole(LONGEST);
  }

  /** Whether the whole figure stands under them. */
  public boolean hasFoot() {
    return options.isYes(FOOT);
  }

  /**
   * Whether praise alone is shown, and nothing of what all say: a rule that lets only praise
   * through, or a hand that may, without the whole figure.
   */
  public boolean mayHideTheWhole() {
    return !hasFoot()
        && switch (pick()) {
          case BY_RULE -> options.whole(LEAST_STARS) >= PRAISE;
          case BY_HAND, OF_THE_SHOP -> true;
        };
  }

  /** How they are laid out. */
  public Carousel turns() {
    return new Carousel(
        options.value(LAY, Layout.class),
        options.whole(IN_VIEW),
        options.whole(IN_VIEW_NARROW),
        options.isYes(ARROWS),
        options.isYes(DOTS),
        options.whole(SECONDS),
        options.isYes(LINK));
  }

  /**
   * How quotes are laid out and take turns.
   *
   * @param lay how
   * @param inView beside each other in a carousel or a row
   * @param inViewNarrow the same on a narrow screen
   * @param hasArrows whether arrows lead on and back
   * @param hasDots whether a dot stands for each
   * @param seconds until the next one; 0 where only a hand moves them
   * @param leadsToAll whether a link leads to all reviews
   */
  public record Carousel(
      Layout lay,
      int inView,
      int inViewNarrow,
      boolean hasArrows,
      boolean hasDots,
      int seconds,
      boolean leadsToAll) {}

  /**
   * The whole figure: what all reviews say, not these alone. It is computed and cannot be typed.
   *
   * @param average in stars to one decimal, half up
   * @param count of how many reviews
   */
  public record SummaryFooter(BigDecimal average, long count) {}

  /**
   * What is shown.
   *
   * @param quotes the reviews, in their order
   * @param turns how they are laid out
   * @param foot the whole figure, where it stands under them
   * @param link where all are read, if not on the page
   */
  public record PickedQuotesContent(
      List<Quote> quotes, Carousel turns, Optional<SummaryFooter> foot, Optional<String> link)
      implements Content {
    /** Keeps the quotes unchangeable. */
    public PickedQuotesContent {
      quotes = List.copyOf(quotes);
    }

    /** Whether all that is shown is praise. */
    public boolean isAllPraise() {
      return quotes.stream()
          .allMatch(quote -> quote.rating().compareTo(Rating.ofStars(PRAISE)) >= 0);
    }

    @Override
    public Map<String, Map<String, Object>> values() {
      return Map.of(
          "rated", Map.of("mean", foot.map(SummaryFooter::average).orElse(BigDecimal.ZERO)),
          "foot",
              Map.of(
                  "mean", foot.map(SummaryFooter::average).orElse(BigDecimal.ZERO),
                  "n", foot.map(SummaryFooter::count).orElse(0L)),
          "turn", Map.of("n", 1, "of", quotes.size()));
    }
  }
}
