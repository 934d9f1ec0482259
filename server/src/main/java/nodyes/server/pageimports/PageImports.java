package nodyes.server.pageimports;

import static nodyes.server.messages.Texts.text;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import nodyes.core.pagereading.PageTree;
import nodyes.core.pagereading.PatternReader;
import nodyes.core.pagereading.ReadingPattern;
import nodyes.server.imports.ImportIntake;
import nodyes.server.imports.ImportView;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.outbound.OutboundResponse;
import nodyes.server.tabular.HtmlReviewExtractor;
import nodyes.server.tabular.HtmlTree;
import nodyes.server.tabular.PatternReviews;
import nodyes.server.web.ApiProblem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Reads reviews off web pages: by address, with the pages that each names as its next one; or of a
 * page that the owner hands over. A server is asked for one page at a time, with a pause between.
 */
@Component
public class PageImports {
  private static final Logger LOG = LoggerFactory.getLogger(PageImports.class);
  private static final int MOST_PAGES = 50;
  static final int MOST_REVIEWS = 20_000;
  private static final Duration PAUSE = Duration.ofMillis(250);

  private final ImportIntake intake;
  private final PageReadings readings;
  private final OutboundHttp fetch;
  private final AtomicLong ids = new AtomicLong();
  private final Cache<Long, PageImport> visits =
      Caffeine.newBuilder().maximumSize(200).expireAfterWrite(Duration.ofHours(6)).build();
  private final ExecutorService worker = Executors.newVirtualThreadPerTaskExecutor();

  PageImports(ImportIntake intake, PageReadings readings, OutboundHttp fetch) {
    this.intake = intake;
    this.readings = readings;
    this.fetch = fetch;
  }

  /** Begins to read a page and those after it. */
  public PageImport begin(String address, String who) {
    String asked = OutboundHttp.address(address);
    return started(asked, visit -> run(visit, () -> read(visit), who));
  }

  /** Looks through a page as a browser has it. */
  public PageImport handedOver(String address, String html, String who) throws IOException {
    String page = OutboundHttp.address(address);
    byte[] content = html.getBytes(StandardCharsets.UTF_8);
    PageImport visit = fresh(page);
    Optional<List<String>> lines = lines(visit, content, page, Optional.empty());
    if (lines.isPresent()) {
      bringIn(visit.id(), page, lines.get(), who);
    }
    return visit(visit.id());
  }

  /**
   * Brings in what an owner has looked at, and what is built like it on the pages after it.
   *
   * @param most so many reviews, and no more
   */
  PageImport begin(PageReading reading, int most, String who) {
    readings.remember(reading);
    return started(reading.address(), visit -> run(visit, () -> read(visit, reading, most), who));
  }

  private PageImport fresh(String address) {
    var visit =
        new PageImport(
            ids.incrementAndGet(), address, 0, 0, PageImport.State.GOING, null, null, null);
    visits.put(visit.id(), visit);
    return visit;
  }

  private PageImport started(String address, Consumer<PageImport> task) {
    PageImport visit = fresh(address);
    worker.execute(() -> task.accept(visit));
    return visit;
  }

  /** How far a visit is. */
  public PageImport visit(long id) {
    PageImport visit = visits.getIfPresent(id);
    if (visit == null) {
      throw ApiProblem.notFound(text("imports.visitGone"));
    }
    return visit;
  }

  /** Calls a visit off; nothing of it is kept. */
  public PageImport cancel(long id) {
    visits.asMap().computeIfPresent(id, (_, visit) -> isGoing(visit) ? visit.cancelled() : visit);
    return visit(id);
  }

  /** Reads pages, which takes time and may fail. */
  private interface Task {
    /** The lines of what was read; none where there is nothing to bring in yet. */
    Optional<List<String>> read() throws IOException, InterruptedException;
  }

  private void run(PageImport begun, Task task, String who) {
    try {
      Optional<List<String>> lines = task.read();
      if (lines.isPresent() && isGoing(visit(begun.id()))) {
        bringIn(begun.id(), begun.address(), lines.get(), who);
      }
    } catch (ApiProblem e) {
      change(begun.id(), visit -> visit.failed(String.valueOf(e.getMessage())));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      change(begun.id(), PageImport::cancelled);
    } catch (IOException | RuntimeException e) {
      LOG.error("Reading pages from {} failed", begun.address(), e);
      change(begun.id(), visit -> visit.failed(text("imports.pageUnreadable")));
    }
  }

  private void bringIn(long id, String address, List<String> lines, String who) throws IOException {
    if (lines.isEmpty()) {
      throw HtmlReviewExtractor.none();
    }
    ImportView batch = intake.look(name(address), PageImportFile.file(lines), who);
    change(id, visit -> visit.done(batch.id()));
  }

