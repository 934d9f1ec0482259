package nodyes.server.trail;

import java.time.Instant;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Forgets what is old of the activity. */
@Component
class TrailCleanupJob implements ScheduledJob {
  private final Trail trail;

  TrailCleanupJob(Trail trail) {
    this.trail = trail;
  }

  @Override
  public JobKind kind() {
    return JobKind.ACTIVITY_CLEANUP;
  }

  @Override
  public long run(Instant now) {
    return trail.forget();
  }
}
