package nodyes.core.nod;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.common.Unfit;

/**
 * Promises of the shop, or the ways to pay in it, beside where a shopper decides.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param promises in the owner's order
 * @param options how they lie
 * @param dress how it looks
 */
public record TrustBadges(
    NodId id, Placement placement, List<ShopPromise> promises, NodOptions options, Appearance dress)
    implements Nod {
  /** Most promises of one nod. */
  public static final int MOST = 12;

  /** How many lie beside one another on a wide screen. */
  static final NodOption COLUMNS = NodOption.whole("columns", 1, 6, 3);

  /** The same on a narrow one. */
  static final NodOption COLUMNS_NARROW = NodOption.whole("columns-narrow", 1, 4, 1);

  /** Whether all of a promise leads on, or a link of its own under it. */
  static final NodOption LINKS = NodOption.oneOf("links", "whole", "below");

  /** What can be set of it. */
  static final List<NodOption> OPTIONS = List.of(COLUMNS, COLUMNS_NARROW, LINKS);

  /** Throws {@link IllegalArgumentException} where there are more promises than {@link #MOST}. */
  public TrustBadges {
    promises = List.copyOf(promises);
    if (promises.size() > MOST) {
      throw new Unfit("nods.tooManyPromises", "most", MOST);
    }
  }

  /** Without a promise yet: they are the owner's to make. */
  public TrustBadges(NodId id, Placement placement) {
    this(id, placement, List.of(), NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.TRUST_BADGES;
  }

  @Override
  public FactRequirements needs() {
    return FactRequirements.FIGURES;
  }

  @Override
  public TrustBadges placed(Placement other) {
    return new TrustBadges(id, other, promises, options, dress);
  }

  @Override
  public TrustBadges dressed(Appearance other) {
    return new TrustBadges(id, placement, promises, options, other);
  }

  @Override
  public TrustBadges opted(NodOptions other) {
    return new TrustBadges(id, placement, promises, other, dress);
  }

  @Override
  public TrustBadges copied(NodId other) {
    return new TrustBadges(other, placement, promises, options, dress);
  }

  /** The promises that hold for a shopper: those for all countries, and those for theirs. */
  public List<ShopPromise> holding(Optional<String> country) {
    return promises.stream().filter(promise -> promise.holdsIn(country)).toList();
  }

  /** What the promises of a list say to a reader. */
  public TrustBadgesContent content(List<ShopPromise> holding, Locale language) {
    return new TrustBadgesContent(
        holding.stream().map(promise -> said(promise, language)).toList(),
        options.whole(COLUMNS),
        options.whole(COLUMNS_NARROW),
        options.text(LINKS).equals("whole"));
  }

  private static Item said(ShopPromise promise, Locale language) {
    ShopPromise.Said said = promise.said(language.getLanguage());
    return new Item(promise.drawing(), said.title(), said.line(), promise.link());
  }

  /**
   * A promise as it is shown.
   *
   * @param drawing a drawing's name, an emoji, a picture of the shop's own, or {@code none}
   * @param title the promise
   * @param line what it means, or empty
   * @param link where its terms are, or empty
   */
  public record Item(String drawing, String title, String line, String link) {}

  /**
   * What is shown.
   *
   * @param items in the owner's order
   * @param columns beside one another on a wide screen
   * @param columnsNarrow the same on a narrow one
   * @param isWholeLink whether all of an item leads on
   */
  public record TrustBadgesContent(
      List<Item> items, int columns, int columnsNarrow, boolean isWholeLink) implements Content {
    /** Keeps the items unchangeable. */
    public TrustBadgesContent {
      items = List.copyOf(items);
    }

    @Override
    public Map<String, Map<String, Object>> values() {
      return Map.of();
    }
  }
}
