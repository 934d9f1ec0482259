package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import nodyes.server.orders.OrdersChanged;
import nodyes.server.web.ApiProblem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Makes what a run brought as it was before it: the newest of its kind first, so that no run stands
 * on what another one took away.
 */
@Component
class FeedUndo {
  private static final Duration KEPT = Duration.ofDays(30);

  private final FeedChangeStore changes;
  private final FeedStore store;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  FeedUndo(
      FeedChangeStore changes, FeedStore store, ApplicationEventPublisher events, Clock clock) {
    this.changes = changes;
    this.store = store;
    this.events = events;
    this.clock = clock;
  }

  /**
   * How far a run can be, or is, undone.
   *
   * @param kept products and variants that stayed, no longer sold, as reviews or orders need them
   */
  record State(boolean canUndo, Optional<Instant> undoneAt, long kept) {}

  Map<Long, State> states(Collection<Long> runs) {
    return store.undoStates(runs, changes.undoable(runs));
  }

  /** Runs writing as a part of a run, so that it can be undone for a month. */
  Consumer<Runnable> noting(long run) {
    return work -> changes.noting(run, work);
  }

  void forgetOld() {
    changes.forgetBefore(clock.instant().minus(KEPT));
  }

  void undo(long id) {
    FeedRun run = store.run(id).orElseThrow(() -> ApiProblem.notFound(text("feeds.noSuchUpdate")));
    changes.laterThan(id).flatMap(store::run).ifPresent(FeedUndo::refuseBefore);
    if (!changes.undoable(List.of(id)).contains(run.id())) {
      throw new ApiProblem(HttpStatus.CONFLICT, text("feeds.nothingToUndo"));
    }
    FeedChangeStore.Undone undone = changes.undo(id, clock.instant());
    if (!undone.soldAnew().isEmpty()) {
      events.publishEvent(new OrdersChanged(undone.soldAnew()));
    }
  }

  private static void refuseBefore(FeedRun later) {
    throw new ApiProblem(
        HttpStatus.CONFLICT, text("feeds.undoLaterFirst", "source", later.source()));
  }
}
