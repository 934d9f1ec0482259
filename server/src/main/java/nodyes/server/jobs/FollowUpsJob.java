package nodyes.server.jobs;

import java.time.Instant;
import nodyes.server.web.FollowUps;
import org.springframework.stereotype.Component;

/** Tries again what follows a change and failed. */
@Component
class FollowUpsJob implements ScheduledJob {
  private final FollowUps followUps;

  FollowUpsJob(FollowUps followUps) {
    this.followUps = followUps;
  }

  @Override
  public JobKind kind() {
    return JobKind.FOLLOW_UPS;
  }

  @Override
  public long run(Instant now) {
    return followUps.again();
  }
}
