package nodyes.server.jobs;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.LongSupplier;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * When work in the background ran, and what came of it. Each last time is remembered; times at
 * which something was done or failed are stored.
 */
@Component
public class JobRuns {
  private static final Logger LOG = LoggerFactory.getLogger(JobRuns.class);

  private final JobRunStore store;
  private final Clock clock;
  private final Map<JobKind, JobRun> last = new ConcurrentHashMap<>();
  private final Map<JobKind, Instant> running = new ConcurrentHashMap<>();

  JobRuns(JobRunStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  /**
   * One time.
   *
   * @param took how long it took
   * @param done of how many things something came
   * @param failure why it failed; missing where it did not
   */
  public record JobRun(Instant startedAt, Duration took, long done, @Nullable String failure) {}

  /** Runs work and records it; a failure ends nothing but this time. */
  public void record(JobKind kind, LongSupplier work) {
    Instant startedAt = clock.instant();
    long began = System.nanoTime();
    long done = 0;
    String failure = null;
    running.put(kind, startedAt);
    try {
      done = work.getAsLong();
    } catch (ApiProblem e) {
      // foreseen, and said for people
      LOG.warn("The job {} failed: {}", kind, e.getMessage());
      failure = String.valueOf(e.getMessage());
    } catch (RuntimeException e) {
      LOG.error("The job {} failed", kind, e);
      failure = text("jobs.unexpected");
    } finally {
      running.remove(kind);
    }
    var run = new JobRun(startedAt, Duration.ofNanos(System.nanoTime() - began), done, failure);
    last.put(kind, run);
    if (failure != null || (done > 0 && !kind.isHousekeeping())) {
      keep(kind, run);
    }
  }

  /** That it cannot be written down is no reason to end the work. */
  private void keep(JobKind kind, JobRun run) {
    try {
      store.add(kind, run);
    } catch (RuntimeException e) {
      LOG.error("The run of {} could not be recorded", kind, e);
    }
  }

  /** The last time, whether something was done or not, since the server started. */
  Optional<JobRun> last(JobKind kind) {
    return Optional.ofNullable(last.get(kind));
  }

  /** Since when it has been running; empty where it is not. */
  Optional<Instant> runningSince(JobKind kind) {
    return Optional.ofNullable(running.get(kind));
  }

  /** The last times at which something was done or failed, by kind, the newest first. */
  Map<JobKind, List<JobRun>> recent() {
    return store.recent();
  }
}
