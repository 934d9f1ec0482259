package nodyes.core.nod;

import java.util.Set;
import nodyes.core.targeting.Condition;

/**
 * What every nod has: where it stands, for whom, and whether it is switched on.
 *
 * @param spot the place on the page
 * @param pages the kinds of page it is for
 * @param audience who sees it
 * @param on switched on
 * @param screens the widths of screen it shows on
 */
public record Placement(
    Spot spot, Set<PageKind> pages, Condition audience, boolean on, Set<Viewpoint.Screen> screens) {
  private static final Set<Viewpoint.Screen> ALL_SCREENS = Set.of(Viewpoint.Screen.values());

  /** Keeps the sets unchangeable; none means all screens. */
  public Placement {
    pages = Set.copyOf(pages);
    screens = screens.isEmpty() ? ALL_SCREENS : Set.copyOf(screens);
  }

  /** On all screens. */
  public Placement(Spot spot, Set<PageKind> pages, Condition audience, boolean on) {
    this(spot, pages, audience, on, ALL_SCREENS);
  }

  /** The same, switched on or off. */
  public Placement switched(boolean nowOn) {
    return new Placement(spot, pages, audience, nowOn, screens);
  }

  /** The same in another spot. */
  public Placement in(Spot other) {
    return new Placement(other, pages, audience, on, screens);
  }
}
