package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nodyes.server.ServerSettings;
import nodyes.server.catalogue.CatalogueImport;
import nodyes.server.orders.OrderImport;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.InTurn;
import nodyes.server.web.JsonLines;
import nodyes.server.web.JsonLines.LineProblem;
import org.springframework.stereotype.Component;

/** Takes products and orders in, line by line; what is missing by half is held for a look. */
@Component
class Feeds {
  private static final int MOST_PROBLEMS = 500;
  private static final OutboundHttp.Limits LIMITS =
      new OutboundHttp.Limits(200_000_000, Duration.ofMinutes(5));

  private final FeedStore store;
  private final SchemaOrgFeedReader lines;
  private final CatalogueImport catalogue;
  private final OrderImport orders;
  private final OutboundHttp fetch;
  private final InTurn inTurn;
  private final Clock clock;
  private final Path folder;

  Feeds(
      FeedStore store,
      SchemaOrgFeedReader lines,
      CatalogueImport catalogue,
      OrderImport orders,
      OutboundHttp fetch,
      InTurn inTurn,
      Clock clock,
      ServerSettings settings) {
    this.store = store;
    this.lines = lines;
    this.catalogue = catalogue;
    this.orders = orders;
    this.fetch = fetch;
    this.inTurn = inTurn;
    this.clock = clock;
    this.folder = settings.data().resolve("feeds");
  }

  /** A file to put what comes into. */
  Path temporary() throws IOException {
    Files.createDirectories(folder);
    return Files.createTempFile(folder, "feed-", ".part");
  }

  /**
   * Takes a file in; it is moved or deleted.
   *
   * @param whole whether products that are not in it are no longer sold
   */
  synchronized FeedRun take(FeedKind kind, String source, Path file, boolean whole)
      throws IOException {
    try {
      return inTurn.run(
          () ->
              kind == FeedKind.ORDERS
                  ? ordersOf(source, file)
                  : productsOf(source, file, whole, false));
    } finally {
      Files.deleteIfExists(file);
    }
  }

  /** What is wrong with the lines of a reading, the first of them kept. */
  private static final class Wrong {
    private final List<LineProblem> first = new ArrayList<>();
    private long count;

    void add(LineProblem problem) {
      count++;
      if (first.size() < MOST_PROBLEMS) {
        first.add(problem);
      }
    }
  }

  private boolean read(FeedKind kind, Path file, Wrong wrong, long[] taken, JsonLines.Taker taker)
      throws IOException {
    return lines.read(
        file,
        kind,
        (line, node) ->
            JsonLines.take(line, node, taker).ifPresentOrElse(wrong::add, () -> taken[0]++),
        wrong::add);
  }

  private FeedRun ordersOf(String source, Path file) throws IOException {
    var wrong = new Wrong();
    long[] taken = {0};
    var taking = orders.taking();
    read(FeedKind.ORDERS, file, wrong, taken, taking);
    taking.end();
    return keep(FeedKind.ORDERS, source, Outcome.done(taken[0], 0), wrong);
  }

  private FeedRun productsOf(String source, Path file, boolean whole, boolean isLookedAt)
      throws IOException {
    if (whole && !isLookedAt) {
      var looking = catalogue.taking(false, true);
      var wrong = new Wrong();
      long[] good = {0};
      boolean isWhole = read(FeedKind.PRODUCTS, file, wrong, good, looking);
      CatalogueImport.Left left = catalogue.left(looking.slugs());
      if (isWhole && left.isMany()) {
        Path held = Files.createTempFile(folder, "held-", ".feed");
        Files.move(file, held, StandardCopyOption.REPLACE_EXISTING);
        return keep(
            FeedKind.PRODUCTS,
            source,
            new Outcome(
                FeedRunState.NEEDS_APPROVAL,
                good[0],
                left.missing(),
                Optional.of(String.valueOf(held.getFileName()))),
            wrong);
      }
    }
    var taking = catalogue.taking(true, whole);
    var wrong = new Wrong();
    long[] taken = {0};
    boolean isWhole = read(FeedKind.PRODUCTS, file, wrong, taken, taking);
    taking.end();
    // a product whose line is wrong is still sold; so is what a broken file would have named
    long gone = whole && isWhole && wrong.count == 0 ? catalogue.leaveOutAllBut(taking.slugs()) : 0;
    taking.notes().forEach(wrong::add);
    return keep(FeedKind.PRODUCTS, source, Outcome.done(taken[0], gone), wrong);
  }

  /** What came of a file; one that waits for a look is held. */
  private record Outcome(FeedRunState state, long taken, long gone, Optional<String> heldFile) {
    static Outcome done(long taken, long gone) {
      return new Outcome(FeedRunState.DONE, taken, gone, Optional.empty());
    }
  }

  private FeedRun keep(FeedKind kind, String source, Outcome outcome, Wrong wrong) {
    var run =
        new FeedRun(
            0,
            kind,
            source,
            clock.instant(),
            outcome.state(),
            outcome.taken(),
            wrong.count,
            outcome.gone(),
            Optional.empty(),
            outcome.heldFile());
    wrong.first.sort(Comparator.comparingLong(LineProblem::line));
    long id = store.add(run, wrong.first);
    return store.run(id).orElseThrow();
  }

  /** Takes what was held, after a look. */
  synchronized FeedRun takeHeld(long id) throws IOException {
    FeedRun held = held(id);
    Path file = folder.resolve(held.heldFile().orElseThrow());
    FeedRun done = productsOf(held.source(), file, true, true);
    Files.deleteIfExists(file);
    store.end(id, FeedRunState.DISCARDED, held.imported(), held.removed());
    return done;
  }

  /** Gives up what was held; nothing changes. */
  synchronized void dropHeld(long id) throws IOException {
    FeedRun held = held(id);
    Files.deleteIfExists(folder.resolve(held.heldFile().orElseThrow()));
    store.end(id, FeedRunState.DISCARDED, held.imported(), held.removed());
  }

  private FeedRun held(long id) {
    return store
        .run(id)
        .filter(run -> run.state() == FeedRunState.NEEDS_APPROVAL)
        .orElseThrow(() -> ApiProblem.notFound(text("feeds.nothingHeld")));
  }

  /** Asks an address now. */
  FeedRun ask(FeedAddress feed) {
    store.asked(feed.kind(), clock.instant());
    try {
      Path file = temporary();
      try (var in = fetch.get(feed.address(), LIMITS).open()) {
        Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
      }
      return take(feed.kind(), feed.address(), file, true);
    } catch (ApiProblem e) {
      var run =
          new FeedRun(
              0,
              feed.kind(),
              feed.address(),
              clock.instant(),
              FeedRunState.FAILED,
              0,
              0,
              0,
              Optional.of(String.valueOf(e.getMessage())),
              Optional.empty());
      return store.run(store.add(run, List.of())).orElseThrow();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Asks the addresses whose time has come. */
  long askDue() {
    long asked = 0;
    Instant now = clock.instant();
    for (FeedAddress feed : store.addresses()) {
      boolean isDue =
          feed.askedAt()
              .map(at -> !at.plus(Duration.ofHours(feed.everyHours())).isAfter(now))
              .orElse(true);
      if (isDue) {
        ask(feed);
        asked++;
      }
    }
    return asked;
  }
}
