package nodyes.server.evidence;

import java.io.IOException;
import java.time.temporal.Temporal;
import nodyes.core.imports.FormulaEscape;
import nodyes.server.visitors.ShownVisitorCount;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Numbers that shoppers were shown, as CSV (RFC 4180). */
final class ShownCountsCsv {
  private final CSVPrinter csv;

  ShownCountsCsv(Appendable out) throws IOException {
    csv = new CSVPrinter(out, CSVFormat.RFC4180);
    csv.printRecord("hour", "product", "title", "looked back on", "shown", "counted", "times");
  }

  /** A line; the hour is as the shop's clock shows it. */
  void write(Temporal hour, ShownVisitorCount one) throws IOException {
    csv.printRecord(
        hour,
        FormulaEscape.safe(one.product()),
        FormulaEscape.safe(one.title()),
        one.window(),
        one.number(),
        one.counted(),
        one.times());
  }
}
