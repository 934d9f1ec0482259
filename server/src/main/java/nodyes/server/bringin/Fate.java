package nodyes.server.bringin;

import java.util.Map;
import java.util.Set;
import nodyes.core.review.ReviewState;
import nodyes.server.bringin.Chunk.Placed;

/** What comes of a good row, in a trial as in a reading: so a trial's counts are exact. */
enum Fate {
  /** It is stored. */
  FRESH,
  /** It was left out before, and comes back as the owner asks. */
  WOKEN,
  /** It is here already. */
  HERE,
  /** It was left out before, and stays so. */
  LEFT_OUT;

  /**
   * The fate of a row.
   *
   * @param known states of the stored reviews, by fingerprint
   * @param seen fingerprints of the rows before it; its own is added
   * @param takesLeftOut whether what was left out comes back
   */
  static Fate of(
      Placed placed, Map<Long, ReviewState> known, Set<Long> seen, boolean takesLeftOut) {
    ReviewState state = known.get(placed.fingerprint());
    boolean wakes = state == ReviewState.LEFT_OUT && takesLeftOut;
    if (state != null && state.isRemembered() && !wakes) {
      return LEFT_OUT;
    }
    if ((state != null && !wakes) || !seen.add(placed.fingerprint())) {
      return HERE;
    }
    return wakes ? WOKEN : FRESH;
  }
}
