package nodyes.core.review;

import java.util.Map;
import java.util.Set;

/** Where a review stands between arriving and being seen. */
public enum ReviewStatus {
  /** Arrived, not looked at; shoppers do not see it. */
  PENDING,
  /** Shoppers see it and it counts. */
  PUBLISHED,
  /** Looked at and put aside for a question; shoppers do not see it. */
  ON_HOLD,
  /** Looked at and left out, with a reason; remembered, so that it does not come back. */
  LEFT_OUT,
  /** No review at all; remembered too. */
  SPAM;

  private static final Map<ReviewStatus, Set<ReviewStatus>> MOVES =
      Map.of(
          PENDING, Set.of(PUBLISHED, ON_HOLD, LEFT_OUT, SPAM),
          PUBLISHED, Set.of(ON_HOLD, LEFT_OUT, SPAM, PENDING),
          ON_HOLD, Set.of(PUBLISHED, LEFT_OUT, SPAM, PENDING),
          LEFT_OUT, Set.of(PUBLISHED, ON_HOLD, SPAM, PENDING),
          SPAM, Set.of(PUBLISHED, ON_HOLD, LEFT_OUT, PENDING));

  /** Whether it is remembered, so that the same review does not come back with the next file. */
  public boolean isRemembered() {
    return this == LEFT_OUT || this == SPAM;
  }

  /** Whether a review may go from this state to {@code next}; staying is no move. */
  public boolean mayBecome(ReviewStatus next) {
    return MOVES.getOrDefault(this, Set.of()).contains(next);
  }
}
