package nodyes.server.submissions;

import java.time.Instant;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Sends e-mails to reviewers. */
@Component
class ReviewerMailJob implements ScheduledJob {
  private final ReviewerMails mails;

  ReviewerMailJob(ReviewerMails mails) {
    this.mails = mails;
  }

  @Override
  public JobKind kind() {
    return JobKind.REVIEWER_MAILS;
  }

  @Override
  public long run(Instant now) {
    return mails.run(now);
  }
}
