package nodyes.server.bringin;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.UnsupportedCharsetException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import nodyes.core.bringin.Column;
import nodyes.core.bringin.RowReader;
import nodyes.core.common.Slug;
import nodyes.core.rating.RatingScale;
import nodyes.server.ServerSettings;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.ProductFinder;
import nodyes.server.database.Database;
import nodyes.server.orders.Orders;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.Shop;
import nodyes.server.web.PageOf;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Brings files of reviews in. A file is kept in the data folder until it is read, so that reading
 * goes on after a restart; rows that are here already are passed over, so reading again is safe.
 */
@Component
public class BringIn implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(BringIn.class);
  private static final int LONGEST_FILE_NAME = 120;

  private final Database database;
  private final BatchStore store;
  private final Reviews reviews;
  private final Orders orders;
  private final Catalogue catalogue;
  private final Shop shop;
  private final Clock clock;
  private final Path folder;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(Thread.ofPlatform().name("bring-in").factory());
  private final Map<Long, AtomicLong> bytesRead = new ConcurrentHashMap<>();
  private volatile boolean running;

  BringIn(
      Database database,
      BatchStore store,
      Reviews reviews,
      Orders orders,
      Catalogue catalogue,
      Shop shop,
      Clock clock,
      ServerSettings settings) {
    this.database = database;
    this.store = store;
    this.reviews = reviews;
    this.orders = orders;
    this.catalogue = catalogue;
    this.shop = shop;
    this.clock = clock;
    this.folder = settings.data().resolve("brought");
  }

  /** Looks through a file and keeps it; nothing of it is stored as a review yet. */
  public BatchView look(String fileName, InputStream content, String who) throws IOException {
    Files.createDirectories(folder);
    Path file = Files.createTempFile(folder, "look-", ".csv");
    try {
      Files.copy(content, file, StandardCopyOption.REPLACE_EXISTING);
      Look look = Looking.at(file);
      long id = store.add(shortened(fileName), Files.size(file), look, who, clock.instant());
      Files.move(file, file(id), StandardCopyOption.ATOMIC_MOVE);
      return batch(id);
    } finally {
      Files.deleteIfExists(file);
    }
  }

  /** Reads a file that was looked at, in the background. */
  public BatchView read(long id, Choices choices) {
    BatchView batch = batch(id);
    reader(batch.look(), choices);
    encoding(batch.look(), choices);
    fixedProduct(choices);
    if (!store.begin(id, choices, BatchState.LOOKED)) {
      throw Refusal.unusable("This file was read already.");
    }
    submit(id);
    return batch(id);
  }

  /** As {@link #read}, and waits for its end. */
  public BatchView readNow(long id, Choices choices) throws InterruptedException {
    read(id, choices);
    try {
      worker.submit(() -> {}).get();
    } catch (java.util.concurrent.ExecutionException e) {
      throw new IllegalStateException(e);
    }
    return batch(id);
  }

  /** A brought file as it stands. */
  public BatchView batch(long id) {
    return store
        .find(id, 0)
        .map(batch -> store.find(id, progress(batch)).orElse(batch))
        .orElseThrow(() -> Refusal.notFound("There is no such file here."));
  }

  /** Files that were read or are being read, newest first. */
  public PageOf<BatchView> list(int page, int size) {
    return store.list(PageOf.page(page), PageOf.size(size));
  }

  /** What is wrong with which row of a file. */
  public PageOf<ProblemLine> problems(long id, int page, int size) {
    return store.problems(id, PageOf.page(page), PageOf.size(size));
  }

  private int progress(BatchView batch) {
    if (batch.state() != BatchState.READING) {
      return batch.state() == BatchState.LOOKED ? 0 : 100;
    }
    AtomicLong read = bytesRead.get(batch.id());
    return read == null ? 0 : (int) (100 * read.get() / Math.max(1, batch.fileSize()));
  }

  private void submit(long id) {
    worker.execute(() -> run(id));
  }

  private void run(long id) {
    BatchView batch = batch(id);
    Choices choices = store.choices(id).orElseThrow();
    var read = new AtomicLong();
    bytesRead.put(id, read);
    try (var storing =
        new Storing(
            id,
            batch.fileName(),
            counts(batch),
            clock.instant(),
            database,
            reviews,
            orders,
            store)) {
      readAndStore(batch, choices, storing, read);
    } finally {
      bytesRead.remove(id);
    }
  }

  private void readAndStore(BatchView batch, Choices choices, Storing storing, AtomicLong read) {
    long id = batch.id();
    try {
      var reading =
          new Reading(
              reader(batch.look(), choices), catalogue.finder(), fixedProduct(choices), storing);
      new CsvRows(file(id), encoding(batch.look(), choices), batch.look().delimiter().charAt(0))
          .read(reading, read, () -> running);
      if (!running) {
        return; // stopped with the server; it goes on at the next start
      }
      reading.end();
      store.finish(id, BatchState.READ, null, clock.instant());
      Files.deleteIfExists(file(id));
    } catch (IOException | RuntimeException e) {
      LOG.error("Reading batch {} failed", id, e);
      String failure =
          "Reading stopped after row "
              + storing.stored().rowsSeen()
              + ". The reviews before it are kept; bring the file again to go on.";
      store.finish(id, BatchState.FAILED, failure, clock.instant());
    }
  }

  private static BatchStore.Counts counts(BatchView batch) {
    return new BatchStore.Counts(
        batch.rowsSeen(), batch.taken(), batch.bad(), batch.hereAlready(), batch.leftOutBefore());
  }

  private RowReader reader(Look look, Choices choices) {
    Map<Column, Integer> columns = choices.columns() == null ? look.columns() : choices.columns();
    if (!columns.containsKey(Column.RATING)) {
      throw Refusal.unusable("Say which column holds the rating.");
    }
    if (choices.product() == null && !columns.containsKey(Column.PRODUCT)) {
      throw Refusal.unusable("Choose the product, or say which column names it.");
    }
    for (int column : columns.values()) {
      if (column < 0 || column >= look.headings().size()) {
        throw Refusal.unusable("The file has no column " + (column + 1) + ".");
      }
    }
    var worst = Optional.ofNullable(choices.worst()).orElse(look.worst());
    var best = Optional.ofNullable(choices.best()).orElse(look.best());
    if (best.compareTo(worst) <= 0) {
      throw Refusal.unusable("The best rating of a scale is above its worst.");
    }
    ZoneId zone = shop.settings().zone();
    Instant now = clock.instant();
    return new RowReader(
        columns,
        new RatingScale(worst, best),
        look.dateOrder(),
        zone,
        LocalDate.ofInstant(now, zone));
  }

  private static Charset encoding(Look look, Choices choices) {
    String name = choices.encoding() == null ? look.encoding() : choices.encoding();
    try {
      return Charset.forName(name);
    } catch (IllegalCharsetNameException | UnsupportedCharsetException e) {
      throw Refusal.unusable("There is no encoding named " + name + ".");
    }
  }

  private ProductFinder.@Nullable Found fixedProduct(Choices choices) {
    if (choices.product() == null) {
      return null;
    }
    return Slug.parse(choices.product())
        .flatMap(catalogue::id)
        .map(id -> new ProductFinder.Found(id, Optional.empty()))
        .orElseThrow(
            () -> Refusal.unusable("The catalogue holds no product " + choices.product() + "."));
  }

  private Path file(long id) {
    return folder.resolve(id + ".csv");
  }

  private static String shortened(String name) {
    String plain = name.replaceAll("[\\p{Cntrl}/\\\\]", "_").strip();
    String kept = plain.isEmpty() ? "a file" : plain;
    return kept.length() > LONGEST_FILE_NAME ? kept.substring(0, LONGEST_FILE_NAME) : kept;
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
