package nodyes.core.suggestions;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What there is in a shop to do something about.
 *
 * @param doubted what may be held against nods
 * @param stalled feeds whose last reading brought nothing
 * @param products how many products are sold
 * @param pages how the shop's pages are connected
 * @param waiting reviews that nobody decided on; empty where there are none
 * @param unanswered published low ratings that have no reply; empty where there are none
 * @param unreviewed the product that sold most of those without a review; empty where none sold
 */
public record ShopStatus(
    List<Matter.RiskyClaim> doubted,
    List<Matter.FailedUpdate> stalled,
    long products,
    Pages pages,
    Optional<Matter.WaitingReviews> waiting,
    Optional<Matter.UnrepliedReviews> unanswered,
    Optional<Matter.UnreviewedBestseller> unreviewed) {
  /**
   * How the shop's pages are connected.
   *
   * @param isScriptSeen whether shoppers' browsers ever asked for a page
   * @param silentSince the day of the last view, where that is more than a day ago
   * @param needTheOwner addresses of this week that nods cannot show on until something is done
   */
  public record Pages(boolean isScriptSeen, Optional<LocalDate> silentSince, long needTheOwner) {
    /** Nothing is amiss. */
    public static final Pages WELL = new Pages(true, Optional.empty(), 0);

    /** No page was ever seen. */
    public static final Pages NEVER_SEEN = new Pages(false, Optional.empty(), 0);
  }

  /** Keeps the lists unchangeable. */
  public ShopStatus {
    doubted = List.copyOf(doubted);
    stalled = List.copyOf(stalled);
  }
}
