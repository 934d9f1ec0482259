package nodyes.server.jobs;

import java.time.Duration;
import java.time.Instant;

/** Work that is looked after again and again while the server runs. */
public interface ScheduledJob {
  /** Which it is. */
  JobKind kind();

  /** How long after one time the next begins. */
  default Duration every() {
    return Duration.ofMinutes(1);
  }

  /**
   * Does what is to be done.
   *
   * @return of how many things something came; 0 where there was nothing to do
   */
  long run(Instant now);
}
