package nodyes.server.pageimports;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nodyes.core.imports.ReviewColumn;
import nodyes.server.tabular.SchemaColumns;
import tools.jackson.databind.json.JsonMapper;

/** Reviews that were read off pages, as JSON Lines: what is kept of them, and read like a file. */
final class PageImportFile {
  private static final JsonMapper JSON = JsonMapper.shared();

  /** The page that a review was read off. */
  private static final String PAGE = "page";

  private PageImportFile() {}

  /** A line for a review. */
  static String line(Map<ReviewColumn, String> review, String page) {
    Map<String, String> line = new LinkedHashMap<>(SchemaColumns.cells(review));
    line.put(PAGE, page);
    return JSON.writeValueAsString(line);
  }

  /** Lines as a file. */
  static InputStream file(List<String> lines) {
    return new ByteArrayInputStream(
        lines.stream()
            .collect(Collectors.joining("\n", "", "\n"))
            .getBytes(StandardCharsets.UTF_8));
  }
}
