package nodyes.core.nod;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import nodyes.core.common.NodId;

/**
 * Mean and number of reviews in one line.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param options what it counts
 * @param dress what it says and how it looks
 */
public record StarLine(NodId id, Placement placement, NodOptions options, Appearance dress)
    implements Nod {
  /** Whether the stars and the mean stand before the counts. */
  static final NodOption STARS = NodOption.yesNo("stars", true);

  /** What is counted. */
  static final NodOption COUNTS = NodOption.oneOf("counts", Counted.values());

  /** What can be set of it. */
  static final List<NodOption> OPTIONS = List.of(STARS, COUNTS);

  /** What a star line counts. */
  public enum Counted {
    /** All reviews. */
    ALL,
    /** Verified purchases alone. */
    VERIFIED,
    /** Both. */
    BOTH,
    /** Nothing. */
    NOTHING
  }

  /** As usual, in our words and the brand kit's look. */
  public StarLine(NodId id, Placement placement) {
    this(id, placement, NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.STAR_LINE;
  }

  @Override
  public FactRequirements needs() {
    return FactRequirements.FIGURES;
  }

  @Override
  public StarLine placed(Placement other) {
    return new StarLine(id, other, options, dress);
  }

  @Override
  public StarLine dressed(Appearance other) {
    return new StarLine(id, placement, options, other);
  }

  @Override
  public StarLine opted(NodOptions other) {
    return new StarLine(id, placement, other, dress);
  }

  @Override
  public StarLine copied(NodId other) {
    return new StarLine(other, placement, options, dress);
  }

  /** Whether the stars and the mean stand before the counts. */
  public boolean showsStars() {
    return options.isYes(STARS);
  }

  /** What it counts. */
  public Counted counted() {
    return options.value(COUNTS, Counted.class);
  }

  /**
   * What is shown.
   *
   * @param average in stars to one decimal, half up
   * @param drawn in stars, cut to quarters
   * @param count published reviews
   * @param verified how many of them are verified purchases
   * @param showsStars whether stars and mean stand before the counts
   * @param counted what is counted
   */
  public record StarLineContent(
      BigDecimal average,
      BigDecimal drawn,
      long count,
      long verified,
      boolean showsStars,
      Counted counted)
      implements Content {
    @Override
    public Map<String, Map<String, Object>> values() {
      return Map.of(
          "rated", Map.of("mean", average),
          "reviews", Map.of("n", count),
          "bought", Map.of("n", verified));
    }
  }
}
