package nodyes.server.bringin;

import java.io.IOException;
import java.time.Clock;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import nodyes.server.database.Database;
import nodyes.server.orders.Orders;
import nodyes.server.reviews.Reviews;
import nodyes.server.web.FullDisk;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Reads batches in the background, one behind the other; goes on after a restart. */
@Component
class ReadingJob implements SmartLifecycle {

  private static final Logger LOG = LoggerFactory.getLogger(ReadingJob.class);

  private final Database database;
  private final BatchStore store;
  private final BatchFiles files;
  private final Plans plans;
  private final Comparing comparing;
  private final PictureJob pictures;
  private final Reviews reviews;
  private final Orders orders;
  private final Clock clock;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(Thread.ofPlatform().name("bring-in").factory());
  private final Map<Long, Run> runs = new ConcurrentHashMap<>();
  private volatile boolean running;

  /** How far one reading is. */
  private record Run(long rowsBefore, long startedNanos, AtomicBoolean cancelled) {
    static Run behind(BatchView batch) {
      return new Run(batch.rowsSeen(), System.nanoTime(), new AtomicBoolean());
    }
  }

  ReadingJob(
      Database database,
      BatchStore store,
      BatchFiles files,
      Plans plans,
      Comparing comparing,
      PictureJob pictures,
      Reviews reviews,
      Orders orders,
      Clock clock) {
    this.database = database;
    this.store = store;
    this.files = files;
    this.plans = plans;
    this.comparing = comparing;
    this.pictures = pictures;
    this.reviews = reviews;
    this.orders = orders;
    this.clock = clock;
  }

  void submit(long id) {
    store.find(id).ifPresent(batch -> runs.putIfAbsent(id, Run.behind(batch)));
    worker.execute(() -> run(id));
  }

  void cancel(long id) {
    Run run = runs.get(id);
    if (run != null) {
      run.cancelled().set(true);
    }
  }

  /** Waits until all that was submitted is read. */
  void await() throws InterruptedException {
    try {
      worker.submit(() -> {}).get();
    } catch (ExecutionException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A batch with how far it is, while it is read. */
  BatchView withProgress(BatchView batch) {
    Run run = runs.get(batch.id());
    if (batch.state() != BatchState.READING || run == null) {
      return batch;
    }
    double share = Math.min(1, (double) batch.rowsSeen() / Math.max(1, batch.look().rows()));
    double seconds = (System.nanoTime() - run.startedNanos()) / 1e9;
    long read = batch.rowsSeen() - run.rowsBefore();
    if (read == 0 || seconds <= 0) {
      return batch.reading((int) (100 * share), null, null);
    }
    double perSecond = read / seconds;
    return batch.reading(
        (int) (100 * share),
        Math.round(perSecond),
        (int) Math.ceil(Math.max(0, batch.look().rows() - batch.rowsSeen()) / perSecond));
  }

  private void run(long id) {
    BatchView batch = store.find(id).orElseThrow();
    Choices choices = store.choices(id).orElseThrow();
    Run run = runs.computeIfAbsent(id, _ -> Run.behind(batch));
    try (var storing =
        new Storing(
            id,
            batch.source() == null ? batch.fileName() : batch.source(),
            counts(batch),
            clock.instant(),
            choices,
            database,
            reviews,
            orders,
            store)) {
      plans.run(
          files.rows(id), batch.look(), choices, storing, () -> running && !run.cancelled().get());
      storing.await();
      end(id, run);
    } catch (IOException | RuntimeException e) {
      fail(id, e);
    } finally {
      runs.remove(id);
    }
  }

  private void end(long id, Run run) throws IOException {
    if (run.cancelled().get()) {
      reviews.removeBatch(id);
      store.finish(id, BatchState.CANCELLED, null, clock.instant());
      files.isRead(id);
    } else if (running) { // else stopped with the server; it goes on at the next start
      comparing.run(id);
      store.finish(id, BatchState.READ, null, clock.instant());
      pictures.submit();
      files.isRead(id);
    }
  }

  private void fail(long id, Exception e) {
    LOG.error("Reading batch {} failed", id, e);
    long rows = store.find(id).map(BatchView::rowsSeen).orElse(0L);
    String failure =
        "Reading stopped after row "
            + rows
            + (FullDisk.is(e) ? ", as the disk of this machine is full" : "")
            + ". The reviews before it are kept; bring the file again to go on.";
    try {
      store.finish(id, BatchState.FAILED, failure, clock.instant());
    } catch (RuntimeException full) {
      // not even that can be stored: it counts as being read, and goes on at the next start
      LOG.error("That batch {} failed cannot be stored", id, full);
    }
  }

  private static BatchStore.Counts counts(BatchView batch) {
    return new BatchStore.Counts(
        batch.rowsSeen(),
        batch.taken(),
        batch.bad(),
        batch.hereAlready(),
        batch.leftOutBefore(),
        batch.notChosen());
  }

  @Override
  public void start() {
    running = true;
    store.inState(BatchState.READING).forEach(this::submit);
  }

  @Override
  public void stop() {
    running = false;
    worker.close();
  }

  @Override
  public boolean isRunning() {
    return running;
  }
}
