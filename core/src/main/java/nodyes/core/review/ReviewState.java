package nodyes.core.review;

import java.util.Map;
import java.util.Set;

/** Where a review stands between arriving and being seen. */
public enum ReviewState {
  /** Arrived, not looked at; shoppers do not see it. */
  WAITING,
  /** Shoppers see it and it counts. */
  PUBLISHED,
  /** Looked at and put aside for a question; shoppers do not see it. */
  HELD,
  /** Looked at and left out, with a reason; remembered, so that it does not come back. */
  LEFT_OUT,
  /** No review at all; remembered too. */
  SPAM;

  private static final Map<ReviewState, Set<ReviewState>> MOVES =
      Map.of(
          WAITING, Set.of(PUBLISHED, HELD, LEFT_OUT, SPAM),
          PUBLISHED, Set.of(HELD, LEFT_OUT, SPAM, WAITING),
          HELD, Set.of(PUBLISHED, LEFT_OUT, SPAM, WAITING),
          LEFT_OUT, Set.of(PUBLISHED, HELD, SPAM, WAITING),
          SPAM, Set.of(PUBLISHED, HELD, LEFT_OUT, WAITING));

  /** Whether it is remembered, so that the same review does not come back with the next file. */
  public boolean isRemembered() {
    return this == LEFT_OUT || this == SPAM;
  }

  /** Whether a review may go from this state to {@code next}; staying is no move. */
  public boolean mayBecome(ReviewState next) {
    return MOVES.getOrDefault(this, Set.of()).contains(next);
  }
}