  private Optional<List<String>> read(PageImport begun) throws IOException, InterruptedException {
    var lines = new ArrayList<String>();
    var seen = new HashSet<String>();
    Optional<ReadingPattern> pattern = Optional.empty();
    Optional<String> next = Optional.of(begun.address());
    for (int page = 1; next.isPresent() && page <= MOST_PAGES; page++) {
      String address = next.get();
      if (!seen.add(address) || !isGoing(visit(begun.id()))) {
        break;
      }
      if (page > 1) {
        Thread.sleep(PAUSE);
      }
      OutboundResponse fetched = fetch.get(address, OutboundHttp.Limits.PAGE);
      byte[] content;
      try (InputStream body = fetched.open()) {
        content = body.readAllBytes();
      }
      String from = fetched.address().toString();
      HtmlReviewExtractor.Found found = found(content, from);
      if (page == 1 && found.reviews().isEmpty()) {
        PageTree tree = HtmlTree.of(new ByteArrayInputStream(content), from);
        pattern = readings.known(from, tree);
        if (pattern.isEmpty()) {
          show(begun, from, tree, found.next());
          return Optional.empty();
        }
      }
      lines.addAll(
          pattern.isPresent() ? byLooks(pattern.get(), content, from) : marked(found, address));
      int read = page;
      change(begun.id(), visit -> visit.with(read, lines.size()));
      next = lines.size() < MOST_REVIEWS ? after(found, address) : Optional.empty();
    }
    return Optional.of(lines);
  }

  /** The lines of one page; none where the owner is to look at it first. */
  private Optional<List<String>> lines(
      PageImport visit, byte[] content, String address, Optional<String> next) throws IOException {
    HtmlReviewExtractor.Found found = found(content, address);
    if (!found.reviews().isEmpty()) {
      return Optional.of(marked(found, address));
    }
    PageTree tree = HtmlTree.of(new ByteArrayInputStream(content), address);
    Optional<ReadingPattern> pattern = readings.known(address, tree);
    if (pattern.isPresent()) {
      return Optional.of(byLooks(pattern.get(), content, address));
    }
    show(visit, address, tree, next);
    return Optional.empty();
  }

  private void show(PageImport visit, String address, PageTree page, Optional<String> next) {
    PageReading reading = readings.open(address, page, next.filter(other -> same(address, other)));
    change(visit.id(), one -> one.with(1, reading.reviews().size()).toCheck(reading.id()));
  }

  private Optional<List<String>> read(PageImport begun, PageReading reading, int most)
      throws IOException, InterruptedException {
    ReadingPattern pattern = reading.pattern().orElseThrow(() -> HtmlReviewExtractor.none());
    var lines =
        new ArrayList<String>(
            reading.reviews().stream()
                .map(block -> PageImportFile.line(PatternReviews.row(block), reading.address()))
                .toList());
    var seen = new HashSet<>(Set.of(reading.address()));
    Optional<String> next = reading.next();
    for (int page = 2; next.isPresent() && page <= MOST_PAGES && lines.size() < most; page++) {
      String address = next.get();
      if (!seen.add(address) || !isGoing(visit(begun.id()))) {
        break;
      }
      int read = page;
      change(begun.id(), visit -> visit.with(read, lines.size()));
      Thread.sleep(PAUSE);
      OutboundResponse fetched = fetch.get(address, OutboundHttp.Limits.PAGE);
      byte[] content;
      try (InputStream body = fetched.open()) {
        content = body.readAllBytes();
      }
      List<String> more = byLooks(pattern, content, fetched.address().toString());
      if (more.isEmpty()) {
        break;
      }
      lines.addAll(more);
      next = after(found(content, fetched.address().toString()), address);
    }
    return Optional.of(lines.subList(0, Math.min(most, lines.size())));
  }

  private static HtmlReviewExtractor.Found found(byte[] content, String address)
      throws IOException {
    return HtmlReviewExtractor.in(new ByteArrayInputStream(content), address);
  }

  private static List<String> marked(HtmlReviewExtractor.Found found, String address) {
    return found.reviews().stream().map(review -> PageImportFile.line(review, address)).toList();
  }

  private static List<String> byLooks(ReadingPattern pattern, byte[] content, String address)
      throws IOException {
    return PatternReader.read(HtmlTree.of(new ByteArrayInputStream(content), address), pattern)
        .stream()
        .filter(PatternReader.Block::isReview)
        .map(block -> PageImportFile.line(PatternReviews.row(block), address))
        .toList();
  }

  private static Optional<String> after(HtmlReviewExtractor.Found found, String address) {
    return found.next().filter(other -> same(address, other));
  }

  /** A next page lives on the same server. */
  private static boolean same(String address, String other) {
    try {
      return URI.create(address).getHost().equalsIgnoreCase(URI.create(other).getHost());
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private void change(long id, java.util.function.UnaryOperator<PageImport> change) {
    visits.asMap().computeIfPresent(id, (_, visit) -> isGoing(visit) ? change.apply(visit) : visit);
  }

  private static boolean isGoing(PageImport visit) {
    return visit.state() == PageImport.State.GOING;
  }

  private static String name(String address) {
    URI page = URI.create(address);
    return page.getHost() + (page.getPath() == null ? "" : page.getPath().replace('/', ' '));
  }

  @PreDestroy
  void close() {
    worker.shutdownNow();
  }
}
