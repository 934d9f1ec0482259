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
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import nodyes.core.pagereading.ReadingPattern;
import nodyes.server.imports.ImportIntake;
import nodyes.server.imports.ImportView;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.outbound.OutboundResponse;
import nodyes.server.tabular.HtmlReviewExtractor;
import nodyes.server.tabular.WebPage;
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
    return started(
        asked,
        visit ->
            run(
                visit,
                who,
                () -> follow(visit, new ReadPages(), Optional.of(asked), MOST_REVIEWS)));
  }

  /** Looks through a page as a browser has it; what only that may see is not asked for. */
  public PageImport handedOver(String address, String html, String who) throws IOException {
    String page = OutboundHttp.address(address);
    PageImport visit = fresh(page);
    WebPage web =
        WebPage.read(new ByteArrayInputStream(html.getBytes(StandardCharsets.UTF_8)), page);
    var pages = new ReadPages();
    if (isKnown(web, pages)) {
      pages.add(web);
      bringIn(visit, pages.lines(MOST_REVIEWS), who);
    } else {
      show(visit, web, Optional.empty());
    }
    return visit(visit.id());
  }

  /**
   * Brings in what an owner has looked at, and what is built like it on the pages after it; so the
   * site is read from then on.
   *
   * @param most so many reviews, and no more
   */
  PageImport begin(PageReading reading, int most, String who) {
    if (reading.reviews().isEmpty()) {
      throw HtmlReviewExtractor.none();
    }
    return started(
        reading.address(),
        visit ->
            run(
                visit,
                who,
                () -> {
                  var pages = ReadPages.of(reading);
                  Optional<List<String>> lines = follow(visit, pages, reading.next(), most);
                  pages
                      .pattern()
                      .ifPresent(pattern -> readings.remember(reading.address(), pattern));
                  return lines;
                }));
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

  private void run(PageImport begun, String who, Task task) {
    try {
      Optional<List<String>> lines = task.read();
      if (lines.isPresent() && isGoing(visit(begun.id()))) {
        bringIn(begun, lines.get(), who);
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

  private void bringIn(PageImport visit, List<String> lines, String who) throws IOException {
    if (lines.isEmpty()) {
      throw HtmlReviewExtractor.none();
    }
    ImportView batch = intake.look(name(visit.address()), PageImportFile.file(lines), who);
    change(visit.id(), one -> one.done(batch.id()));
  }

  /** Reads page after page, until none has more; none where the owner is to look at the first. */
  private Optional<List<String>> follow(
      PageImport begun, ReadPages pages, Optional<String> first, int most)
      throws IOException, InterruptedException {
    var seen = new HashSet<>(Set.of(begun.address()));
    boolean isFirst = pages.pattern().isEmpty();
    Optional<String> next = first;
    for (int page = isFirst ? 1 : 2; next.isPresent() && page <= MOST_PAGES; page++) {
      int before = pages.reviews();
      if (before >= most || !(seen.add(next.get()) || page == 1) || !isGoing(visit(begun.id()))) {
        break;
      }
      if (page > 1) {
        Thread.sleep(PAUSE);
      }
      WebPage web = fetched(next.get());
      Optional<String> after = web.found().next().filter(other -> same(web.address(), other));
      if (page == 1 && !isKnown(web, pages)) {
        show(begun, web, after);
        return Optional.empty();
      }
      pages.add(web);
      int read = page;
      change(begun.id(), visit -> visit.with(read, pages.reviews()));
      next = pages.reviews() > before ? after : Optional.empty();
    }
    return Optional.of(pages.lines(most));
  }

  private WebPage fetched(String address) throws IOException, InterruptedException {
    OutboundResponse answer = fetch.get(address, OutboundHttp.Limits.PAGE);
    try (InputStream body = answer.open()) {
      return WebPage.read(body, answer.address().toString());
    }
  }

  /** Whether it is known how to read a page: by what it marks up, or as it was shown before. */
  private boolean isKnown(WebPage web, ReadPages pages) {
    if (!web.found().reviews().isEmpty()) {
      return true;
    }
    Optional<ReadingPattern> pattern = readings.known(web.address(), web.tree());
    pattern.ifPresent(pages::by);
    return pattern.isPresent();
  }

  private void show(PageImport visit, WebPage web, Optional<String> next) {
    PageReading reading = readings.open(web.address(), web.tree(), next);
    change(visit.id(), one -> one.with(1, reading.reviews().size()).toCheck(reading.id()));
  }

  /** A next page lives on the same server. */
  private static boolean same(String address, String other) {
    try {
      return URI.create(address).getHost().equalsIgnoreCase(URI.create(other).getHost());
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private void change(long id, UnaryOperator<PageImport> change) {
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
