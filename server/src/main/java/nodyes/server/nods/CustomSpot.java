package nodyes.server.nods;

import nodyes.core.nod.PageKind;

/**
 * A place that the owner pointed at.
 *
 * @param name the spot's name
 * @param page the kind of page it is on
 * @param selector a CSS selector for an element of the page
 * @param side where to that element
 */
public record CustomSpot(String name, PageKind page, String selector, Side side) {
  /** Where to an element. */
  public enum Side {
    /** Before it. */
    BEFORE,
    /** After it. */
    AFTER,
    /** Inside it, at its end. */
    INSIDE
  }
}
