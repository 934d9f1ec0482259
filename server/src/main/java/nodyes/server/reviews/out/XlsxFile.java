package nodyes.server.reviews.out;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import nodyes.server.reviews.OutRow;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.jspecify.annotations.Nullable;

/** A workbook; all cells are text, so none is taken for a formula. A full sheet begins another. */
final class XlsxFile implements OutFile {
  private static final int MOST_ROWS = 1_000_000;
  private static final int FLUSHED = 500;
  private static final int LONGEST_CELL = 32_767;

  private final OutputStream out;
  private final Workbook workbook;
  private Worksheet sheet;
  private int sheets;
  private int row;

  XlsxFile(OutputStream out) throws IOException {
    this.out = out;
    workbook = new Workbook(out, "NodYes", "1.0");
    sheet = next();
  }

  private Worksheet next() throws IOException {
    Worksheet begun = workbook.newWorksheet(sheets == 0 ? "Reviews" : "Reviews " + (sheets + 1));
    sheets++;
    row = 0;
    print(begun, Sheet.HEADINGS);
    return begun;
  }

  @Override
  public void write(OutRow out) throws IOException {
    if (row > MOST_ROWS) {
      sheet.finish();
      sheet = next();
    }
    print(sheet, Sheet.cells(out));
    if (row % FLUSHED == 0) {
      sheet.flush();
    }
  }

  private void print(Worksheet target, List<@Nullable String> cells) {
    int column = 0;
    for (String cell : cells) {
      if (cell != null && !cell.isEmpty()) {
        target.inlineString(
            row, column, cell.length() > LONGEST_CELL ? cell.substring(0, LONGEST_CELL) : cell);
      }
      column++;
    }
    row++;
  }

  @Override
  public void close() throws IOException {
    sheet.finish();
    workbook.finish();
    out.close();
  }
}
