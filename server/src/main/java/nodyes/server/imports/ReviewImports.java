package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.Optional;
import nodyes.server.reviews.Reviews;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/**
 * Brings in the reviews of files that were looked through. What is brought is kept, with what was
 * chosen and what came of it, as an import; rows that are here already are passed over, so reading
 * again is safe.
 */
@Component
public class ReviewImports {
  private final ImportViews views;
  private final ImportStore store;
  private final ImportMemoryStore memory;
  private final ImportPlanner plans;
  private final ImportJob job;
  private final Reviews reviews;
  private final Clock clock;

  ReviewImports(
      ImportViews views,
      ImportStore store,
      ImportMemoryStore memory,
      ImportPlanner plans,
      ImportJob job,
      Reviews reviews,
      Clock clock) {
    this.views = views;
    this.store = store;
    this.memory = memory;
    this.plans = plans;
    this.job = job;
    this.reviews = reviews;
    this.clock = clock;
  }

  /** How the owner has chosen so far that a file be read, if anything was chosen. */
  public Optional<ImportOptions> chosen(long id) {
    views.batch(id);
    return store.choices(id);
  }

  /** Keeps what was chosen so far; whether it can be used is asked when it is. */
  public void choose(long id, ImportOptions choices) {
    views.batch(id);
    store.choose(id, choices);
  }

  /** What would come of reading with these choices. */
  public ImportPreview attempt(long id, ImportOptions choices) {
    ImportView batch = views.batch(id);
    plans.check(batch.inspection(), choices);
    DryRun trying = plans.dryRun(choices, reviews);
    try {
      plans.run(batch, choices, trying, () -> true);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return trying.trial(!memory.isPermitted(source(batch, choices)));
  }

  /** The rows that cannot be read as it is chosen, with the reasons beside them, as a table. */
  void faults(long id, OutputStream out) throws IOException {
    ImportView batch = views.batch(id);
    ImportOptions choices =
        store
            .choices(id)
            .or(() -> Optional.ofNullable(batch.inspection().memory().choices()))
            .orElse(ImportOptions.FOUND);
    plans.faults(batch, choices, out);
  }

  /** Reads a file that was looked at, in the background. */
  public ImportView read(long id, ImportOptions choices, String who) {
    ImportView batch = views.batch(id);
    plans.check(batch.inspection(), choices);
    String source = source(batch, choices);
    if (!Boolean.TRUE.equals(choices.handling().permitted()) && !memory.isPermitted(source)) {
      throw ApiProblem.unusable(text("imports.confirmRights", "source", source));
    }
    ImportOptions known = choices.from(source);
    if (!store.begin(id, known, ImportState.INSPECTED)) {
      throw ApiProblem.unusable(text("imports.alreadyImported"));
    }
    memory.permit(source, who, clock.instant());
    memory.remember(batch.inspection().headings(), known, clock.instant());
    job.submit(id);
    return views.batch(id);
  }

  private static String source(ImportView batch, ImportOptions choices) {
    return Optional.ofNullable(choices.handling().source())
        .map(ImportIntake::shortened)
        .orElse(batch.fileName());
  }

  /** As {@link #read}, and waits for its end. */
  public ImportView readNow(long id, ImportOptions choices, String who)
      throws InterruptedException {
    read(id, choices, who);
    job.await();
    return views.batch(id);
  }

  /** Calls a reading off; nothing of the file is kept. */
  public ImportView cancel(long id) {
    if (views.batch(id).state() != ImportState.RUNNING) {
      throw ApiProblem.unusable(text("imports.alreadyImported"));
    }
    job.cancel(id);
    return views.batch(id);
  }

  /**
   * Takes a whole import back: its reviews go, published ones too. What was left out of it or was
   * spam is remembered.
   */
  public ImportView takeBack(long id) {
    if (!store.changeState(id, ImportState.DONE, ImportState.UNDONE)
        && !store.changeState(id, ImportState.FAILED, ImportState.UNDONE)) {
      throw ApiProblem.unusable(text("imports.onlyFinishedRemovable"));
    }
    reviews.removeBatch(id);
    return views.batch(id);
  }
}
