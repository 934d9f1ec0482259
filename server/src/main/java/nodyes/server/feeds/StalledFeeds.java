package nodyes.server.feeds;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Feeds whose last reading brought nothing. */
@Component
public class StalledFeeds {
  private final FeedStore store;

  StalledFeeds(FeedStore store) {
    this.store = store;
  }

  /**
   * One of them.
   *
   * @param what it brings: products, orders
   * @param at when it was read
   * @param isHeld whether it waits for a look, and was not refused
   * @param gone of one that waits, how many products would no longer be sold
   */
  public record Stalled(String what, Instant at, boolean isHeld, long gone) {}

  /** Those whose newest reading failed, or waits for a look. */
  public List<Stalled> now() {
    return store.newest().stream()
        .filter(run -> run.state() == RunState.HELD || run.state() == RunState.FAILED)
        .map(
            run ->
                new Stalled(
                    run.kind().name().toLowerCase(Locale.ROOT),
                    run.at(),
                    run.state() == RunState.HELD,
                    run.gone()))
        .toList();
  }
}
