package nodyes.core.nod;

import java.util.List;
import java.util.Map;
import nodyes.core.common.NodId;
import nodyes.core.presence.ViewWindow;

/**
 * How many looked at a product lately. The number itself is never part of a page's answer: it comes
 * with the report that the page is seen.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param options the time it looks back on, and from how many on it speaks
 * @param dress what it says and how it looks
 */
public record VisitorCount(NodId id, Placement placement, NodOptions options, Dress dress)
    implements Nod {
  static final NodOption WINDOW = NodOption.oneOf("window", ViewWindow.values());
  static final NodOption QUIET_UNDER = NodOption.whole("quiet-under", 2, 1000, 5);

  /** What can be set of it. */
  static final List<NodOption> OPTIONS = List.of(WINDOW, QUIET_UNDER);

  /** As usual, in our words and the brand kit's look. */
  public VisitorCount(NodId id, Placement placement) {
    this(id, placement, NodOptions.USUAL, Dress.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.VISITOR_COUNT;
  }

  @Override
  public VisitorCount placed(Placement other) {
    return new VisitorCount(id, other, options, dress);
  }

  @Override
  public VisitorCount dressed(Dress other) {
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
  public ViewWindow window() {
    return options.value(WINDOW, ViewWindow.class);
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
  public record Content(ViewWindow window, int quietUnder) implements nodyes.core.nod.Content {
    @Override
    public Map<String, Map<String, Object>> values() {
      return Map.of();
    }
  }
}
