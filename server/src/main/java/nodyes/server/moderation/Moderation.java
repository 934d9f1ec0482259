package nodyes.server.moderation;

import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewStatus;
import org.springframework.stereotype.Component;

/** Moves reviews between their states. */
@Component
public class Moderation {
  private final ModerationStore store;
  private final Clock clock;

  Moderation(ModerationStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  /**
   * Moves reviews to a state.
   *
   * @param reason why they are left out; with {@link ReviewStatus#LEFT_OUT} alone
   * @param who says so
   */
  public ModerationResult move(
      Set<Long> ids, ReviewStatus to, Optional<LeaveOutReason> reason, String who) {
    return store.move(ids, to, reason, who, clock.instant());
  }

  /** Takes a move back, once; reviews that have moved on since stay. */
  public int takeBack(long move) {
    return store.takeBack(move);
  }
}
