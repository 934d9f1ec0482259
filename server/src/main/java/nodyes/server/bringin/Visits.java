package nodyes.server.bringin;

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
import nodyes.server.outside.Fetch;
import nodyes.server.outside.Fetched;
import nodyes.server.rows.PageReviews;
import nodyes.server.web.Refusal;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Reads reviews off web pages: by address, with the pages that each names as its next one; or of a
 * page that the owner hands over. A server is asked for one page at a time, with a pause between.
 */
@Component
public class Visits {
  private static final Logger LOG = LoggerFactory.getLogger(Visits.class);
  private static final int MOST_PAGES = 50;
  private static final int MOST_REVIEWS = 20_000;
  private static final Duration PAUSE = Duration.ofMillis(250);

  private final BringIn bringIn;
  private final Fetch fetch;
  private final AtomicLong ids = new AtomicLong();
  private final Cache<Long, Visit> visits =
      Caffeine.newBuilder().maximumSize(200).expireAfterWrite(Duration.ofHours(6)).build();
  private final ExecutorService worker = Executors.newVirtualThreadPerTaskExecutor();

  Visits(BringIn bringIn, Fetch fetch) {
    this.bringIn = bringIn;
    this.fetch = fetch;
  }

  /** Begins to read a page and those after it. */
  public Visit begin(String address, String who) {
    String asked = Fetch.address(address);
    var visit = new Visit(ids.incrementAndGet(), asked, 0, 0, Visit.State.GOING, null, null);
    visits.put(visit.id(), visit);
    worker.execute(() -> run(visit, who));
    return visit;
  }

  /** How far a visit is. */
  public Visit visit(long id) {
    Visit visit = visits.getIfPresent(id);
    if (visit == null) {
      throw Refusal.notFound("There is no such visit; begin it again.");
    }
    return visit;
  }

  /** Calls a visit off; nothing of it is kept. */
  public Visit cancel(long id) {
    visits.asMap().computeIfPresent(id, (_, visit) -> isGoing(visit) ? visit.cancelled() : visit);
    return visit(id);
  }

  /** Looks through a page as a browser has it. */
  public BatchView handedOver(String address, String html, String who) throws IOException {
    String page = Fetch.address(address);
    PageReviews.Found found =
        PageReviews.in(new ByteArrayInputStream(html.getBytes(StandardCharsets.UTF_8)), page);
    if (found.reviews().isEmpty()) {
      throw PageReviews.none();
    }
    return bringIn.look(
        name(page),
        PageRows.file(found.reviews().stream().map(review -> PageRows.line(review, page)).toList()),
        who);
  }

  private void run(Visit begun, String who) {
    try {
      List<String> lines = read(begun);
      if (!isGoing(visit(begun.id()))) {
        return;
      }
      if (lines.isEmpty()) {
        throw PageReviews.none();
      }
      BatchView batch = bringIn.look(name(begun.address()), PageRows.file(lines), who);
      change(begun.id(), visit -> visit.done(batch.id()));
    } catch (Refusal e) {
      change(begun.id(), visit -> visit.failed(String.valueOf(e.getMessage())));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      change(begun.id(), Visit::cancelled);
    } catch (IOException | RuntimeException e) {
      LOG.error("Reading pages from {} failed", begun.address(), e);
      change(begun.id(), visit -> visit.failed("The page could not be read; nothing was taken."));
    }
  }

  private List<String> read(Visit begun) throws IOException, InterruptedException {
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
      Fetched fetched = fetch.get(address, Fetch.Limits.PAGE);
      PageReviews.Found found = PageReviews.in(fetched.open(), fetched.address().toString());
      found.reviews().forEach(review -> lines.add(PageRows.line(review, address)));
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

  private void change(long id, java.util.function.UnaryOperator<Visit> change) {
    visits.asMap().computeIfPresent(id, (_, visit) -> isGoing(visit) ? change.apply(visit) : visit);
  }

  private static boolean isGoing(Visit visit) {
    return visit.state() == Visit.State.GOING;
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
