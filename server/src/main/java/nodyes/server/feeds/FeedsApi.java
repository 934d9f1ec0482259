package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import nodyes.core.imports.DateOrder;
import nodyes.server.feeds.FeedReading.Extent;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.JsonLines.LineProblem;
import nodyes.server.web.PagedResult;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Feeds of products and orders. */
@RestController
@Tag(name = "feeds")
@RequestMapping("/api/v1/feeds")
class FeedsApi {
  private static final int MOST_HOURS = 168;

  private final Feeds feeds;
  private final FeedLooks looks;
  private final FeedUndo undo;
  private final FeedStore store;

  FeedsApi(Feeds feeds, FeedLooks looks, FeedUndo undo, FeedStore store) {
    this.undo = undo;
    this.feeds = feeds;
    this.looks = looks;
    this.store = store;
  }

  /** An address that is asked on a schedule. */
  record FeedAddressView(
      FeedKind kind, String address, int everyHours, @Nullable Instant askedAt) {}

  /** What came of one time. */
  record FeedRunView(
      long id,
      FeedKind kind,
      String source,
      Instant at,
      FeedRunState state,
      long taken,
      long wrong,
      long gone,
      @Nullable String failure,
      FeedUndoView undo) {}

  /**
   * How far it can be, or is, undone.
   *
   * @param kept rows that stayed then: changed by others since, or needed by reviews or orders
   */
  record FeedUndoView(boolean canUndo, @Nullable Instant undoneAt, long kept) {}

  record FeedAddresses(List<FeedAddressView> items) {}

  /** A run with what is wrong with its lines, the first 500 of them. */
  record FeedRunDetail(FeedRunView run, List<LineProblem> problems) {}

  @GetMapping
  FeedAddresses addresses() {
    return new FeedAddresses(
        store.addresses().stream()
            .map(
                feed ->
                    new FeedAddressView(
                        feed.kind(),
                        feed.address(),
                        feed.everyHours(),
                        feed.askedAt().orElse(null)))
            .toList());
  }

  @GetMapping("/runs")
  PagedResult<FeedRunView> runs(
      @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "20") int size) {
    PagedResult<FeedRun> runs = store.runs(PagedResult.page(page), PagedResult.size(size));
    Map<Long, FeedUndo.State> states = undo.states(runs.items().stream().map(FeedRun::id).toList());
    return new PagedResult<>(
        runs.items().stream().map(run -> view(run, states)).toList(),
        runs.page(),
        runs.size(),
        runs.total());
  }

  @GetMapping("/runs/{id}")
  FeedRunDetail run(@PathVariable long id) {
    return detail(store.run(id).orElseThrow(() -> ApiProblem.notFound(text("feeds.noSuchUpdate"))));
  }

  /** An address, and how often it is asked. */
  record FeedFollowed(String address, int everyHours) {}

  @PutMapping("/{kind}")
  FeedAddresses follow(@PathVariable String kind, @RequestBody FeedFollowed asked) {
    if (asked.everyHours() < 1 || asked.everyHours() > MOST_HOURS) {
      throw ApiProblem.value("everyHours", text("feeds.everyHours", "most", MOST_HOURS));
    }
    store.follow(kind(kind), OutboundHttp.address(asked.address()), asked.everyHours());
    return addresses();
  }

  @DeleteMapping("/{kind}")
  FeedAddresses leave(@PathVariable String kind) {
    store.leave(kind(kind));
    return addresses();
  }

  @PostMapping("/{kind}/update")
  FeedRunDetail now(@PathVariable String kind) {
    FeedKind wanted = kind(kind);
    return detail(
        feeds.ask(
            store.addresses().stream()
                .filter(feed -> feed.kind() == wanted)
                .findFirst()
                .orElseThrow(() -> ApiProblem.notFound(text("feeds.noAddress")))));
  }

  @PostMapping(value = "/{kind}/files", consumes = "multipart/form-data")
  FeedRunDetail file(
      @PathVariable String kind,
      @RequestParam MultipartFile file,
      @RequestParam(defaultValue = "false") boolean whole,
      @RequestParam(required = false) @Nullable DateOrder dateOrder)
      throws IOException {
    if (file.isEmpty()) {
      throw ApiProblem.unusable(text("problems.fileEmpty"));
    }
    Path path = feeds.temporary();
    file.transferTo(path);
    String name = file.getOriginalFilename();
    return detail(
        feeds.take(
            kind(kind),
            name == null || name.isBlank() ? "a program" : name,
            path,
            new FeedChoices(null, dateOrder, null, null),
            whole ? Extent.ALL : Extent.SOME));
  }

  /** Looks at a file; nothing of it is kept but the file itself, for two days. */
  @PostMapping(value = "/looks", consumes = "multipart/form-data")
  @ResponseStatus(HttpStatus.CREATED)
  FeedLook look(@RequestParam MultipartFile file) throws IOException {
    return looks.keep(file);
  }

  @PostMapping("/looks/{id}/trial")
  FeedLook lookAgain(@PathVariable String id, @RequestBody FeedLooks.FeedWanted wanted)
      throws IOException {
    return looks.look(id, wanted);
  }

  @PostMapping("/looks/{id}/import")
  FeedRunDetail read(@PathVariable String id, @RequestBody FeedLooks.FeedWanted wanted)
      throws IOException {
    return detail(looks.take(id, wanted));
  }

  @PostMapping("/runs/{id}/apply")
  FeedRunDetail take(@PathVariable long id) throws IOException {
    return detail(feeds.takeHeld(id));
  }

  @PostMapping("/runs/{id}/discard")
  FeedRunDetail drop(@PathVariable long id) throws IOException {
    feeds.dropHeld(id);
    return run(id);
  }

  /** Makes all that a run changed as it was before it. */
  @PostMapping("/runs/{id}/undo")
  FeedRunDetail undo(@PathVariable long id) {
    feeds.undo(id);
    return run(id);
  }

  private FeedRunDetail detail(FeedRun run) {
    return new FeedRunDetail(view(run, undo.states(List.of(run.id()))), store.problems(run.id()));
  }

  private static FeedRunView view(FeedRun run, Map<Long, FeedUndo.State> states) {
    FeedUndo.State state = Objects.requireNonNull(states.get(run.id()));
    return new FeedRunView(
        run.id(),
        run.kind(),
        run.source(),
        run.at(),
        run.state(),
        run.imported(),
        run.errors(),
        run.removed(),
        run.failure().orElse(null),
        new FeedUndoView(state.canUndo(), state.undoneAt().orElse(null), state.kept()));
  }

  private static FeedKind kind(String text) {
    return switch (text.toLowerCase(Locale.ROOT)) {
      case "products" -> FeedKind.PRODUCTS;
      case "orders" -> FeedKind.ORDERS;
      default -> throw ApiProblem.notFound(text("feeds.kinds"));
    };
  }
}
