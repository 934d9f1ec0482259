package nodyes.server.trail;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import nodyes.core.imports.FormulaEscape;
import nodyes.server.messages.Texts;
import nodyes.server.web.Given;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What was done by whom, for owners. */
@RestController
@Tag(name = "trail")
class TrailApi {
  private static final int PAGE = 50;
  private static final int MOST_NAMES = 200;

  private final TrailStore store;

  TrailApi(TrailStore store) {
    this.store = store;
  }

  /**
   * Some lines, the newest first.
   *
   * @param before give this to read on; nothing where there are no more
   */
  record TrailPage(List<TrailLine> items, @Nullable Long before) {}

  /** A place of the back office, and its name in the reader's language. */
  record TrailPlace(String place, String name) {}

  /** Whose and which lines there are. */
  record TrailNames(List<String> people, List<TrailPlace> places) {}

  @GetMapping("/api/v1/trail")
  @Operation(summary = "What was done, the newest first")
  TrailPage trail(
      @RequestParam(required = false) @Nullable String who,
      @RequestParam(required = false) @Nullable String place,
      @RequestParam(required = false) @Nullable String q,
      @RequestParam(required = false) @Nullable Long before) {
    List<TrailLine> lines =
        store.lines(query(who, place, q), before == null ? Long.MAX_VALUE : before, PAGE);
    return new TrailPage(lines, lines.size() == PAGE ? lines.getLast().id() : null);
  }

  private static TrailQuery query(
      @Nullable String who, @Nullable String place, @Nullable String q) {
    return new TrailQuery(Given.text(who), Given.text(place), Given.text(q));
  }

  @GetMapping("/api/v1/trail/names")
  @Operation(summary = "Who did something, and where")
  TrailNames names() {
    return new TrailNames(
        store.names(MOST_NAMES),
        store.places(MOST_NAMES).stream()
            .map(place -> new TrailPlace(place, name(place)))
            .toList());
  }

  private static String name(String place) {
    return Texts.text("trail.place." + place);
  }

  @GetMapping(value = "/api/v1/trail.csv", produces = "text/csv")
  @Operation(summary = "All lines as CSV (RFC 4180)")
  void csv(
      @RequestParam(required = false) @Nullable String who,
      @RequestParam(required = false) @Nullable String place,
      @RequestParam(required = false) @Nullable String q,
      HttpServletResponse response)
      throws IOException {
    response.setContentType("text/csv;charset=UTF-8");
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"what-was-done.csv\"");
    response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
    try (var printer =
        new CSVPrinter(
            new BufferedWriter(
                new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8)),
            CSVFormat.RFC4180)) {
      printer.printRecord("at", "who", "place", "did");
      store.each(query(who, place, q), line -> print(printer, line));
    }
  }

  private static void print(CSVPrinter printer, TrailLine line) {
    try {
      printer.printRecord(
          line.at(),
          FormulaEscape.safe(line.who()),
          FormulaEscape.safe(name(line.place())),
          FormulaEscape.safe(line.did()));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
