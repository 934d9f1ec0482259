package nodyes.server.tabular;

import java.nio.file.Path;
import java.util.List;

/**
 * A brought file made ready: rows that can be read again and again, from any row on.
 *
 * @param rows the file of rows; the brought file itself where that is CSV
 * @param kind what was brought
 * @param encoding name of the encoding of the rows
 * @param delimiter what parts their cells
 * @param sheets names of a workbook's sheets
 * @param sheet the one that was read; empty where there are none
 */
public record RowFile(
    Path rows, FileKind kind, String encoding, char delimiter, List<String> sheets, String sheet) {
  /** Whether each row begins with the line it had in the brought file. */
  public boolean isNumbered() {
    return kind != FileKind.CSV;
  }
}
