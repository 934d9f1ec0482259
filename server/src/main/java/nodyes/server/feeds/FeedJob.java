package nodyes.server.feeds;

import java.time.Instant;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.ScheduledJob;
import org.springframework.stereotype.Component;

/** Asks the addresses of feeds when it is time to. */
@Component
class FeedJob implements ScheduledJob {
  private final Feeds feeds;

  FeedJob(Feeds feeds) {
    this.feeds = feeds;
  }

  @Override
  public JobKind kind() {
    return JobKind.FEEDS;
  }

  @Override
  public long run(Instant now) {
    return feeds.askDue();
  }
}
