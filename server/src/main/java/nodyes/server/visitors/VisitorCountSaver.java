package nodyes.server.visitors;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Instant;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Saves who looked each minute, so that being killed loses no more than that. */
@Component
class VisitorCountSaver implements ScheduledJob {
  private final VisitorCounts presence;
  private final Clock clock;

  VisitorCountSaver(VisitorCounts presence, Clock clock) {
    this.presence = presence;
    this.clock = clock;
  }

  @Override
  public JobKind kind() {
    return JobKind.VISITOR_COUNTS;
  }

  @Override
  public long run(Instant now) {
    return presence.save(now);
  }

  @PreDestroy
  void last() {
    presence.save(clock.instant());
  }
}
