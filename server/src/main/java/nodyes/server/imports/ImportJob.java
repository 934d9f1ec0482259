package nodyes.server.imports;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import nodyes.server.jobs.JobKind;
import nodyes.server.jobs.JobRuns;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Reads imports in the background, one behind the other; goes on after a restart. */
@Component
class ImportJob implements SmartLifecycle {

  private final ImportStore store;
  private final ImportReading reading;
  private final PictureDownloadJob pictures;
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

  ImportJob(ImportStore store, ImportReading reading, PictureDownloadJob pictures, JobRuns jobs) {
    this.store = store;
    this.reading = reading;
    this.pictures = pictures;
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
    Run run = runs.computeIfAbsent(id, _ -> Run.behind(store.find(id).orElseThrow()));
    try {
      long brought = reading.run(id, () -> wish(run));
      if (brought > 0) {
        pictures.submit();
      }
      return brought;
    } finally {
      runs.remove(id);
    }
  }

  private ImportReading.Wish wish(Run run) {
    if (run.cancelled().get()) {
      return ImportReading.Wish.CANCEL;
    }
    return running ? ImportReading.Wish.GO_ON : ImportReading.Wish.STOP;
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
