package nodyes.server.visitors;

import nodyes.core.visitors.TimeWindow;

/**
 * Tells which numbers the shop's pages show: over which time, and from how many on. What a caller
 * says of that is believed only where a nod says the same.
 */
public interface AskedNumbers {
  /** Whether a published nod shows the number. */
  boolean isPublished(TimeWindow window, int quietUnder);

  /** Whether a nod of the draft shows it, which the owner looks at. */
  boolean isDrafted(TimeWindow window, int quietUnder);
}
