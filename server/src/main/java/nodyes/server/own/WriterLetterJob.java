package nodyes.server.own;

import java.time.Clock;
import nodyes.server.web.EachMinute;
import org.springframework.stereotype.Component;

/** Sends letters to writers. */
@Component
class WriterLetterJob extends EachMinute {
  WriterLetterJob(WriterLetters letters, Clock clock) {
    super("letters-to-writers", () -> letters.run(clock.instant()));
  }
}
