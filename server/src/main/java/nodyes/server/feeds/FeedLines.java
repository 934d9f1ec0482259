package nodyes.server.feeds;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.function.Consumer;
import nodyes.server.web.JsonLines;
import nodyes.server.web.JsonLines.LineProblem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/**
 * Reads a feed as schema.org nodes one after another: JSON Lines; a JSON array, or an object whose
 * {@code @graph} or {@code itemListElement} is one; or CSV with schema.org terms as headings.
 */
@Component
class FeedLines {
  private static final int FIRST_SIGNS = 1 << 16;
  private static final long LARGEST_OBJECT = 50_000_000;
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setIgnoreEmptyLines(true)
          .setTrim(true)
          .get();

  private final ObjectMapper json;

  FeedLines(ObjectMapper json) {
    this.json = json;
  }

  /**
   * Reads all of a file.
   *
   * @param taker takes each node, with the line on which it begins
   * @param wrong takes what is no node
   * @return whether it is whole; one that ends in the middle is not
   */
  boolean read(Path file, FeedKind kind, JsonLines.Taker taker, Consumer<LineProblem> wrong)
      throws IOException {
    try (BufferedReader reader = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
      reader.mark(FIRST_SIGNS);
      int first = firstSign(reader);
      reader.reset();
      return switch (first) {
        case '[' -> array(reader, taker, wrong);
        case '{' -> objects(file, reader, taker, wrong);
        default -> csv(reader, kind, taker, wrong);
      };
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
      Path file, BufferedReader reader, JsonLines.Taker taker, Consumer<LineProblem> wrong)
      throws IOException {
    return spansLines(file) ? whole(file, taker, wrong) : lines(reader, taker, wrong);
  }

  /** Whether no object ends on the line it begins on, as when it is written to be read. */
  private boolean spansLines(Path file) throws IOException {
    try (BufferedReader reader = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
      String first = reader.readLine();
      String second = reader.readLine();
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
      wrong.accept(
          new LineProblem(
              1, "", "", "is one object of over 50 MB: write an array, or an object to a line"));
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

  private boolean lines(BufferedReader reader, JsonLines.Taker taker, Consumer<LineProblem> wrong)
      throws IOException {
    boolean isWhole = true;
    long number = 0;
    for (String line = reader.readLine(); line != null; line = reader.readLine()) {
      number++;
      if (line.isBlank()) {
        continue;
      }
      try {
        each(number, json.readTree(line), taker);
        isWhole = true;
      } catch (JacksonException e) {
        wrong.accept(JsonLines.notJson(number, e));
        // a last line that is broken off: the rest of the file is missing
        isWhole = false;
      }
    }
    return isWhole;
  }

  private boolean array(BufferedReader reader, JsonLines.Taker taker, Consumer<LineProblem> wrong) {
    try (JsonParser parser = json.createParser(reader)) {
      parser.nextToken();
      while (parser.nextToken() == JsonToken.START_OBJECT) {
        long line = parser.currentTokenLocation().getLineNr();
        taker.take(
            line,
            json.readerFor(JsonNode.class)
                .without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .readValue(parser));
      }
      return parser.currentToken() == JsonToken.END_ARRAY;
    } catch (JacksonException e) {
      wrong.accept(JsonLines.notJson(line(e), e));
      return false;
    }
  }

  private static long line(JacksonException e) {
    return e.getLocation() == null ? 1 : Math.max(1, e.getLocation().getLineNr());
  }

  /** Rows of one product or order stand together, so that a file of any size is read. */
  private boolean csv(
      BufferedReader reader, FeedKind kind, JsonLines.Taker taker, Consumer<LineProblem> wrong)
      throws IOException {
    String key = kind == FeedKind.PRODUCTS ? "productGroupID" : "orderNumber";
    var group = new ArrayList<CSVRecord>();
    var seen = new HashSet<String>();
    long line = 2;
    try (CSVParser parser = FORMAT.parse(reader)) {
      if (!parser.getHeaderMap().containsKey(key)) {
        wrong.accept(
            new LineProblem(
                1,
                key,
                String.join(", ", parser.getHeaderNames()),
                "is no heading of it: a feed is JSON, JSON Lines, or CSV headed by schema.org"
                    + " terms"));
        return false;
      }
      for (CSVRecord row : parser) {
        String name = FeedRows.text(row, key);
        if (!group.isEmpty() && !FeedRows.text(group.getFirst(), key).equals(name)) {
          take(line, kind, group, taker);
        }
        if (group.isEmpty()) {
          line = parser.getCurrentLineNumber();
          if (!seen.add(name)) {
            wrong.accept(
                new LineProblem(line, key, name, "its rows do not stand together; this is left"));
            continue;
          }
        }
        group.add(row);
      }
    } catch (UncheckedIOException | IllegalArgumentException e) {
      wrong.accept(new LineProblem(line, "", "", "cannot be read as CSV from here on"));
      return false;
    }
    take(line, kind, group, taker);
    return true;
  }

  private void take(long line, FeedKind kind, List<CSVRecord> group, JsonLines.Taker taker) {
    if (!group.isEmpty()) {
      taker.take(
          line,
          kind == FeedKind.PRODUCTS ? FeedRows.product(json, group) : FeedRows.order(json, group));
      group.clear();
    }
  }
}
