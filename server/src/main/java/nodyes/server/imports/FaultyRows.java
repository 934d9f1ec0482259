package nodyes.server.imports;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nodyes.core.imports.FormulaEscape;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.RowError;
import nodyes.core.imports.RowReader.RowResult;
import nodyes.server.messages.Texts;
import nodyes.server.tabular.CsvRows;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * Writes the rows of a file that cannot be read, as they stand there, with the line and the reason
 * beside each: CSV (RFC 4180) with the same headings, so that it can be mended and brought again.
 */
final class FaultyRows implements CsvRows.Sink, AutoCloseable {
  private static final char MARK = '\uFEFF';

  private final MendedReader rows;
  private final RowProducts products;
  private final CSVPrinter out;
  private boolean headingsSeen;
  private int columns;

  FaultyRows(MendedReader rows, RowProducts products, OutputStream into) throws IOException {
    this.rows = rows;
    this.products = products;
    var writer = new OutputStreamWriter(into, StandardCharsets.UTF_8);
    writer.write(MARK);
    this.out = new CSVPrinter(writer, CSVFormat.RFC4180);
  }

  @Override
  public void row(long line, List<String> cells) {
    if (!headingsSeen) {
      headingsSeen = true;
      columns = cells.size();
      write(cells, Texts.text("imports.faults.line"), Texts.text("imports.faults.reason"));
      return;
    }
    switch (rows.read(line, cells)) {
      case RowResult.Failed(List<RowError> wrong) -> fault(line, cells, wrong);
      case RowResult.Parsed(ImportedReview review) -> {
        if (products.of(review).isEmpty()) {
          fault(line, cells, List.of(RowProducts.missing(review)));
        }
      }
    }
  }

  private void fault(long line, List<String> cells, List<RowError> wrong) {
    write(
        cells,
        String.valueOf(line),
        wrong.stream()
            .map(one -> (one.value() + " " + Texts.text(one.reason())).strip())
            .collect(Collectors.joining(" ")));
  }

  @Override
  public void broken(long line, String start, String reason) {
    write(List.of(start), String.valueOf(line), reason);
  }

  private void write(List<String> cells, String line, String reason) {
    var whole = new ArrayList<>(cells.subList(0, Math.min(columns, cells.size())));
    while (whole.size() < columns) {
      whole.add("");
    }
    try {
      out.printRecord(
          Stream.concat(whole.stream(), Stream.of(line, reason)).map(FormulaEscape::safe).toList());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void close() throws IOException {
    out.close(true);
  }
}
