package nodyes.server.reviews.export;

import java.io.IOException;
import java.io.OutputStream;
import nodyes.server.reviews.ExportedReview;

/** Reviews as a workbook. A full sheet begins another. */
final class XlsxFile implements ExportWriter {
  private static final int MOST_ROWS = 1_000_000;

  private final TextWorkbook workbook;
  private int sheets;
  private int rows;

  XlsxFile(OutputStream out) throws IOException {
    workbook = new TextWorkbook(out);
    next();
  }

  private void next() throws IOException {
    sheets++;
    rows = 0;
    workbook.begin(sheets == 1 ? "Reviews" : "Reviews " + sheets);
    workbook.row(ExportColumns.HEADINGS);
  }

  @Override
  public void write(ExportedReview out) throws IOException {
    if (rows == MOST_ROWS) {
      next();
    }
    workbook.row(ExportColumns.cells(out));
    rows++;
  }

  @Override
  public void close() throws IOException {
    workbook.close();
  }
}
