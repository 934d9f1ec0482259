package nodyes.core.nod;

import java.math.BigDecimal;
import java.util.Map;
import nodyes.core.common.NodId;

/**
 * Mean and number of reviews in one line.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param dress what it says and how it looks
 */
public record StarLine(NodId id, Placement placement, Dress dress) implements Nod {
  /** In our words and the brand kit's look. */
  public StarLine(NodId id, Placement placement) {
    this(id, placement, Dress.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.STAR_LINE;
  }

  @Override
  public StarLine placed(Placement other) {
    return new StarLine(id, other, dress);
  }

  @Override
  public StarLine dressed(Dress other) {
    return new StarLine(id, placement, other);
  }

  @Override
  public StarLine copied(NodId other) {
    return new StarLine(other, placement, dress);
  }

  /**
   * What is shown.
   *
   * @param mean in stars to one decimal, half up
   * @param drawn in stars, cut to quarters
   * @param count published reviews
   */
  public record Content(BigDecimal mean, BigDecimal drawn, long count)
      implements nodyes.core.nod.Content {
    @Override
    public Map<String, Map<String, Number>> values() {
      return Map.of("rated", Map.of("mean", mean), "reviews", Map.of("n", count));
    }
  }
}
