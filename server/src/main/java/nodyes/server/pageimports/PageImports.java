package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.outbound.OutboundResponse;
import nodyes.server.tabular.HtmlReviewExtractor;
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
  private static final int MOST_REVIEWS = 20_000;
  private static final Duration PAUSE = Duration.ofMillis(250);

  private final ImportIntake intake;
  private final OutboundHttp fetch;
  private final AtomicLong ids = new AtomicLong();
  private final Cache<Long, PageImport> visits =
      Caffeine.newBuilder().maximumSize(200).expireAfterWrite(Duration.ofHours(6)).build();
  private final ExecutorService worker = Executors.newVirtualThreadPerTaskExecutor();

  PageImports(ImportIntake intake, OutboundHttp fetch) {
    this.intake = intake;
    this.fetch = fetch;
  }

  /** Begins to read a page and those after it. */
  public PageImport begin(String address, String who) {
    String asked = OutboundHttp.address(address);
    var visit =
        new PageImport(ids.incrementAndGet(), asked, 0, 0, PageImport.State.GOING, null, null);
    visits.put(visit.id(), visit);
    worker.execute(() -> run(visit, who));
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

  /** Looks through a page as a browser has it. */
  public ImportView handedOver(String address, String html, String who) throws IOException {
    String page = OutboundHttp.address(address);
    HtmlReviewExtractor.Found found =
        HtmlReviewExtractor.in(
            new ByteArrayInputStream(html.getBytes(StandardCharsets.UTF_8)), page);
    if (found.reviews().isEmpty()) {
      throw HtmlReviewExtractor.none();
    }
    return intake.look(
        name(page),
        PageImportFile.file(
            found.reviews().stream().map(review -> PageImportFile.line(review, page)).toList()),
        who);
  }

  private void run(PageImport begun, String who) {
    try {
      List<String> lines = read(begun);
      if (!isGoing(visit(begun.id()))) {
        return;
      }
      if (lines.isEmpty()) {
        throw HtmlReviewExtractor.none();
      }
      ImportView batch = intake.look(name(begun.address()), PageImportFile.file(lines), who);
      change(begun.id(), visit -> visit.done(batch.id()));
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

  private List<String> read(PageImport begun) throws IOException, InterruptedException {
    var lines = new ArrayList<String>();
    var seen = new HashSet<String>();
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
      HtmlReviewExtractor.Found found =
          HtmlReviewExtractor.in(fetched.open(), fetched.address().toString());
      found.reviews().forEach(review -> lines.add(PageImportFile.line(review, address)));
      int read = page;
      change(begun.id(), visit -> visit.with(read, lines.size()));
      next =
          lines.size() < MOST_REVIEWS
              ? found.next().filter(other -> same(address, other))
              : Optional.empty();
    }
    return lines;
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
