package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.Reader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Optional;
import java.util.function.Consumer;
import nodyes.server.catalogue.CatalogueImport;
import nodyes.server.catalogue.SkuFinder;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import nodyes.server.tabular.CsvRows;
import nodyes.server.tabular.FileKind;
import nodyes.server.tabular.RowFile;
import nodyes.server.tabular.RowFilePreparer;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.JsonLines;
import nodyes.server.web.JsonLines.LineProblem;
import nodyes.server.web.LineReader;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/**
 * Reads a feed as schema.org nodes one after another: JSON Lines; a JSON array, or an object whose
 * {@code @graph} or {@code itemListElement} is one; or a table, CSV or a workbook, whose headings
 * name schema.org terms or the words for them.
 */
@Component
class SchemaOrgFeedReader {
  private static final long LARGEST_OBJECT = 12_000_000;

  private final ObjectMapper json;
  private final CatalogueImport catalogue;
  private final Shop shop;
  private final FeedMemoryStore memory;

  SchemaOrgFeedReader(
      ObjectMapper json, CatalogueImport catalogue, Shop shop, FeedMemoryStore memory) {
    this.json = json;
    this.catalogue = catalogue;
    this.shop = shop;
    this.memory = memory;
  }

  /**
   * Reads all of a file.
   *
   * @param choices how a table is read
   * @param taker takes each node, with the line on which it begins
   * @param wrong takes what is no node
   * @return whether it is whole; one that ends in the middle is not
   */
  boolean read(
      Path file,
      FeedKind kind,
      FeedChoices choices,
      JsonLines.Taker taker,
      Consumer<LineProblem> wrong)
      throws IOException {
    FileKind written;
    try {
      written = FileKind.of(file);
    } catch (ApiProblem e) {
      wrong.accept(new LineProblem(1, "", "", String.valueOf(e.getMessage())));
      return false;
    }
    return switch (written) {
      case JSON -> json(file, taker, wrong);
      case CSV, XLSX -> table(file, kind, choices, taker, wrong);
      case HTML -> {
        wrong.accept(new LineProblem(1, "", "", text("feeds.isAWebPage")));
        yield false;
      }
    };
  }

  /** What the first node of a JSON file is, where that says so. */
  Optional<FeedKind> kindOf(Path file) throws IOException {
    var kinds = new ArrayList<FeedKind>();
    JsonLines.Taker taker =
        (line, node) -> {
          String type = node.path("@type").asString("");
          if (type.equals("Order") || node.has("orderNumber")) {
            kinds.add(FeedKind.ORDERS);
          } else if (type.startsWith("Product") || node.has("hasVariant") || node.has("offers")) {
            kinds.add(FeedKind.PRODUCTS);
          }
        };
    json(file, taker, problem -> {});
    return kinds.stream().findFirst();
  }

  private boolean json(Path file, JsonLines.Taker taker, Consumer<LineProblem> wrong)
      throws IOException {
    int first;
    try (LineReader reader = lines(file)) {
      first = firstSign(reader);
    }
    try (LineReader reader = lines(file)) {
      return first == '[' ? array(reader, taker, wrong) : objects(file, reader, taker, wrong);
    }
  }

  private static int firstSign(Reader reader) throws IOException {
    int sign = reader.read();
    while (sign == '\uFEFF' || (sign >= 0 && Character.isWhitespace(sign))) {
      sign = reader.read();
    }
    return sign;
  }

  /** One object to a line, or one object over several lines. */
  private boolean objects(
      Path file, LineReader reader, JsonLines.Taker taker, Consumer<LineProblem> wrong)
      throws IOException {
    return spansLines(file) ? whole(file, taker, wrong) : lines(reader, taker, wrong);
  }

  /** Whether no object ends on the line it begins on, as when it is written to be read. */
  private boolean spansLines(Path file) throws IOException {
    try (LineReader reader = lines(file)) {
      String first = reader.readStart(LineReader.LONGEST);
      String second = reader.readStart(LineReader.LONGEST);
      return first != null
          && second != null
          && !second.isBlank()
          && !second.stripLeading().startsWith("{")
          && !isJson(first);
    }
  }

  private boolean isJson(String line) {
    try {
      json.readTree(line);
      return true;
    } catch (JacksonException e) {
      return false;
    }
  }

  private boolean whole(Path file, JsonLines.Taker taker, Consumer<LineProblem> wrong)
      throws IOException {
    if (Files.size(file) > LARGEST_OBJECT) {
      wrong.accept(new LineProblem(1, "", "", text("feeds.objectTooLarge")));
      return false;
    }
    try {
      each(1, json.readTree(file), taker);
      return true;
    } catch (JacksonException e) {
      wrong.accept(JsonLines.notJson(line(e), e));
      return false;
    }
  }

