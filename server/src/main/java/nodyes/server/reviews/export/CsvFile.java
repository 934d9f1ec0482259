package nodyes.server.reviews.export;

import java.io.IOException;
import java.io.OutputStream;
import nodyes.server.reviews.ExportedReview;
import nodyes.server.tabular.SpreadsheetCsv;

/** Reviews as CSV. */
final class CsvFile implements ExportWriter {
  private final SpreadsheetCsv csv;

  CsvFile(OutputStream out) throws IOException {
    csv = new SpreadsheetCsv(out);
    csv.row(ExportColumns.HEADINGS);
  }

  @Override
  public void write(ExportedReview row) throws IOException {
    csv.row(ExportColumns.cells(row));
  }

  @Override
  public void close() throws IOException {
    csv.close();
  }
}
