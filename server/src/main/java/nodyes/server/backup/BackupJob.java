package nodyes.server.backup;

import java.time.Duration;
import java.time.Instant;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Makes a backup each day, once there is somebody whose work it would keep. */
@Component
class BackupJob implements ScheduledJob {
  private static final Duration EACH = Duration.ofHours(24);

  private final Backups backups;

  BackupJob(Backups backups) {
    this.backups = backups;
  }

  @Override
  public JobKind kind() {
    return JobKind.BACKUPS;
  }

  @Override
  public Duration every() {
    return Duration.ofMinutes(10);
  }

  @Override
  public long run(Instant now) {
    boolean isDue =
        backups
            .newest()
            .map(last -> !last.manifest().madeAt().plus(EACH).isAfter(now))
            .orElseGet(backups::hasOwner);
    if (!isDue) {
      return 0;
    }
    try {
      backups.make();
      return 1;
    } catch (BackupException e) {
      throw new IllegalStateException(e.getMessage(), e);
    }
  }
}