  /** The node itself, or those in its list. */
  private static void each(long line, JsonNode node, JsonLines.Taker taker) {
    JsonNode graph = node.path("@graph");
    JsonNode list = graph.isArray() ? graph : node.path("itemListElement");
    if (!list.isArray()) {
      taker.take(line, node);
      return;
    }
    for (JsonNode one : list) {
      taker.take(line, one.has("item") ? one.path("item") : one);
    }
  }

  private static LineReader lines(Path file) throws IOException {
    return new LineReader(Files.newBufferedReader(file, StandardCharsets.UTF_8));
  }

  private boolean lines(LineReader reader, JsonLines.Taker taker, Consumer<LineProblem> wrong)
      throws IOException {
    boolean isWhole = true;
    for (long number = 1; ; number++) {
      try {
        String line = reader.readLine();
        if (line == null) {
          return isWhole;
        }
        if (!line.isBlank()) {
          each(number, json.readTree(line), taker);
          isWhole = true;
        }
      } catch (LineReader.TooLong e) {
        wrong.accept(JsonLines.tooLong(number, e));
      } catch (JacksonException e) {
        wrong.accept(JsonLines.notJson(number, e));
        // a last line that is broken off: the rest of the file is missing
        isWhole = false;
      }
    }
  }

  private boolean array(LineReader reader, JsonLines.Taker taker, Consumer<LineProblem> wrong) {
    var bounded = new RecordBound(reader);
    try (JsonParser parser = json.createParser(bounded)) {
      parser.nextToken();
      while (parser.nextToken() == JsonToken.START_OBJECT) {
        long line = parser.currentTokenLocation().getLineNr();
        bounded.startRecord(line);
        taker.take(
            line,
            json.readerFor(JsonNode.class)
                .without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .readValue(parser));
      }
      return parser.currentToken() == JsonToken.END_ARRAY;
    } catch (RecordBound.TooLong e) {
      wrong.accept(new LineProblem(e.line(), "", "", text("feeds.recordTooLarge")));
      return false;
    } catch (JacksonException e) {
      wrong.accept(JsonLines.notJson(line(e), e));
      return false;
    }
  }

  private static long line(JacksonException e) {
    return e.getLocation() == null ? 1 : Math.max(1, e.getLocation().getLineNr());
  }

  /** Something to be done with the rows of a table. */
  @FunctionalInterface
  private interface OfRows<T> {
    T of(RowFile rows) throws IOException;
  }

  private boolean table(
      Path file,
      FeedKind kind,
      FeedChoices choices,
      JsonLines.Taker taker,
      Consumer<LineProblem> wrong)
      throws IOException {
    try {
      return withRows(file, choices, rows -> table(rows, kind, choices, taker, wrong));
    } catch (ApiProblem e) {
      wrong.accept(new LineProblem(1, "", "", String.valueOf(e.getMessage())));
      return false;
    }
  }

  private boolean table(
      RowFile rows,
      FeedKind kind,
      FeedChoices choices,
      JsonLines.Taker taker,
      Consumer<LineProblem> wrong)
      throws IOException {
    SkuFinder skus = catalogue.skuFinder();
    FeedSurvey.Found found = survey(rows, kind, choices, skus);
    Optional<LineProblem> problem = FeedTableCheck.of(found);
    if (problem.isPresent()) {
      wrong.accept(problem.get());
      return false;
    }
    var table = new FeedTableReader(kind, mapper(found, skus), found.indexes(), taker, wrong);
    new CsvRows(rows.rows(), Charset.forName(rows.encoding()), rows.delimiter(), rows.isNumbered())
        .read(table, () -> true);
    return table.end();
  }

  private FeedSurvey.Found survey(
      RowFile rows, @Nullable FeedKind kind, FeedChoices choices, SkuFinder skus)
      throws IOException {
    return FeedSurvey.of(rows, new FeedSurvey.Asked(kind, choices, skus, memory));
  }

  private FeedRowMapper mapper(FeedSurvey.Found found, SkuFinder skus) {
    ShopSettings settings = shop.settings();
    return new FeedRowMapper(
        json, settings.currency(), skus, found.dates().order(), settings.zone());
  }

  /** What a table holds, before any of it is read. */
  record Looked(RowFile file, FeedSurvey.Found found) {}

  /**
   * Looks through a table.
   *
   * @param kind what it is taken for; null for what it says itself
   * @throws ApiProblem where it is none
   */
  Looked look(Path file, @Nullable FeedKind kind, FeedChoices choices) throws IOException {
    return withRows(
        file,
        choices,
        rows -> new Looked(rows, survey(rows, kind, choices, catalogue.skuFinder())));
  }

  private static <T> T withRows(Path file, FeedChoices choices, OfRows<T> act) throws IOException {
    Path made = Files.createTempFile(file.toAbsolutePath().getParent(), "rows-", ".csv");
    try {
      return act.of(
          RowFilePreparer.of(file, choices.sheetOrFirst(), choices.encodingOrFound(), made));
    } finally {
      Files.deleteIfExists(made);
    }
  }
}
