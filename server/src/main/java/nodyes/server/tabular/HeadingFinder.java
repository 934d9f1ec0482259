package nodyes.server.tabular;

import java.util.ArrayList;
import java.util.List;
import nodyes.core.imports.TableHeadings;

/**
 * Passes on a table from its headings on: above them some programs write a title, the shop's name
 * or the day. They are the first row with two words or more that headings are known by; where no
 * row near the beginning has them, they are the first.
 */
final class HeadingFinder implements CsvRows.Sink {
  private static final int LOOKED_AT = 20;
  private static final int ENOUGH = 2;

  private final CsvRows.Sink sink;
  private final List<Row> first = new ArrayList<>();
  private boolean isFound;

  private record Row(long line, List<String> cells, int known) {}

  HeadingFinder(CsvRows.Sink sink) {
    this.sink = sink;
  }

  @Override
  public void row(long line, List<String> cells) {
    if (isFound) {
      sink.row(line, cells);
      return;
    }
    first.add(new Row(line, cells, TableHeadings.known(cells)));
    if (first.getFirst().known() >= ENOUGH || first.size() == LOOKED_AT) {
      end();
    }
  }

  /** Passes on what was held back. */
  void end() {
    if (isFound) {
      return;
    }
    isFound = true;
    int headings = 0;
    for (int i = 1; i < first.size(); i++) {
      int known = first.get(i).known();
      if (known >= ENOUGH && known > first.get(headings).known()) {
        headings = i;
      }
    }
    first.subList(headings, first.size()).forEach(row -> sink.row(row.line(), row.cells()));
    first.clear();
  }

  @Override
  public void broken(long line, String start, String reason) {
    sink.broken(line, start, reason);
  }
}
