package nodyes.server.web;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;

/**
 * Work that is looked after each minute while the server runs; a failure of one time ends nothing.
 */
public abstract class EachMinute implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(EachMinute.class);

  private final String name;
  private final Runnable work;
  private final ScheduledExecutorService worker;
  private volatile boolean running;

  /**
   * Work to look after.
   *
   * @param name what the log calls it
   */
  protected EachMinute(String name, Runnable work) {
    this.name = name;
    this.work = work;
    this.worker =
        Executors.newSingleThreadScheduledExecutor(Thread.ofVirtual().name(name).factory());
  }

  private void run() {
    try {
      work.run();
    } catch (RuntimeException e) {
      LOG.error("The job '{}' failed", name, e);
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
