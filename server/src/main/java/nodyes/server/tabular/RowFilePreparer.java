package nodyes.server.tabular;

import static nodyes.server.messages.Texts.text;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import nodyes.server.web.ApiProblem;

/** Makes a brought file ready, whatever it is. */
public final class RowFilePreparer {
  private static final List<Character> DELIMITERS = List.of('\t', ';', ',');
  private static final int LONGEST_FIRST_LINE = 100_000;
  private static final long LARGEST_PAGE = 12_000_000;

  private RowFilePreparer() {}

  /**
   * Makes a file ready.
   *
   * @param sheet the sheet of a workbook; empty for the first that holds rows
   * @param encoding the encoding of CSV; empty for what its bytes tell
   * @param rows where rows go that are made of another kind of file
   */
  public static RowFile of(Path file, String sheet, String encoding, Path rows) throws IOException {
    return switch (FileKind.of(file)) {
      case XLSX -> XlsxReader.write(file, sheet, rows);
      case JSON -> JsonRows.write(file, rows);
      case HTML -> {
        if (Files.size(file) > LARGEST_PAGE) {
          throw ApiProblem.unusable(text("imports.webPageTooLarge"));
        }
        try (InputStream page = Files.newInputStream(file)) {
          yield HtmlReviewExtractor.write(page, rows);
        }
      }
      case CSV -> {
        Charset charset =
            encoding.isEmpty() ? EncodingDetector.of(file) : Charset.forName(encoding);
        yield new RowFile(
            file, FileKind.CSV, charset.name(), delimiter(file, charset), List.of(), "");
      }
    };
  }

  /** The one most often in the first line; of equals a comma last, as words hold commas. */
  private static char delimiter(Path file, Charset charset) throws IOException {
    var start = new char[LONGEST_FIRST_LINE];
    int length;
    try (var reader =
        new BufferedReader(new InputStreamReader(Files.newInputStream(file), charset))) {
      length = reader.read(start);
    }
    String line = new String(start, 0, Math.max(0, length)).lines().findFirst().orElse("");
    char best = ',';
    long most = 0;
    for (char candidate : DELIMITERS) {
      long count = line.chars().filter(c -> c == candidate).count();
      if (count > most) {
        most = count;
        best = candidate;
      }
    }
    return best;
  }
}
