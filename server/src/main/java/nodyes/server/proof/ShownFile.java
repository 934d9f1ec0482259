package nodyes.server.proof;

import java.io.IOException;
import java.time.temporal.Temporal;
import nodyes.core.bringin.SpreadsheetCell;
import nodyes.server.presence.ShownNumber;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Numbers that shoppers were shown, as CSV (RFC 4180). */
final class ShownFile {
  private final CSVPrinter csv;

  ShownFile(Appendable out) throws IOException {
    csv = new CSVPrinter(out, CSVFormat.RFC4180);
    csv.printRecord("hour", "product", "title", "looked back on", "shown", "counted", "times");
  }

  /** A line; the hour is as the shop's clock shows it. */
  void write(Temporal hour, ShownNumber one) throws IOException {
    csv.printRecord(
        hour,
        SpreadsheetCell.safe(one.product()),
        SpreadsheetCell.safe(one.title()),
        one.window(),
        one.number(),
        one.counted(),
        one.times());
  }
}
