package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.ProductFinder;
import nodyes.server.reviews.Reviews;
import nodyes.server.tabular.FileKind;
import nodyes.server.tabular.RowFile;
import nodyes.server.tabular.RowFilePreparer;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.InTurn;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

/**
 * Brings reviews in from files and pages. What is brought is kept, with what was chosen and what
 * came of it, as an import; rows that are here already are passed over, so reading again is safe.
 */
@Component
public class ReviewImports {
  private static final int LONGEST_NAME = 120;

  private final ImportStore store;
  private final ImportFiles files;
  private final ImportMemoryStore memory;
  private final ImportPlanner plans;
  private final ImportJob job;
  private final Reviews reviews;
  private final Catalogue catalogue;
  private final LanguageDetector guess;
  private final InTurn inTurn;
  private final Clock clock;

  ReviewImports(
      ImportStore store,
      ImportFiles files,
      ImportMemoryStore memory,
      ImportPlanner plans,
      ImportJob job,
      Reviews reviews,
      Catalogue catalogue,
      LanguageDetector guess,
      InTurn inTurn,
      Clock clock) {
    this.store = store;
    this.files = files;
    this.memory = memory;
    this.plans = plans;
    this.job = job;
    this.reviews = reviews;
    this.catalogue = catalogue;
    this.guess = guess;
    this.inTurn = inTurn;
    this.clock = clock;
  }

  /** Looks through a file and keeps it; nothing of it is stored as a review yet. */
  public ImportView look(String fileName, InputStream content, String who) throws IOException {
    Path file = files.temporary();
    Path rows = files.temporary();
    try {
      Files.copy(content, file, StandardCopyOption.REPLACE_EXISTING);
      FileInspection look = inTurn.run(() -> looked(RowFilePreparer.of(file, "", "", rows)));
      long id = store.add(shortened(fileName), Files.size(file), look, who, clock.instant());
      files.keep(id, file, look.kind() == FileKind.CSV ? null : rows);
      return batch(id);
    } finally {
      Files.deleteIfExists(file);
      Files.deleteIfExists(rows);
    }
  }

  /** Looks through a kept file again, at another sheet or in another encoding. */
  public ImportView lookAgain(long id, String sheet, String encoding) throws IOException {
    ImportView batch = batch(id);
    if (batch.state() != ImportState.INSPECTED) {
      throw ApiProblem.unusable(text("imports.alreadyImported"));
    }
    Path rows = files.temporary();
    try {
      FileInspection look =
          inTurn.run(
              () -> looked(RowFilePreparer.of(files.brought(id), sheet, known(encoding), rows)));
      store.lookAgain(id, look);
      files.keepRows(id, look.kind() == FileKind.CSV ? null : rows);
      return batch(id);
    } finally {
      Files.deleteIfExists(rows);
    }
  }

  private FileInspection looked(RowFile rows) throws IOException {
    ProductFinder products = catalogue.finder();
    FileInspection look = FileInspector.at(rows, guess, text -> products.find(text).isPresent());
    return memory
        .of(look.headings())
        .map(before -> look.remembering(before.when(), before.choices()))
        .orElse(look);
  }

  private static String known(String encoding) {
    try {
      if (encoding.isEmpty() || Charset.isSupported(encoding)) {
        return encoding;
      }
    } catch (IllegalCharsetNameException e) {
      // told below
    }
    throw ApiProblem.unusable(text("imports.noSuchEncoding", "encoding", encoding));
  }

  /** How the owner has chosen so far that a file be read, if anything was chosen. */
  public Optional<ImportOptions> chosen(long id) {
    batch(id);
    return store.choices(id);
  }

  /** Keeps what was chosen so far; whether it can be used is asked when it is. */
  public void choose(long id, ImportOptions choices) {
    batch(id);
    store.choose(id, choices);
  }

  /** What would come of reading with these choices. */
  public ImportPreview attempt(long id, ImportOptions choices) {
    ImportView batch = batch(id);
    plans.check(batch.inspection(), choices);
    var trying = new DryRun(choices, reviews, catalogue.finder());
    try {
      plans.run(files.rows(id), batch.inspection(), choices, trying, () -> true);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return trying.trial(!memory.isPermitted(source(batch, choices)));
  }

  /** Reads a file that was looked at, in the background. */
  public ImportView read(long id, ImportOptions choices, String who) {
    ImportView batch = batch(id);
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
    return batch(id);
  }

  private static String source(ImportView batch, ImportOptions choices) {
    return Optional.ofNullable(choices.handling().source())
        .map(ReviewImports::shortened)
        .orElse(batch.fileName());
  }

  /** As {@link #read}, and waits for its end. */
  public ImportView readNow(long id, ImportOptions choices, String who)
      throws InterruptedException {
    read(id, choices, who);
    job.await();
    return batch(id);
  }

  /** Calls a reading off; nothing of the file is kept. */
  public ImportView cancel(long id) {
    if (batch(id).state() != ImportState.RUNNING) {
      throw ApiProblem.unusable(text("imports.alreadyImported"));
    }
    job.cancel(id);
    return batch(id);
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
    return batch(id);
  }

  /** A brought file as it stands. */
  public ImportView batch(long id) {
    return store
        .find(id)
        .map(job::withProgress)
        .map(this::withWaiting)
        .orElseThrow(() -> ApiProblem.notFound(text("imports.noSuchImport")));
  }

  /** Asked often while an import is read, and of no use then: so not counted. */
  private ImportView withWaiting(ImportView batch) {
    return batch.state() == ImportState.DONE
        ? batch.waiting(reviews.waiting(List.of(batch.id())).getOrDefault(batch.id(), 0L))
        : batch;
  }

  /** The brought file itself. */
  public Path file(long id) {
    batch(id);
    return files.brought(id);
  }

  /** Files that were read or are being read, newest first. */
  public PagedResult<ImportView> list(int page, int size) {
    PagedResult<ImportView> found = store.list(PagedResult.page(page), PagedResult.size(size));
    Map<Long, Long> waiting = reviews.waiting(found.items().stream().map(ImportView::id).toList());
    return new PagedResult<>(
        found.items().stream()
            .map(job::withProgress)
            .map(batch -> batch.waiting(waiting.getOrDefault(batch.id(), 0L)))
            .toList(),
        found.page(),
        found.size(),
        found.total());
  }

  /** What is wrong with which row of a file. */
  public PagedResult<RowErrorView> problems(long id, int page, int size) {
    return store.problems(id, PagedResult.page(page), PagedResult.size(size));
  }

  private static String shortened(String name) {
    String plain = name.replaceAll("[\\p{Cntrl}/\\\\]", "_").strip();
    String kept = plain.isEmpty() ? "a file" : plain;
    return kept.length() > LONGEST_NAME ? kept.substring(0, LONGEST_NAME) : kept;
  }
}
