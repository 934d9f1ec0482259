package nodyes.server.reviews.export;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import nodyes.core.imports.FormulaEscape;
import nodyes.server.reviews.ExportedReview;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/** CSV (RFC 4180) in UTF-8 with its mark, which spreadsheet programs need to see. */
final class CsvFile implements ExportWriter {
  private static final char MARK = '\uFEFF';

  private final CSVPrinter printer;

  CsvFile(OutputStream out) throws IOException {
    var writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
    writer.write(MARK);
    printer = new CSVPrinter(writer, CSVFormat.RFC4180);
    print(ExportColumns.HEADINGS);
  }

  @Override
  public void write(ExportedReview row) throws IOException {
    print(ExportColumns.cells(row));
  }

  private void print(List<@Nullable String> cells) throws IOException {
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
