package nodyes.server.jobs;

import java.time.Clock;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;
import org.springframework.stereotype.Component;

/** Looks after all scheduled work while the server runs. */
@Component
class Jobs implements SmartLifecycle {
  /** So many may wait for another server at once, and the others still run. */
  private static final int AT_ONCE = 6;

  private static final Duration FIRST_AFTER = Duration.ofSeconds(1);

  private final Map<JobKind, ScheduledJob> jobs;
  private final JobRuns runs;
  private final Clock clock;
  private final boolean byThemselves;
  private final ThreadPoolTaskScheduler scheduler = new ThreadPoolTaskScheduler();
  private volatile boolean running;

  Jobs(
      List<ScheduledJob> jobs,
      JobRuns runs,
      Clock clock,
      @Value("${nodyes.jobs}") boolean byThemselves) {
    this.jobs = jobs.stream().collect(Collectors.toMap(ScheduledJob::kind, Function.identity()));
    this.runs = runs;
    this.clock = clock;
    this.byThemselves = byThemselves;
    scheduler.setPoolSize(AT_ONCE);
    scheduler.setThreadNamePrefix("job-");
    scheduler.setDaemon(true);
  }

  /** Those that run by themselves. */
  Collection<ScheduledJob> scheduled() {
    return jobs.values();
  }

  /** Runs one now; empty where it does not run by itself. */
  Optional<ScheduledJob> runNow(JobKind kind) {
    Optional<ScheduledJob> job = Optional.ofNullable(jobs.get(kind));
    job.ifPresent(this::run);
    return job;
  }

  /** One after the other: what one time has not ended, the next does not begin. */
  private void run(ScheduledJob job) {
    synchronized (job) {
      runs.record(job.kind(), () -> job.run(clock.instant()));
    }
  }

  /** A test asks for each job when it wants it, so that none falls between two of its steps. */
  @Override
  public boolean isAutoStartup() {
    return byThemselves;
  }

  @Override
  public void start() {
    scheduler.initialize();
    for (ScheduledJob job : jobs.values()) {
      var _ =
          scheduler.scheduleWithFixedDelay(
              () -> run(job), scheduler.getClock().instant().plus(FIRST_AFTER), job.every());
    }
    running = true;
  }

  @Override
  public void stop() {
    running = false;
    scheduler.shutdown();
  }

  @Override
  public boolean isRunning() {
    return running;
  }
}
