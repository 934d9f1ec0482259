package nodyes.server.tabular;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import nodyes.server.web.ApiProblem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes rows of another kind of file as CSV, each with the line it had there. */
final class RowWriter implements AutoCloseable {
  /** More are no table of reviews. */
  static final int MOST_COLUMNS = 500;

  private final CSVPrinter printer;

  RowWriter(Path file, List<String> headings) throws IOException {
    printer = new CSVPrinter(Files.newBufferedWriter(file), CSVFormat.RFC4180);
    write("", headings);
  }

  void row(long line, List<String> cells) throws IOException {
    write(String.valueOf(line), cells);
  }

  private void write(String line, List<String> cells) throws IOException {
    if (cells.size() > MOST_COLUMNS) {
      throw tooManyColumns();
    }
    var all = new ArrayList<String>(cells.size() + 1);
    all.add(line);
    all.addAll(cells);
    printer.printRecord(all);
  }

  static ApiProblem tooManyColumns() {
    return ApiProblem.unusable(text("imports.tooManyColumns", "most", MOST_COLUMNS));
  }

  @Override
  public void close() throws IOException {
    printer.close();
  }
}
