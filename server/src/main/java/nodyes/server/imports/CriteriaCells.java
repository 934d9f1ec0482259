package nodyes.server.imports;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import nodyes.core.imports.ReviewColumn;
import nodyes.server.tabular.CsvRows;

/**
 * Rows whose stars of single things stand in columns of their own, with these in one cell more, as
 * files have them that know one column for all.
 */
final class CriteriaCells implements CsvRows.Sink {
  private final CsvRows.Sink sink;
  private final Map<Integer, String> names;
  private final Map<ReviewColumn, Integer> columns;
  private final int at;
  private boolean headingsSeen;

  private CriteriaCells(
      CsvRows.Sink sink, Map<Integer, String> names, Map<ReviewColumn, Integer> columns, int at) {
    this.sink = sink;
    this.names = new TreeMap<>(names);
    this.columns = columns;
    this.at = at;
  }

  /**
   * Goes before a sink where columns hold stars of single things.
   *
   * @param columns which column holds what otherwise
   * @param headings how many columns the file has
   */
  static CsvRows.Sink before(
      CsvRows.Sink sink,
      Map<Integer, String> names,
      Map<ReviewColumn, Integer> columns,
      int headings) {
    return names.isEmpty() ? sink : new CriteriaCells(sink, names, columns, headings);
  }

  @Override
  public void row(long line, List<String> cells) {
    var wider = new ArrayList<>(cells.subList(0, Math.min(at, cells.size())));
    while (wider.size() < at) {
      wider.add("");
    }
    wider.add(headingsSeen ? all(cells) : ReviewColumn.CRITERIA.words());
    headingsSeen = true;
    sink.row(line, wider);
  }

  private String all(List<String> cells) {
    var lines = new ArrayList<String>();
    Integer own = columns.get(ReviewColumn.CRITERIA);
    if (own != null && own < cells.size() && !cells.get(own).isBlank()) {
      lines.add(cells.get(own).strip());
    }
    names.forEach(
        (index, name) -> {
          if (index < cells.size() && !cells.get(index).isBlank()) {
            lines.add(name + ": " + cells.get(index).strip());
          }
        });
    return String.join("\n", lines);
  }

  @Override
  public void broken(long line, String start, String reason) {
    sink.broken(line, start, reason);
  }
}
