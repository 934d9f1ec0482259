package nodyes.server.bringin;

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
import nodyes.server.rows.FileKind;
import nodyes.server.rows.Preparing;
import nodyes.server.rows.RowFile;
import nodyes.server.web.InTurn;
import nodyes.server.web.PageOf;
import nodyes.server.web.Refusal;
import org.springframework.stereotype.Component;

/**
 * Brings reviews in from files and pages. What is brought is kept, with what was chosen and what
 * came of it, as a batch; rows that are here already are passed over, so reading again is safe.
 */
@Component
public class BringIn {
  private static final int LONGEST_NAME = 120;

  private final BatchStore store;
  private final BatchFiles files;
  private final MemoryStore memory;
  private final Plans plans;
  private final ReadingJob job;
  private final Reviews reviews;
  private final Catalogue catalogue;
  private final LanguageGuess guess;
  private final InTurn inTurn;
  private final Clock clock;

  BringIn(
      BatchStore store,
      BatchFiles files,
      MemoryStore memory,
      Plans plans,
      ReadingJob job,
      Reviews reviews,
      Catalogue catalogue,
      LanguageGuess guess,
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
  public BatchView look(String fileName, InputStream content, String who) throws IOException {
    Path file = files.temporary();
    Path rows = files.temporary();
    try {
      Files.copy(content, file, StandardCopyOption.REPLACE_EXISTING);
      Look look = inTurn.run(() -> looked(Preparing.of(file, "", "", rows)));
      long id = store.add(shortened(fileName), Files.size(file), look, who, clock.instant());
      files.keep(id, file, look.kind() == FileKind.CSV ? null : rows);
      return batch(id);
    } finally {
      Files.deleteIfExists(file);
      Files.deleteIfExists(rows);
    }
  }

  /** Looks through a kept file again, at another sheet or in another encoding. */
  public BatchView lookAgain(long id, String sheet, String encoding) throws IOException {
    BatchView batch = batch(id);
    if (batch.state() != BatchState.LOOKED) {
      throw Refusal.unusable("This file was read already.");
    }
    Path rows = files.temporary();
    try {
      Look look =
          inTurn.run(() -> looked(Preparing.of(files.brought(id), sheet, known(encoding), rows)));
      store.lookAgain(id, look);
      files.keepRows(id, look.kind() == FileKind.CSV ? null : rows);
      return batch(id);
    } finally {
      Files.deleteIfExists(rows);
    }
  }

  private Look looked(RowFile rows) throws IOException {
    ProductFinder products = catalogue.finder();
    Look look = Looking.at(rows, guess, text -> products.find(text).isPresent());
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
    throw Refusal.unusable("There is no encoding named " + encoding + ".");
  }

  /** How the owner has chosen so far that a file be read, if anything was chosen. */
  public Optional<Choices> chosen(long id) {
    batch(id);
    return store.choices(id);
  }

  /** Keeps what was chosen so far; whether it can be used is asked when it is. */
  public void choose(long id, Choices choices) {
    batch(id);
    store.choose(id, choices);
  }

  /** What would come of reading with these choices. */
  public Trial attempt(long id, Choices choices) {
    BatchView batch = batch(id);
    plans.check(batch.look(), choices);
    var trying = new Trying(choices, reviews, catalogue.finder());
    try {
      plans.run(files.rows(id), batch.look(), choices, trying, () -> true);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return trying.trial(!memory.isPermitted(source(batch, choices)));
  }

  /** Reads a file that was looked at, in the background. */
  public BatchView read(long id, Choices choices, String who) {
    BatchView batch = batch(id);
    plans.check(batch.look(), choices);
    String source = source(batch, choices);
    if (!Boolean.TRUE.equals(choices.permitted()) && !memory.isPermitted(source)) {
      throw Refusal.unusable(
          "Say that reviews from "
              + source
              + " may be published. It is asked once for each place.");
    }
    Choices known = choices.from(source);
    if (!store.begin(id, known, BatchState.LOOKED)) {
      throw Refusal.unusable("This file was read already.");
    }
    memory.permit(source, who, clock.instant());
    memory.remember(batch.look().headings(), known, clock.instant());
    job.submit(id);
    return batch(id);
  }

  private static String source(BatchView batch, Choices choices) {
    return Optional.ofNullable(choices.source()).map(BringIn::shortened).orElse(batch.fileName());
  }

  /** As {@link #read}, and waits for its end. */
  public BatchView readNow(long id, Choices choices, String who) throws InterruptedException {
    read(id, choices, who);
    job.await();
    return batch(id);
  }

  /** Calls a reading off; nothing of the file is kept. */
  public BatchView cancel(long id) {
    if (batch(id).state() != BatchState.READING) {
      throw Refusal.unusable("This file is not being read.");
    }
    job.cancel(id);
    return batch(id);
  }

  /**
   * Takes a whole batch back: its reviews go, published ones too. What was left out of it or was
   * spam is remembered.
   */
  public BatchView takeBack(long id) {
    if (!store.changeState(id, BatchState.READ, BatchState.TAKEN_BACK)
        && !store.changeState(id, BatchState.FAILED, BatchState.TAKEN_BACK)) {
      throw Refusal.unusable("Only a batch that was read can be taken back.");
    }
    reviews.removeBatch(id);
    return batch(id);
  }

  /** A brought file as it stands. */
  public BatchView batch(long id) {
    return store
        .find(id)
        .map(job::withProgress)
        .map(this::withWaiting)
        .orElseThrow(() -> Refusal.notFound("There is no such file here."));
  }

  /** Asked often while a batch is read, and of no use then: so not counted. */
  private BatchView withWaiting(BatchView batch) {
    return batch.state() == BatchState.READ
        ? batch.waiting(reviews.waiting(List.of(batch.id())).getOrDefault(batch.id(), 0L))
        : batch;
  }

  /** The brought file itself. */
  public Path file(long id) {
    batch(id);
    return files.brought(id);
  }

  /** Files that were read or are being read, newest first. */
  public PageOf<BatchView> list(int page, int size) {
    PageOf<BatchView> found = store.list(PageOf.page(page), PageOf.size(size));
    Map<Long, Long> waiting = reviews.waiting(found.items().stream().map(BatchView::id).toList());
    return new PageOf<>(
        found.items().stream()
            .map(job::withProgress)
            .map(batch -> batch.waiting(waiting.getOrDefault(batch.id(), 0L)))
            .toList(),
        found.page(),
        found.size(),
        found.total());
  }

  /** What is wrong with which row of a file. */
  public PageOf<ProblemLine> problems(long id, int page, int size) {
    return store.problems(id, PageOf.page(page), PageOf.size(size));
  }

  private static String shortened(String name) {
    String plain = name.replaceAll("[\\p{Cntrl}/\\\\]", "_").strip();
    String kept = plain.isEmpty() ? "a file" : plain;
    return kept.length() > LONGEST_NAME ? kept.substring(0, LONGEST_NAME) : kept;
  }
}
