package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nodyes.core.imports.ColumnDetector.ColumnMatch;
import nodyes.core.imports.ColumnDetector.MatchBasis;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.FeedColumnNames;
import nodyes.server.ServerSettings;
import nodyes.server.feeds.FeedReading.Extent;
import nodyes.server.orders.OrderTally;
import nodyes.server.tabular.FileKind;
import nodyes.server.tabular.RowFile;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.InTurn;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/** Files of products or orders that are looked at before they are read; kept for two days. */
@Component
class FeedLooks {
  private static final Duration KEPT = Duration.ofDays(2);
  private static final int LONGEST_NAME = 200;
  private static final int MOST_PROBLEMS = 50;

  private final SchemaOrgFeedReader lines;
  private final FeedReading reading;
  private final Feeds feeds;
  private final FeedMemoryStore memory;
  private final InTurn inTurn;
  private final Clock clock;
  private final Path folder;

  FeedLooks(
      SchemaOrgFeedReader lines,
      FeedReading reading,
      Feeds feeds,
      FeedMemoryStore memory,
      InTurn inTurn,
      Clock clock,
      ServerSettings settings) {
    this.lines = lines;
    this.reading = reading;
    this.feeds = feeds;
    this.memory = memory;
    this.inTurn = inTurn;
    this.clock = clock;
    this.folder = settings.data().resolve("feeds").resolve("looks");
  }

  /**
   * How the owner wants a file read.
   *
   * @param kind what it holds; null for what its headings say
   * @param whole whether products that it does not name are no longer sold
   */
  record FeedWanted(
      @Nullable FeedKind kind,
      @Nullable Map<String, Integer> columns,
      @Nullable DateOrder dateOrder,
      @Nullable String sheet,
      @Nullable String encoding,
      @Nullable Boolean whole) {
    static final FeedWanted FOUND = new FeedWanted(null, null, null, null, null, null);

    FeedChoices choices() {
      return new FeedChoices(columns, dateOrder, sheet, encoding);
    }
  }

  /** Keeps a file and looks at it. */
  FeedLook keep(MultipartFile file) throws IOException {
    if (file.isEmpty()) {
      throw ApiProblem.unusable(text("problems.fileEmpty"));
    }
    forget();
    String id = UUID.randomUUID().toString();
    String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
    Path kept = folder.resolve(id + ".file");
    file.transferTo(kept);
    // by the server's clock, which tells when it goes
    Files.setLastModifiedTime(kept, FileTime.from(clock.instant()));
    Files.writeString(
        folder.resolve(id + ".name"),
        name.isBlank() ? "file" : name.substring(0, Math.min(LONGEST_NAME, name.length())));
    try {
      return look(id, FeedWanted.FOUND);
    } catch (ApiProblem e) {
      remove(id);
      throw e;
    }
  }

  /** What would come of it, read so. */
  FeedLook look(String id, FeedWanted wanted) throws IOException {
    Path file = file(id);
    return inTurn.run(
        () ->
            FileKind.of(file) == FileKind.JSON ? json(id, file, wanted) : table(id, file, wanted));
  }

  /** Reads it; the file goes, and how it was read is remembered by its headings. */
  FeedRun take(String id, FeedWanted wanted) throws IOException {
    Path file = file(id);
    FeedKind kind = inTurn.run(() -> decide(file, wanted));
    Path taken = feeds.temporary();
    String name = name(id);
    Files.move(file, taken, StandardCopyOption.REPLACE_EXISTING);
    remove(id);
    boolean isWhole = kind == FeedKind.PRODUCTS && Boolean.TRUE.equals(wanted.whole());
    return feeds.take(kind, name, taken, wanted.choices(), isWhole ? Extent.ALL : Extent.SOME);
  }

  private FeedKind decide(Path file, FeedWanted wanted) throws IOException {
    if (FileKind.of(file) == FileKind.JSON) {
      return sure(wanted.kind() == null ? lines.kindOf(file) : Optional.of(wanted.kind()));
    }
    FeedSurvey.Found found = lines.look(file, wanted.kind(), wanted.choices()).found();
    check(wanted, found);
    FeedKind kind = sure(kind(wanted, found));
    if (!found.dates().unclear().isEmpty()) {
      throw ApiProblem.value("dateOrder", text("feeds.datesOfTwoWays"));
    }
    memory.remember(kind, found.headings(), decided(wanted, found));
    return kind;
  }

  private static FeedKind sure(Optional<FeedKind> kind) {
    return kind.orElseThrow(() -> ApiProblem.value("kind", text("feeds.sayKind")));
  }

  /** What the owner said, and the order of dates where these told it; nothing that was assumed. */
  private static FeedChoices decided(FeedWanted wanted, FeedSurvey.Found found) {
    boolean isTold = wanted.dateOrder() != null || !found.dates().because().isEmpty();
    return new FeedChoices(wanted.columns(), isTold ? found.dates().order() : null, null, null);
  }

  private static Optional<FeedKind> kind(FeedWanted wanted, FeedSurvey.Found found) {
    return Optional.ofNullable(wanted.kind()).or(() -> found.said().flatMap(FeedKind::of));
  }

