package nodyes.server.tabular;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import nodyes.core.imports.FormulaEscape;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/**
 * CSV (RFC 4180) in UTF-8 for spreadsheet programs: with the mark that they need to see, and no
 * cell that they take for a formula.
 */
public final class SpreadsheetCsv implements AutoCloseable {
  private static final char MARK = '\uFEFF';

  private final CSVPrinter printer;

  public SpreadsheetCsv(OutputStream out) throws IOException {
    var writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
    writer.write(MARK);
    printer = new CSVPrinter(writer, CSVFormat.RFC4180);
  }

  public void row(List<@Nullable String> cells) throws IOException {
    for (String cell : cells) {
      printer.print(cell == null ? "" : FormulaEscape.safe(cell));
    }
    printer.println();
  }

  @Override
  public void close() throws IOException {
    printer.close(true);
  }
}
