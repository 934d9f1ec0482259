package nodyes.server.feeds;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Feeds whose last reading brought nothing. */
@Component
public class FailingFeeds {
  private final FeedStore store;

  FailingFeeds(FeedStore store) {
    this.store = store;
  }

  /**
   * One of them.
   *
   * @param what it brings: products, orders
   * @param at when it was read
   * @param isHeld whether it waits for a look, and was not refused
   * @param removed of one that waits, how many products would no longer be sold
   */
  public record Stalled(String what, Instant at, boolean isHeld, long removed) {}

  /**
   * Those whose newest reading waits for a look, or failed and would have been read by itself: of a
   * file that was chosen by hand it was said then.
   */
  public List<Stalled> now() {
    Set<FeedKind> followed =
        store.addresses().stream().map(FeedAddress::kind).collect(Collectors.toSet());
    return store.newest().stream()
        .filter(
            run ->
                run.state() == FeedRunState.NEEDS_APPROVAL
                    || (run.state() == FeedRunState.FAILED && followed.contains(run.kind())))
        .map(
            run ->
                new Stalled(
                    run.kind().name().toLowerCase(Locale.ROOT),
                    run.at(),
                    run.state() == FeedRunState.NEEDS_APPROVAL,
                    run.removed()))
        .toList();
  }
}
