package nodyes.server.access;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toUnmodifiableMap;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import nodyes.server.people.Role;
import nodyes.server.people.Scope;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.http.server.PathContainer;
import org.springframework.stereotype.Component;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * The one place that says who may ask for what: {@code access.csv}, a line to an endpoint. What has
 * no line is open to nobody.
 */
@Component
class AccessTable {
  private static final String FILE = "/access.csv";

  private final List<Line> lines;

  /** By method and whole path; most requests ask for one of these. */
  private final Map<String, Line> plain;

  /** By method, those whose path has a part that varies. */
  private final Map<String, List<Line>> patterns;

  AccessTable() {
    try (Reader reader =
            new InputStreamReader(
                Objects.requireNonNull(AccessTable.class.getResourceAsStream(FILE)),
                StandardCharsets.UTF_8);
        var rows =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(reader)) {
      // the most particular first: /reviews/count before /reviews/{id}
      lines =
          rows.stream()
              .map(AccessTable::line)
              .sorted(Comparator.comparing(Line::path, PathPattern.SPECIFICITY_COMPARATOR))
              .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    plain =
        lines.stream()
            .filter(line -> !line.path().hasPatternSyntax())
            .collect(toUnmodifiableMap(line -> key(line.method(), text(line)), line -> line));
    patterns =
        lines.stream()
            .filter(line -> line.path().hasPatternSyntax())
            .collect(groupingBy(Line::method));
  }

  private static String text(Line line) {
    return line.path().getPatternString();
  }

  private static String key(String method, String path) {
    return method + " " + path;
  }

  private static Line line(CSVRecord row) {
    return new Line(
        row.get("method"),
        PathPatternParser.defaultInstance.parse(row.get("path")),
        row.get("who").equals("ANYONE")
            ? Optional.empty()
            : Optional.of(Role.valueOf(row.get("who"))),
        row.get("scope").equals("NEVER")
            ? Optional.empty()
            : Optional.of(Scope.valueOf(row.get("scope"))),
        Line.Body.valueOf(row.get("body")),
        row.get("place"),
        Optional.of(row.get("did")).filter(did -> !did.isEmpty()));
  }

  List<Line> lines() {
    return lines;
  }

  /** The line of a request; HEAD asks what GET asks. */
  Optional<Line> find(String method, String path) {
    String asked = method.equals("HEAD") ? "GET" : method;
    Line same = plain.get(key(asked, path));
    if (same != null) {
      return Optional.of(same);
    }
    PathContainer parsed = PathContainer.parsePath(path);
    return patterns.getOrDefault(asked, List.of()).stream()
        .filter(line -> line.path().matches(parsed))
        .findFirst();
  }

  /** Whether a path has a line for another method. */
  boolean knows(String path) {
    PathContainer parsed = PathContainer.parsePath(path);
    return lines.stream().anyMatch(line -> line.path().matches(parsed));
  }
}