  private FeedLook table(String id, Path file, FeedWanted wanted) throws IOException {
    if (FileKind.of(file) == FileKind.HTML) {
      throw ApiProblem.unusable(text("feeds.isAWebPage"));
    }
    SchemaOrgFeedReader.Looked looked = lines.look(file, wanted.kind(), wanted.choices());
    FeedSurvey.Found found = looked.found();
    @Nullable FeedKind kind = kind(wanted, found).orElse(null);
    check(wanted, found);
    Map<Integer, String> terms = new LinkedHashMap<>();
    if (kind != null) {
      found.columns().forEach((term, match) -> terms.put(match.index(), term));
    }
    var columns = new ArrayList<FeedLook.LookColumn>();
    for (int i = 0; i < found.headings().size(); i++) {
      columns.add(column(i, found, terms.get(i)));
    }
    return new FeedLook(
        id,
        name(id),
        kind,
        found.said().orElse(null),
        form(looked),
        columns,
        found.samples().stream().map(row -> new FeedLook.LookRow(row.line(), row.cells())).toList(),
        found.dates(),
        kind == null ? null : trial(kind, file, wanted, headings(columns)));
  }

  private static FeedLook.LookForm form(SchemaOrgFeedReader.Looked looked) {
    RowFile rows = looked.file();
    return new FeedLook.LookForm(
        rows.kind(),
        rows.kind() == FileKind.CSV ? String.valueOf(rows.delimiter()) : "",
        rows.encoding(),
        rows.sheet(),
        rows.sheets(),
        looked.found().rows());
  }

  private static FeedLook.LookColumn column(
      int index, FeedSurvey.Found found, @Nullable String term) {
    ColumnMatch match = term == null ? null : found.columns().get(term);
    @Nullable MatchBasis basis = match == null ? null : match.basis();
    FeedSurvey.Proof proof = term == null ? null : found.proofs().get(term);
    return new FeedLook.LookColumn(
        index,
        found.headings().get(index),
        term,
        basis,
        proof == null ? null : proof.text(),
        proof != null && proof.isDoubtful());
  }

  private static Map<String, String> headings(List<FeedLook.LookColumn> columns) {
    var headings = new LinkedHashMap<String, String>();
    for (FeedLook.LookColumn column : columns) {
      if (column.term() != null) {
        headings.put(column.term(), column.heading());
      }
    }
    return headings;
  }

  private FeedLook json(String id, Path file, FeedWanted wanted) throws IOException {
    FeedKind kind = wanted.kind() == null ? lines.kindOf(file).orElse(null) : wanted.kind();
    return new FeedLook(
        id,
        name(id),
        kind,
        null,
        new FeedLook.LookForm(FileKind.JSON, "", StandardCharsets.UTF_8.name(), "", List.of(), 0),
        List.of(),
        List.of(),
        new FeedLook.LookDates(DateOrder.DAY_FIRST, "", ""),
        kind == null ? null : trial(kind, file, wanted, Map.of()));
  }

  private FeedLook.LookTrial trial(
      FeedKind kind, Path file, FeedWanted wanted, Map<String, String> headings)
      throws IOException {
    var facts = new FeedFacts(headings);
    return switch (kind) {
      case ORDERS -> {
        FeedReading.Trial<OrderTally> trial = reading.tryOrders(file, wanted.choices());
        OrderTally tally = trial.tally();
        String so =
            text(
                "feeds.soOrders",
                Map.of(
                    "orders", trial.taken(),
                    "lines", tally.lines(),
                    "pieces", tally.pieces(),
                    "cancelled", tally.cancelled(),
                    "returned", tally.returned(),
                    "wrong", trial.wrong()));
        yield trial(trial, so, trial.taken() == 0 ? List.of() : facts.of(tally));
      }
      case PRODUCTS -> {
        FeedReading.Trial<ProductTally> trial = reading.tryProducts(file, wanted.choices());
        ProductTally tally = trial.tally();
        String so =
            text(
                "feeds.soProducts",
                Map.of(
                    "products", trial.taken(),
                    "variants", tally.variants(),
                    "wrong", trial.wrong()));
        yield trial(trial, so, trial.taken() == 0 ? List.of() : facts.of(tally));
      }
    };
  }

  private static FeedLook.LookTrial trial(
      FeedReading.Trial<?> trial, String so, List<FeedLook.LookFact> facts) {
    return new FeedLook.LookTrial(
        trial.taken(),
        trial.wrong(),
        so,
        facts,
        trial.problems().stream().limit(MOST_PROBLEMS).toList());
  }

  private static void check(FeedWanted wanted, FeedSurvey.Found found) {
    if (wanted.columns() == null) {
      return;
    }
    List<String> terms = FeedColumnNames.terms(wanted.kind() == FeedKind.ORDERS);
    wanted
        .columns()
        .forEach(
            (term, index) -> {
              if (!terms.contains(term) || index < 0 || index >= found.headings().size()) {
                throw ApiProblem.value("columns", text("feeds.noSuchColumn", "term", term));
              }
            });
  }

  private Path file(String id) {
    try {
      Path file = folder.resolve(UUID.fromString(id) + ".file");
      if (Files.exists(file)) {
        return file;
      }
    } catch (IllegalArgumentException e) {
      throw ApiProblem.notFound(text("feeds.noSuchLook"));
    }
    throw ApiProblem.notFound(text("feeds.noSuchLook"));
  }

  private String name(String id) throws IOException {
    return Files.readString(folder.resolve(UUID.fromString(id) + ".name"));
  }

  private void remove(String id) throws IOException {
    Files.deleteIfExists(folder.resolve(UUID.fromString(id) + ".file"));
    Files.deleteIfExists(folder.resolve(UUID.fromString(id) + ".name"));
  }

  /** Files that nobody came back to. */
  private void forget() throws IOException {
    Files.createDirectories(folder);
    Instant before = clock.instant().minus(KEPT);
    try (var files = Files.list(folder)) {
      for (Path file : files.toList()) {
        String name = String.valueOf(file.getFileName());
        if (name.endsWith(".file")
            && Files.getLastModifiedTime(file).toInstant().isBefore(before)) {
          remove(name.substring(0, name.indexOf('.')));
        }
      }
    }
  }
}
