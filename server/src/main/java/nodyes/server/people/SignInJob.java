package nodyes.server.people;

import java.time.Instant;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Looks after sign-ins. */
@Component
class SignInJob implements ScheduledJob {
  private final SignIns signIns;

  SignInJob(SignIns signIns) {
    this.signIns = signIns;
  }

  @Override
  public JobKind kind() {
    return JobKind.SIGN_INS;
  }

  @Override
  public long run(Instant now) {
    return signIns.tidy();
  }
}
