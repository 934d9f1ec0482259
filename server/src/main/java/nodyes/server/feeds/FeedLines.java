package nodyes.server.feeds;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
  private final ObjectMapper json;

  FeedLines(ObjectMapper json) {
    this.json = json;
  }

  /** Takes what is read. */
  interface Taker {
    /** A node, with the line on which it begins, counted from 1. */
    void node(long line, JsonNode node);

    /** A line that is none. */
    void problem(LineProblem problem);
  }

  /**
   * Reads all of a file.
   *
   * @return whether it is whole; one that ends in the middle is not
   */
  boolean read(Path file, FeedKind kind, Taker taker) throws IOException {
    try (BufferedReader reader = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
      reader.mark(1 << 16);
      int first = firstSign(reader);
      reader.reset();
      return switch (first) {
        case '[' -> array(reader, taker);
        case '{' -> objects(file, reader, taker);
        default -> csv(reader, kind, taker);
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

  /** One object to a line, or one object that holds all. */
  private boolean objects(Path file, BufferedReader reader, Taker taker) throws IOException {
    String first = reader.readLine();
    if (first != null && isNode(first)) {
      return lines(first, reader, taker);
    }
    JsonNode whole;
    try {
      whole = json.readTree(file);
    } catch (JacksonException e) {
      if (isNodeAfterwards(reader)) {
        taker.problem(notJson(1, e));
        try (BufferedReader again = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
          again.readLine();
          return lines(again.readLine(), again, taker, 2);
        }
      }
      taker.problem(notJson(line(e), e));
      return false;
    }
    JsonNode list = whole.path("@graph");
    list = list.isArray() ? list : whole.path("itemListElement");
    if (!list.isArray()) {
      taker.node(1, whole);
      return true;
    }
    for (JsonNode node : list) {
      taker.node(1, node.has("item") ? node.path("item") : node);
    }
    return true;
  }

  private boolean isNode(String line) {
    try {
      return !json.readTree(line).isMissingNode();
    } catch (JacksonException e) {
      return false;
    }
  }

  private boolean isNodeAfterwards(BufferedReader reader) throws IOException {
    String next = reader.readLine();
    return next != null && !next.isBlank() && isNode(next) && next.strip().startsWith("{");
  }

  private boolean lines(String first, BufferedReader reader, Taker taker) throws IOException {
    return lines(first, reader, taker, 1);
  }

  private boolean lines(
      @org.jspecify.annotations.Nullable String first,
      BufferedReader reader,
      Taker taker,
      long from)
      throws IOException {
    boolean isWhole = true;
    long number = from;
    for (String line = first; line != null; line = reader.readLine(), number++) {
      if (line.isBlank()) {
        continue;
      }
      try {
        taker.node(number, json.readTree(line));
        isWhole = true;
      } catch (JacksonException e) {
        taker.problem(notJson(number, e));
        // a last line that is broken off: the rest of the file is missing
        isWhole = false;
      }
    }
    return isWhole;
  }

  private boolean array(BufferedReader reader, Taker taker) {
    try (JsonParser parser = json.createParser(reader)) {
      parser.nextToken();
      while (parser.nextToken() == JsonToken.START_OBJECT) {
        long line = parser.currentTokenLocation().getLineNr();
        taker.node(
            line,
            json.readerFor(JsonNode.class)
                .without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .readValue(parser));
      }
      return parser.currentToken() == JsonToken.END_ARRAY;
    } catch (JacksonException e) {
      taker.problem(notJson(line(e), e));
      return false;
    }
  }

  private static long line(JacksonException e) {
    return e.getLocation() == null ? 1 : Math.max(1, e.getLocation().getLineNr());
  }

  private static LineProblem notJson(long line, JacksonException e) {
    return new LineProblem(line, "", "", "is not JSON: " + e.getOriginalMessage());
  }

  private boolean csv(BufferedReader reader, FeedKind kind, Taker taker) throws IOException {
    var format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();
    var groups = new LinkedHashMap<String, List<CSVRecord>>();
    var lines = new LinkedHashMap<String, Long>();
    boolean isWhole = true;
    try (CSVParser parser = format.parse(reader)) {
      String key = kind == FeedKind.PRODUCTS ? "productGroupID" : "orderNumber";
      if (!parser.getHeaderMap().containsKey(key)) {
        taker.problem(
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
        groups.computeIfAbsent(name, _ -> new ArrayList<>()).add(row);
        lines.putIfAbsent(name, parser.getCurrentLineNumber());
      }
    } catch (java.io.UncheckedIOException | IllegalArgumentException e) {
      taker.problem(new LineProblem(lines.size() + 2L, "", "", "cannot be read as CSV"));
      isWhole = false;
    }
    for (Map.Entry<String, List<CSVRecord>> group : groups.entrySet()) {
      taker.node(
          lines.getOrDefault(group.getKey(), 1L),
          kind == FeedKind.PRODUCTS
              ? FeedRows.product(json, group.getValue())
              : FeedRows.order(json, group.getValue()));
    }
    return isWhole;
  }
}
