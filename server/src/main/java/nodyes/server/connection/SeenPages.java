package nodyes.server.connection;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Notes the pages that shoppers have before them; written down together, each minute. */
@Component
public class SeenPages implements ScheduledJob {
  /** Between two times of writing no more are kept in mind: a stranger may make up addresses. */
  private static final int MOST_WAITING = 2_000;

  /** A shop may have a quiet day; the same hour of the next is past then. */
  private static final Duration SILENT = Duration.ofHours(26);

  private final SeenPageStore store;
  private final Clock clock;
  private final Map<String, Views> waiting = new HashMap<>();

  SeenPages(SeenPageStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  /**
   * Views of a page that wait to be written down.
   *
   * @param page as it was seen last
   * @param byHour how many in the hour that begins at an instant
   */
  record Views(SeenPage page, Instant lastAt, Map<Instant, Long> byHour) {
    private Views and(SeenPage seen, Instant at) {
      var hours = new HashMap<>(byHour);
      hours.merge(at.truncatedTo(ChronoUnit.HOURS), 1L, Long::sum);
      return new Views(seen, at, Map.copyOf(hours));
    }
  }

  /** A shopper has a page before them. */
  public void see(SeenPage page) {
    Instant now = clock.instant();
    synchronized (waiting) {
      if (waiting.size() < MOST_WAITING || waiting.containsKey(page.address())) {
        waiting.compute(
            page.address(),
            (_, before) ->
                (before == null ? new Views(page, now, Map.of()) : before).and(page, now));
      }
    }
  }

  /**
   * How the pages stand as they are written down.
   *
   * @param lastAt when one was seen last; empty where none was this week
   * @param needTheOwner how many cannot show nods until the owner does something
   */
  public record Standing(Optional<Instant> lastAt, long needTheOwner) {
    /** When one was seen last, where that is so long ago that something may have broken. */
    public Optional<Instant> silentSince(Instant now) {
      return lastAt.filter(at -> at.isBefore(now.minus(SILENT)));
    }
  }

  /** How they stand. */
  public Standing standing() {
    return store.standing();
  }

  /** Writes down what waits; of how many pages. */
  @Override
  public long run(Instant now) {
    Map<String, Views> taken;
    synchronized (waiting) {
      taken = Map.copyOf(waiting);
      waiting.clear();
    }
    store.save(taken.values(), now);
    return taken.size();
  }

  @Override
  public JobKind kind() {
    return JobKind.SEEN_PAGES;
  }

  @PreDestroy
  void last() {
    run(clock.instant());
  }
}
