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
import java.util.List;
import java.util.Optional;
import nodyes.server.feeds.FeedReading.Extent;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.InTurn;
import org.springframework.stereotype.Component;

/** Takes products and orders in, line by line; what is missing by half is held for a look. */
@Component
class Feeds {
  private static final OutboundHttp.Limits LIMITS =
      new OutboundHttp.Limits(200_000_000, Duration.ofMinutes(5));

  private final FeedStore store;
  private final FeedReading reading;
  private final FeedUndo undo;
  private final OutboundHttp fetch;
  private final InTurn inTurn;
  private final HeldFeeds held;
  private final Clock clock;

  Feeds(
      FeedStore store,
      FeedReading reading,
      FeedUndo undo,
      OutboundHttp fetch,
      InTurn inTurn,
      HeldFeeds held,
      Clock clock) {
    this.store = store;
    this.reading = reading;
    this.undo = undo;
    store.endAll();
    this.fetch = fetch;
    this.inTurn = inTurn;
    this.held = held;
    this.clock = clock;
  }

  /** A file to put what comes into. */
  Path temporary() throws IOException {
    return held.temporary();
  }

  /** Takes a file in; it is moved or deleted. */
  synchronized FeedRun take(FeedKind kind, String source, Path file, Extent extent)
      throws IOException {
    return take(kind, source, file, FeedChoices.FOUND, extent);
  }

  /** The same, read as the owner chose. */
  synchronized FeedRun take(
      FeedKind kind, String source, Path file, FeedChoices choices, Extent extent)
      throws IOException {
    try {
      return inTurn.run(() -> taken(kind, source, file, choices, extent));
    } finally {
      Files.deleteIfExists(file);
    }
  }

  private FeedRun taken(FeedKind kind, String source, Path file, FeedChoices choices, Extent extent)
      throws IOException {
    long id = store.begin(kind, source, clock.instant(), text("feeds.cutOff"));
    boolean isEnded = false;
    try {
      FeedReading.Outcome outcome =
          switch (kind) {
            case ORDERS -> reading.orders(file, choices, undo.noting(id));
            case PRODUCTS -> reading.products(file, choices, extent, undo.noting(id));
          };
      boolean isHeld = outcome.state() == FeedRunState.NEEDS_APPROVAL;
      FeedRun run =
          ended(new Begun(id, kind, source), outcome, isHeld ? held.hold(file, choices) : "");
      isEnded = true;
      undo.forgetOld();
      return run;
    } finally {
      if (!isEnded) {
        store.abandon(id);
      }
    }
  }

  /** A run that is being taken. */
  private record Begun(long id, FeedKind kind, String source) {}

  private FeedRun ended(Begun begun, FeedReading.Outcome outcome, String held) {
    var run =
        new FeedRun(
            begun.id(),
            begun.kind(),
            begun.source(),
            clock.instant(),
            outcome.state(),
            outcome.taken(),
            outcome.wrong(),
            outcome.gone(),
            Optional.empty(),
            Optional.of(held).filter(name -> !name.isEmpty()));
    store.end(run, outcome.problems());
    return store.run(run.id()).orElseThrow();
  }

  /** Takes what was held, after a look. */
  synchronized FeedRun takeHeld(long id) throws IOException {
    FeedRun waiting = waiting(id);
    Path file = held.file(waiting.heldFile().orElseThrow());
    FeedRun done =
        taken(FeedKind.PRODUCTS, waiting.source(), file, held.choices(file), Extent.ALL_APPROVED);
    held.forget(file);
    store.end(id, FeedRunState.DISCARDED, waiting.imported(), waiting.removed());
    return done;
  }

  /** Gives up what was held; nothing changes. */
  synchronized void dropHeld(long id) throws IOException {
    FeedRun waiting = waiting(id);
    held.forget(held.file(waiting.heldFile().orElseThrow()));
    store.end(id, FeedRunState.DISCARDED, waiting.imported(), waiting.removed());
  }

  /** Makes all that a run changed as it was before it. */
  synchronized void undo(long id) {
    inTurn.run(
        () -> {
          undo.undo(id);
          return id;
        });
  }

  private FeedRun waiting(long id) {
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
      return take(feed.kind(), feed.address(), file, Extent.ALL);
    } catch (ApiProblem e) {
      long id = store.begin(feed.kind(), feed.address(), clock.instant(), text("feeds.cutOff"));
      var run =
          new FeedRun(
              id,
              feed.kind(),
              feed.address(),
              clock.instant(),
              FeedRunState.FAILED,
              0,
              0,
              0,
              Optional.of(String.valueOf(e.getMessage())),
              Optional.empty());
      store.end(run, List.of());
      return store.run(id).orElseThrow();
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
