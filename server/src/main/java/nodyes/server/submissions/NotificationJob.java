package nodyes.server.submissions;

import java.time.Instant;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Looks whether there is something to tell. */
@Component
class NotificationJob implements ScheduledJob {
  private final NewReviewNotifier notifier;

  NotificationJob(NewReviewNotifier notifier) {
    this.notifier = notifier;
  }

  @Override
  public JobKind kind() {
    return JobKind.NOTIFICATIONS;
  }

  @Override
  public long run(Instant now) {
    return notifier.run(now);
  }
}
