package nodyes.core.nod;

import java.util.List;
import java.util.Map;
import nodyes.core.common.NodId;
import nodyes.core.review.ReviewOrder;

/**
 * A small tab at the screen's edge; pressed, it opens the reviews in a panel.
 *
 * @param id its id
 * @param placement where, for whom, on or off
 * @param options at which edge
 * @param dress what it says and how it looks
 */
public record ReviewTab(NodId id, Placement placement, NodOptions options, Appearance dress)
    implements Nod {
  static final int PER_PAGE = 8;

  /** The edge it is at; the end is the right one where reading goes from left to right. */
  static final NodOption EDGE = NodOption.oneOf("edge", "end", "start");

  /** What can be set of it. */
  static final List<NodOption> OPTIONS = List.of(EDGE);

  /** As usual, in our words and the brand kit's look. */
  public ReviewTab(NodId id, Placement placement) {
    this(id, placement, NodOptions.USUAL, Appearance.DEFAULT);
  }

  @Override
  public NodKind kind() {
    return NodKind.REVIEW_TAB;
  }

  @Override
  public FactRequirements needs() {
    return FactRequirements.reviews(ReviewOrder.NEWEST, perPage());
  }

  @Override
  public ReviewTab placed(Placement other) {
    return new ReviewTab(id, other, options, dress);
  }

  @Override
  public ReviewTab dressed(Appearance other) {
    return new ReviewTab(id, placement, options, other);
  }

  @Override
  public ReviewTab opted(NodOptions other) {
    return new ReviewTab(id, placement, other, dress);
  }

  @Override
  public ReviewTab copied(NodId other) {
    return new ReviewTab(other, placement, options, dress);
  }

  /** Reviews to a page of its panel. */
  public int perPage() {
    return PER_PAGE;
  }

  /** Whether it is at the edge where reading begins. */
  public boolean isAtStart() {
    return options.text(EDGE).equals("start");
  }

  /**
   * What is shown.
   *
   * @param wall what the panel begins with
   * @param isAtStart whether it is at the edge where reading begins
   */
  public record ReviewTabContent(ReviewWallContent wall, boolean isAtStart) implements Content {
    @Override
    public Map<String, Map<String, Object>> values() {
      return wall.values();
    }
  }
}
