package nodyes.server.businessprofile;

import java.time.Instant;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Asks the directory when it is time to. */
@Component
class BusinessProfileJob implements ScheduledJob {
  private final BusinessProfiles profiles;

  BusinessProfileJob(BusinessProfiles profiles) {
    this.profiles = profiles;
  }

  @Override
  public JobKind kind() {
    return JobKind.BUSINESS_PROFILE;
  }

  @Override
  public long run(Instant now) {
    return profiles.refreshIfDue(now) ? 1 : 0;
  }
}
