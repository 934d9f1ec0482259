package nodyes.server.feeds;

import nodyes.server.web.EachMinute;
import org.springframework.stereotype.Component;

/** Asks the addresses of feeds when it is time to. */
@Component
class FeedJob extends EachMinute {
  FeedJob(Feeds feeds) {
    super("feeds", feeds::askDue);
  }
}
