package nodyes.core.nod;

import java.util.Set;
import nodyes.core.audience.Condition;

/**
 * What every nod has: where it stands, for whom, and whether it is switched on.
 *
 * @param spot the place on the page
 * @param pages the kinds of page it is for
 * @param audience who sees it
 * @param on switched on
 */
public record Placement(Spot spot, Set<PageKind> pages, Condition audience, boolean on) {
  /** Keeps the pages unchangeable. */
  public Placement {
    pages = Set.copyOf(pages);
  }

  /** The same, switched on or off. */
  public Placement switched(boolean nowOn) {
    return new Placement(spot, pages, audience, nowOn);
  }
}
