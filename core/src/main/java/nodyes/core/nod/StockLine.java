package nodyes.core.nod;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;

/**
 * How many pieces are left, and when more come.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param options from how few on it speaks
 * @param dress what it says and how it looks
 */
public record StockLine(NodId id, Placement placement, NodOptions options, Appearance dress)
    implements Nod {
  static final NodOption AT_MOST = NodOption.whole("at-most", 1, 999, 10);

  /** What can be set of it. */
  static final List<NodOption> OPTIONS = List.of(AT_MOST);

  /** As usual, in our words and the brand kit's look. */
  public StockLine(NodId id, Placement placement) {
    this(id, placement, NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.STOCK_LINE;
  }

  @Override
  public FactRequirements needs() {
    return FactRequirements.FIGURES;
  }

  @Override
  public StockLine placed(Placement other) {
    return new StockLine(id, other, options, dress);
  }

  @Override
  public StockLine dressed(Appearance other) {
    return new StockLine(id, placement, options, other);
  }

  @Override
  public StockLine opted(NodOptions other) {
    return new StockLine(id, placement, other, dress);
  }

  @Override
  public StockLine copied(NodId other) {
    return new StockLine(other, placement, options, dress);
  }

  /** Above so many it says nothing. */
  public int atMost() {
    return options.whole(AT_MOST);
  }

  /**
   * What is shown.
   *
   * @param left pieces that can be sent at once
   * @param delivered as many as there were when the stock last rose; empty where that is not known
   * @param moreOn the day from which more can be had, where it lies ahead
   */
  public record StockLineContent(long left, Optional<Long> delivered, Optional<LocalDate> moreOn)
      implements Content {
    @Override
    public Map<String, Map<String, Object>> values() {
      var values = new HashMap<String, Map<String, Object>>();
      values.put("left", Map.of("n", left));
      delivered.ifPresent(all -> values.put("of", Map.of("n", left, "all", all)));
      moreOn.ifPresent(day -> values.put("more", Map.of("day", day)));
      return values;
    }
  }
}
