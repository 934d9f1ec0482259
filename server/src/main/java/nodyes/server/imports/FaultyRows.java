package nodyes.server.imports;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.RowError;
import nodyes.core.imports.RowReader.RowResult;
import nodyes.server.messages.Texts;
import nodyes.server.tabular.CsvRows;
import nodyes.server.tabular.SpreadsheetCsv;

/**
 * Writes the rows of a file that cannot be read, as they stand there, with the line and the reason
 * before each: a table with the same headings, so that it can be mended and brought again.
 */
final class FaultyRows implements CsvRows.Sink, AutoCloseable {
  private final MendedReader rows;
  private final RowProducts products;
  private final SpreadsheetCsv out;
  private boolean headingsSeen;

  FaultyRows(MendedReader rows, RowProducts products, OutputStream into) throws IOException {
    this.rows = rows;
    this.products = products;
    this.out = new SpreadsheetCsv(into);
  }

  @Override
  public void row(long line, List<String> cells) {
    if (!headingsSeen) {
      headingsSeen = true;
      write(Texts.text("imports.faults.line"), Texts.text("imports.faults.reason"), cells);
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
        String.valueOf(line),
        wrong.stream()
            .map(one -> (one.value() + " " + Texts.text(one.reason())).strip())
            .collect(Collectors.joining(" ")),
        cells);
  }

  @Override
  public void broken(long line, String start, String reason) {
    write(String.valueOf(line), reason, List.of(start));
  }

  private void write(String line, String reason, List<String> cells) {
    try {
      out.row(Stream.concat(Stream.of(line, reason), cells.stream()).toList());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void close() throws IOException {
    out.close();
  }
}
