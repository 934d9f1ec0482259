package nodyes.server.tabular;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.core.imports.SchemaOrgReviewReader;
import nodyes.server.messages.Texts;
import nodyes.server.web.ApiProblem;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads JSON as rows: an array of objects, one object to a line, an object that holds such an
 * array, or schema.org reviews. It is gone through twice, since the columns are known only at its
 * end.
 */
final class JsonRows {
  /** An object that holds all the others. */
  private static final long LARGEST_WHOLE = 12_000_000;

  private static final long LARGEST_RECORD = 1_000_000;
  private static final int DEEPEST = 100;
  private static final JsonMapper JSON =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder().maxNestingDepth(DEEPEST).build())
                  .build())
          .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS) // values follow one another
          .build();

  private JsonRows() {}

  private interface Each {
    void row(long line, Map<String, String> cells) throws IOException;
  }

  static RowFile write(Path file, Path target) throws IOException {
    Set<String> columns = new LinkedHashSet<>();
    read(
        file,
        (line, cells) -> {
          columns.addAll(cells.keySet());
          if (columns.size() > RowWriter.MOST_COLUMNS) {
            throw RowWriter.tooManyColumns();
          }
        });
    if (columns.isEmpty()) {
      throw ApiProblem.unusable(Texts.text("imports.jsonNoList"));
    }
    List<String> headings = List.copyOf(columns);
    try (var writer = new RowWriter(target, headings)) {
      read(
          file,
          (line, cells) ->
              writer.row(
                  line, headings.stream().map(name -> cells.getOrDefault(name, "")).toList()));
    }
    return new RowFile(target, FileKind.JSON, StandardCharsets.UTF_8.name(), ',', List.of(), "");
  }

  private static void read(Path file, Each each) throws IOException {
    var bounded = new ValueBound(Files.newInputStream(file));
    try (JsonParser parser = JSON.createParser(withoutMark(bounded))) {
      try {
        all(parser, bounded, each);
      } catch (JacksonException e) {
        throw ApiProblem.unusable(
            Texts.text(
                "imports.jsonBroken",
                "line",
                parser.currentLocation().getLineNr(),
                "why",
                (e instanceof StreamConstraintsException
                    ? Texts.text("imports.jsonTooDeep")
                    : firstLine(e.getOriginalMessage()))));
      }
    }
  }

  private static void all(JsonParser parser, ValueBound bounded, Each each) throws IOException {
    for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
      if (token == JsonToken.START_ARRAY) {
        while (parser.nextToken() != JsonToken.END_ARRAY) {
          value(parser, bounded, LARGEST_RECORD, each);
        }
      } else {
        value(parser, bounded, LARGEST_WHOLE, each);
      }
    }
  }

  private static String firstLine(String text) {
    return text.lines().findFirst().orElseGet(() -> Texts.text("imports.jsonMalformed")) + ".";
  }

  private static InputStream withoutMark(InputStream in) throws IOException {
    var pushback = new java.io.PushbackInputStream(in, 3);
    byte[] head = pushback.readNBytes(3);
    if (!EncodingDetector.startsWith(head, 0xEF, 0xBB, 0xBF)) {
      pushback.unread(head);
    }
    return pushback;
  }

  private static void value(JsonParser parser, ValueBound bounded, long most, Each each)
      throws IOException {
    long line = parser.currentTokenLocation().getLineNr();
    bounded.startValue(line, most);
    Object tree = JSON.readValue(parser, Object.class);
    List<Map<nodyes.core.imports.ReviewColumn, String>> reviews = SchemaOrgReviewReader.in(tree);
    if (reviews.isEmpty() && JsonLdExpansion.hasOwnNames(tree)) {
      reviews = SchemaOrgReviewReader.in(JsonLdExpansion.expanded(JSON.writeValueAsString(tree)));
    }
    if (!reviews.isEmpty()) {
      for (var review : reviews) {
        each.row(line, SchemaColumns.cells(review));
      }
    } else if (tree instanceof Map<?, ?> map) {
      for (Map<String, String> cells : JsonRecords.of(map)) {
        each.row(line, cells);
      }
    } else {
      throw ApiProblem.unusable(Texts.text("imports.jsonNoObject", "line", line));
    }
  }

  /** Fails where one value takes more bytes than a value may have. */
  private static final class ValueBound extends FilterInputStream {
    private long sinceStart;
    private long line = 1;
    private long most = LARGEST_WHOLE;

    ValueBound(InputStream in) {
      super(in);
    }

    void startValue(long at, long bytes) {
      sinceStart = 0;
      line = at;
      most = bytes;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
      int read = super.read(buffer, offset, length);
      sinceStart += Math.max(0, read);
      if (sinceStart > most) {
        throw ApiProblem.unusable(
            Texts.text("imports.jsonTooLarge", "line", line, "megabytes", most / LARGEST_RECORD));
      }
      return read;
    }
  }
}
