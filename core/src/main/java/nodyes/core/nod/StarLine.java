package nodyes.core.nod;

import java.math.BigDecimal;
import nodyes.core.common.NodId;

/**
 * Mean and number of reviews in one line.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 */
public record StarLine(NodId id, Placement placement) implements Nod {
  @Override
  public NodKind kind() {
    return NodKind.STAR_LINE;
  }

  @Override
  public StarLine placed(Placement other) {
    return new StarLine(id, other);
  }

  /**
   * What is shown.
   *
   * @param mean in stars to one decimal, half up
   * @param drawn in stars, cut to quarters
   * @param count published reviews
   */
  public record Content(BigDecimal mean, BigDecimal drawn, long count)
      implements nodyes.core.nod.Content {}
}
