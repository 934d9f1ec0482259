package nodyes.server.form;

import java.time.Clock;
import nodyes.server.web.EachMinute;
import org.springframework.stereotype.Component;

/** Forgets what was sent ahead of forms that never came. */
@Component
class TidyingJob extends EachMinute {
  TidyingJob(Forms forms, Clock clock) {
    super("sent-ahead", () -> forms.tidy(clock.instant()));
  }
}
