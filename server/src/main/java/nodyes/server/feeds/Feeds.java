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
import nodyes.server.ServerSettings;
import nodyes.server.feeds.FeedReading.Extent;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.InTurn;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Takes products and orders in, line by line; what is missing by half is held for a look. */
@Component
class Feeds {
  private static final OutboundHttp.Limits LIMITS =
      new OutboundHttp.Limits(200_000_000, Duration.ofMinutes(5));

  private final FeedStore store;
  private final FeedReading reading;
  private final OutboundHttp fetch;
  private final InTurn inTurn;
  private final ObjectMapper json;
  private final Clock clock;
  private final Path folder;

  Feeds(
      FeedStore store,
      FeedReading reading,
      OutboundHttp fetch,
      InTurn inTurn,
      ObjectMapper json,
      Clock clock,
      ServerSettings settings) {
    this.store = store;
    this.reading = reading;
    this.fetch = fetch;
    this.inTurn = inTurn;
    this.json = json;
    this.clock = clock;
    this.folder = settings.data().resolve("feeds");
  }

  /** A file to put what comes into. */
  Path temporary() throws IOException {
    Files.createDirectories(folder);
    return Files.createTempFile(folder, "feed-", ".part");
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
    FeedReading.Outcome outcome =
        switch (kind) {
          case ORDERS -> reading.orders(file, choices);
          case PRODUCTS -> reading.products(file, choices, extent);
        };
    boolean isHeld = outcome.state() == FeedRunState.NEEDS_APPROVAL;
    return ended(kind, source, outcome, isHeld ? hold(file, choices) : "");
  }

  private FeedRun ended(FeedKind kind, String source, FeedReading.Outcome outcome, String held) {
    var run =
        new FeedRun(
            0,
            kind,
            source,
            clock.instant(),
            outcome.state(),
            outcome.taken(),
            outcome.wrong(),
            outcome.gone(),
            Optional.empty(),
            Optional.of(held).filter(name -> !name.isEmpty()));
    return store.run(store.add(run, outcome.problems())).orElseThrow();
  }

  /** Keeps a file that is not taken before the owner has looked, with how it is to be read. */
  private String hold(Path file, FeedChoices choices) throws IOException {
    Path held = Files.createTempFile(folder, "held-", ".feed");
    json.writeValue(choicesOf(held), choices);
    Files.move(file, held, StandardCopyOption.REPLACE_EXISTING);
    return String.valueOf(held.getFileName());
  }

  private static Path choicesOf(Path held) {
    return held.resolveSibling(held.getFileName() + ".json");
  }

  /** As it was to be read when it was held; of one that says nothing of it, as it is found. */
  private FeedChoices heldChoices(Path held) {
    Path choices = choicesOf(held);
    return Files.exists(choices) ? json.readValue(choices, FeedChoices.class) : FeedChoices.FOUND;
  }

  private static void forget(Path held) throws IOException {
    Files.deleteIfExists(held);
    Files.deleteIfExists(choicesOf(held));
  }

  /** Takes what was held, after a look. */
  synchronized FeedRun takeHeld(long id) throws IOException {
    FeedRun held = held(id);
    Path file = folder.resolve(held.heldFile().orElseThrow());
    FeedRun done =
        taken(FeedKind.PRODUCTS, held.source(), file, heldChoices(file), Extent.ALL_APPROVED);
    forget(file);
    store.end(id, FeedRunState.DISCARDED, held.imported(), held.removed());
    return done;
  }

  /** Gives up what was held; nothing changes. */
  synchronized void dropHeld(long id) throws IOException {
    FeedRun held = held(id);
    forget(folder.resolve(held.heldFile().orElseThrow()));
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
      return take(feed.kind(), feed.address(), file, Extent.ALL);
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
