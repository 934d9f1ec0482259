package nodyes.server.own;

import java.time.Clock;
import nodyes.server.web.EachMinute;
import org.springframework.stereotype.Component;

/** Looks whether there is something to tell. */
@Component
class NoticeJob extends EachMinute {
  NoticeJob(NewReviewNotice notice, Clock clock) {
    super("notices", () -> notice.run(clock.instant()));
  }
}
