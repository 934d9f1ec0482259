package nodyes.server.listing;

import java.time.Clock;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Asks the directory when it is time to. */
@Component
class ListingJob implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(ListingJob.class);

  private final Listing listing;
  private final Clock clock;
  private final ScheduledExecutorService worker =
      Executors.newSingleThreadScheduledExecutor(Thread.ofVirtual().name("listing").factory());
  private volatile boolean running;

  ListingJob(Listing listing, Clock clock) {
    this.listing = listing;
    this.clock = clock;
  }

  private void run() {
    try {
      listing.refreshIfDue(clock.instant());
    } catch (RuntimeException e) {
      LOG.error("Asking the directory failed", e);
    }
  }

  @Override
  public void start() {
    running = true;
    var _ = worker.scheduleWithFixedDelay(this::run, 1, 60, TimeUnit.SECONDS);
  }

  @Override
  public void stop() {
    running = false;
    worker.shutdownNow();
  }

  @Override
  public boolean isRunning() {
    return running;
  }
}
