package nodyes.server.reviewform;

import java.time.Instant;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Forgets what was sent ahead of forms that never came. */
@Component
class UploadCleanupJob implements ScheduledJob {
  private final Forms forms;

  UploadCleanupJob(Forms forms) {
    this.forms = forms;
  }

  @Override
  public JobKind kind() {
    return JobKind.UPLOAD_CLEANUP;
  }

  @Override
  public long run(Instant now) {
    return forms.tidy(now);
  }
}
