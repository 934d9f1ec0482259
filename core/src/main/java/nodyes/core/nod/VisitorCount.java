package nodyes.core.nod;

import java.util.List;
import java.util.Map;
import nodyes.core.common.NodId;
import nodyes.core.visitors.TimeWindow;

/**
 * How many looked at a product lately. The number itself is never part of a page's answer: it comes
 * with the report that the page is seen.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param options the time it looks back on, and from how many on it speaks
 * @param dress what it says and how it looks
 */
public record VisitorCount(NodId id, Placement placement, NodOptions options, Appearance dress)
    implements Nod {
  static final NodOption WINDOW = NodOption.oneOf("window", TimeWindow.values());
  static final NodOption QUIET_UNDER = NodOption.whole("quiet-under", 2, 1000, 5);

  /** What can be set of it. */
  static final List<NodOption> OPTIONS = List.of(WINDOW, QUIET_UNDER);

  /** As usual, in our words and the brand kit's look. */
  public VisitorCount(NodId id, Placement placement) {
    this(id, placement, NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.VISITOR_COUNT;
  }

  @Override
  public FactRequirements needs() {
    return FactRequirements.FIGURES;
  }

  @Override
  public VisitorCount placed(Placement other) {
    return new VisitorCount(id, other, options, dress);
  }

  @Override
  public VisitorCount dressed(Appearance other) {
    return new VisitorCount(id, placement, options, other);
  }

  @Override
  public VisitorCount opted(NodOptions other) {
    return new VisitorCount(id, placement, other, dress);
  }

  @Override
  public VisitorCount copied(NodId other) {
    return new VisitorCount(other, placement, options, dress);
  }

  /** The time that it looks back on. */
  public TimeWindow window() {
    return options.value(WINDOW, TimeWindow.class);
  }

  /** Under so many it says nothing. */
  public int quietUnder() {
    return options.whole(QUIET_UNDER);
  }

  /**
   * What is shown, but for the number.
   *
   * @param window the time that it looks back on
   * @param quietUnder under so many it says nothing
   */
  public record VisitorCountContent(TimeWindow window, int quietUnder) implements Content {
    @Override
    public Map<String, Map<String, Object>> values() {
      return Map.of();
    }
  }
}
