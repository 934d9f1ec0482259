package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.time.Clock;
import java.util.Optional;
import java.util.function.Supplier;
import nodyes.server.reviews.Reviews;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.DiskFullDetector;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Reads an import from where it was left to its end. */
@Component
class ImportReading {
  private static final Logger LOG = LoggerFactory.getLogger(ImportReading.class);

  /** What is wanted of a reading that is under way. */
  enum Wish {
    GO_ON,
    /** Not now: it goes on behind its last stored row. */
    STOP,
    /** Nothing of it is to stay. */
    CANCEL
  }

  private final ImportStore store;
  private final ImportFiles files;
  private final ImportPlanner plans;
  private final ChunkWriter.Stores stores;
  private final DuplicateCheck comparing;
  private final Reviews reviews;
  private final Clock clock;

  ImportReading(
      ImportStore store,
      ImportFiles files,
      ImportPlanner plans,
      ChunkWriter.Stores stores,
      DuplicateCheck comparing,
      Reviews reviews,
      Clock clock) {
    this.store = store;
    this.files = files;
    this.plans = plans;
    this.stores = stores;
    this.comparing = comparing;
    this.reviews = reviews;
    this.clock = clock;
  }

  /** Reads on while it is wished for; how many reviews it brought. */
  long run(long id, Supplier<Wish> wish) {
    ImportView batch = store.find(id).orElseThrow();
    ImportOptions choices = store.choices(id).orElseThrow();
    try (ChunkWriter storing = stores.open(target(batch, choices))) {
      plans.run(batch, choices, storing, () -> wish.get() == Wish.GO_ON);
      storing.await();
      end(id, wish.get());
      return store
          .find(id)
          .filter(one -> one.state() == ImportState.DONE)
          .map(one -> one.counts().imported())
          .orElse(0L);
    } catch (IOException | RuntimeException e) {
      throw ApiProblem.unusable(fail(id, e));
    }
  }

  private ChunkWriter.Target target(ImportView batch, ImportOptions choices) {
    return new ChunkWriter.Target(
        batch.id(),
        Optional.ofNullable(batch.source()).orElse(batch.fileName()),
        batch.counts(),
        choices,
        clock.instant());
  }

  private void end(long id, Wish wish) throws IOException {
    switch (wish) {
      case CANCEL -> {
        reviews.removeBatch(id);
        store.finish(id, ImportState.CANCELLED, null, clock.instant());
        files.isRead(id);
      }
      case STOP -> {} // it goes on at the next start
      case GO_ON -> {
        comparing.run(id);
        store.finish(id, ImportState.DONE, null, clock.instant());
        // what could not be read of it may be asked for yet
        if (store.find(id).filter(one -> one.counts().unreadable() > 0).isEmpty()) {
          files.isRead(id);
        }
      }
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
}
