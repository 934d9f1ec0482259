package nodyes.server.imports;

import java.util.Map;
import java.util.Set;
import nodyes.core.review.ReviewStatus;
import nodyes.server.imports.ImportChunk.Placed;

/** What comes of a good row, in a trial as in a reading: so a trial's counts are exact. */
enum RowOutcome {
  /** It is stored. */
  NEW,
  /** It was left out before, and comes back as the owner asks. */
  RESTORED,
  /** It is here already. */
  DUPLICATE,
  /** It was left out before, and stays so. */
  PREVIOUSLY_LEFT_OUT;

  /**
   * The fate of a row.
   *
   * @param known states of the stored reviews, by fingerprint
   * @param seen fingerprints of the rows before it; its own is added
   * @param takesLeftOut whether what was left out comes back
   */
  static RowOutcome of(
      Placed placed, Map<Long, ReviewStatus> known, Set<Long> seen, boolean takesLeftOut) {
    ReviewStatus state = known.get(placed.fingerprint());
    boolean wakes = state == ReviewStatus.LEFT_OUT && takesLeftOut;
    if (state != null && state.isRemembered() && !wakes) {
      return PREVIOUSLY_LEFT_OUT;
    }
    if ((state != null && !wakes) || !seen.add(placed.fingerprint())) {
      return DUPLICATE;
    }
    return wakes ? RESTORED : NEW;
  }
}
