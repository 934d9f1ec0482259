package nodyes.fuzz;

import com.code_intelligence.jazzer.api.FuzzedDataProvider;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import nodyes.server.tabular.CsvRows;
import nodyes.server.tabular.RowFile;
import nodyes.server.tabular.RowFilePreparer;
import nodyes.server.web.ApiProblem;

/** Files of any bytes taken for tables: CSV, JSON, JSON Lines, workbooks, web pages. */
public final class Tables {
  private static final Path FILE = file();
  private static final Path ROWS = FILE.resolveSibling(FILE.getFileName() + ".rows");

  private Tables() {}

  private static Path file() {
    try {
      return Files.createTempFile("fuzzed", ".any");
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Called with each input. */
  public static void fuzzerTestOneInput(FuzzedDataProvider data) throws IOException {
    Files.write(FILE, data.consumeRemainingAsBytes());
    try {
      RowFile rows = RowFilePreparer.of(FILE, "", "", ROWS);
      new CsvRows(
              rows.rows(), Charset.forName(rows.encoding()), rows.delimiter(), rows.isNumbered())
          .read(
              new CsvRows.Sink() {
                private long last;

                @Override
                public void row(long line, List<String> cells) {
                  Law.holds(line >= last, "lines do not go back");
                  last = line;
                }

                @Override
                public void broken(long line, String start, String reason) {
                  Law.holds(!reason.isEmpty(), "a broken row says why");
                }
              },
              () -> true);
    } catch (ApiProblem e) {
      Law.holds(e.getMessage() != null, "what is refused says why");
    } finally {
      Files.deleteIfExists(ROWS);
    }
  }
}
