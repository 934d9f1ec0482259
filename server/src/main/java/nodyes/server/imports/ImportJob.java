package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.time.Clock;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import nodyes.server.database.Database;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.JobRuns;
import nodyes.server.orders.Orders;
import nodyes.server.reviews.Reviews;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.DiskFullDetector;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Reads imports in the background, one behind the other; goes on after a restart. */
@Component
class ImportJob implements SmartLifecycle {

  private static final Logger LOG = LoggerFactory.getLogger(ImportJob.class);

  private final Database database;
  private final ImportStore store;
  private final ImportFiles files;
  private final ImportPlanner plans;
  private final DuplicateCheck comparing;
  private final PictureDownloadJob pictures;
  private final Reviews reviews;
  private final Orders orders;
  private final Clock clock;
  private final JobRuns jobs;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(Thread.ofPlatform().name("bring-in").factory());
  private final Map<Long, Run> runs = new ConcurrentHashMap<>();
  private volatile boolean running;

  /** How far one reading is. */
  private record Run(long rowsBefore, long startedNanos, AtomicBoolean cancelled) {
    static Run behind(ImportView batch) {
      return new Run(batch.counts().rowsSeen(), System.nanoTime(), new AtomicBoolean());
    }
  }

  ImportJob(
      Database database,
      ImportStore store,
      ImportFiles files,
      ImportPlanner plans,
      DuplicateCheck comparing,
      PictureDownloadJob pictures,
      Reviews reviews,
      Orders orders,
      Clock clock,
      JobRuns jobs) {
    this.database = database;
    this.store = store;
    this.files = files;
    this.plans = plans;
    this.comparing = comparing;
    this.pictures = pictures;
    this.reviews = reviews;
    this.orders = orders;
    this.clock = clock;
    this.jobs = jobs;
  }

  void submit(long id) {
    store.find(id).ifPresent(batch -> runs.putIfAbsent(id, Run.behind(batch)));
    worker.execute(() -> jobs.record(JobKind.REVIEW_IMPORTS, () -> run(id)));
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

  /** An import with how far it is, while it is read. */
  ImportView withProgress(ImportView batch) {
    Run run = runs.get(batch.id());
    if (batch.state() != ImportState.RUNNING || run == null) {
      return batch;
    }
    double share =
        Math.min(
            1, (double) batch.counts().rowsSeen() / Math.max(1, batch.inspection().found().rows()));
    double seconds = (System.nanoTime() - run.startedNanos()) / 1e9;
    long read = batch.counts().rowsSeen() - run.rowsBefore();
    if (read == 0 || seconds <= 0) {
      return batch.reading((int) (100 * share), null, null);
    }
    double perSecond = read / seconds;
    return batch.reading(
        (int) (100 * share),
        Math.round(perSecond),
        (int)
            Math.ceil(
                Math.max(0, batch.inspection().found().rows() - batch.counts().rowsSeen())
                    / perSecond));
  }

  /** How many reviews it brought. */
  private long run(long id) {
    ImportView batch = store.find(id).orElseThrow();
    ImportOptions choices = store.choices(id).orElseThrow();
    Run run = runs.computeIfAbsent(id, _ -> Run.behind(batch));
    try (var storing =
        new ChunkWriter(
            id,
            batch.source() == null ? batch.fileName() : batch.source(),
            batch.counts(),
            clock.instant(),
            choices,
            database,
            reviews,
            orders,
            store)) {
      plans.run(
          files.rows(id),
          batch.inspection(),
          choices,
          storing,
          () -> running && !run.cancelled().get());
      storing.await();
      end(id, run);
      return store
          .find(id)
          .filter(one -> one.state() == ImportState.DONE)
          .map(one -> one.counts().imported())
          .orElse(0L);
    } catch (IOException | RuntimeException e) {
      throw ApiProblem.unusable(fail(id, e));
    } finally {
      runs.remove(id);
    }
  }

  private void end(long id, Run run) throws IOException {
    if (run.cancelled().get()) {
      reviews.removeBatch(id);
      store.finish(id, ImportState.CANCELLED, null, clock.instant());
      files.isRead(id);
    } else if (running) { // else stopped with the server; it goes on at the next start
      comparing.run(id);
      store.finish(id, ImportState.DONE, null, clock.instant());
      pictures.submit();
      files.isRead(id);
    }
  }

  /** Says why it ended. */
  private String fail(long id, Exception e) {
    LOG.error("Reading batch {} failed", id, e);
    long rows = store.find(id).map(one -> one.counts().rowsSeen()).orElse(0L);
    String failure =
        DiskFullDetector.is(e)
            ? text("imports.stoppedFull", "rows", rows)
            : text("imports.stopped", "rows", rows);
    try {
      store.finish(id, ImportState.FAILED, failure, clock.instant());
    } catch (RuntimeException full) {
      // not even that can be stored: it counts as being read, and goes on at the next start
      LOG.error("That batch {} failed cannot be stored", id, full);
    }
    return failure;
  }

  @Override
  public void start() {
    running = true;
    store.inState(ImportState.RUNNING).forEach(this::submit);
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
