package nodyes.server.people;

import java.time.Instant;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Keeps when keys were used. */
@Component
class ApiKeyUseJob implements ScheduledJob {
  private final ApiKeys keys;

  ApiKeyUseJob(ApiKeys keys) {
    this.keys = keys;
  }

  @Override
  public JobKind kind() {
    return JobKind.API_KEYS;
  }

  @Override
  public long run(Instant now) {
    return keys.keepUsed();
  }
}
