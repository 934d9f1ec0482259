package nodyes.core.suggestions;

import java.util.List;
import java.util.Optional;

/**
 * What there is in a shop to do something about.
 *
 * @param doubted what may be held against nods
 * @param stalled feeds whose last reading brought nothing
 * @param products how many products are sold
 * @param isScriptSeen whether shoppers' browsers ever asked for a page
 * @param waiting reviews that nobody decided on; empty where there are none
 * @param unanswered published low ratings that have no reply; empty where there are none
 * @param unreviewed the product that sold most of those without a review; empty where none sold
 */
public record ShopStatus(
    List<Matter.RiskyClaim> doubted,
    List<Matter.FailedUpdate> stalled,
    long products,
    boolean isScriptSeen,
    Optional<Matter.WaitingReviews> waiting,
    Optional<Matter.UnrepliedReviews> unanswered,
    Optional<Matter.UnreviewedBestseller> unreviewed) {
  /** Keeps the lists unchangeable. */
  public ShopStatus {
    doubted = List.copyOf(doubted);
    stalled = List.copyOf(stalled);
  }
}
