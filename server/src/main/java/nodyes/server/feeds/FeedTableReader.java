package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import nodyes.server.tabular.CsvRows;
import nodyes.server.web.JsonLines;
import nodyes.server.web.JsonLines.LineProblem;

/** Rows of one product or order stand together, so that a table of any size is read. */
final class FeedTableReader implements CsvRows.Sink {
  private final FeedKind kind;
  private final FeedRowMapper rows;
  private final Map<String, Integer> columns;
  private final JsonLines.Taker taker;
  private final Consumer<LineProblem> wrong;
  private final List<Map<String, String>> group = new ArrayList<>();
  private final Set<String> seen = new HashSet<>();
  private boolean isWhole = true;
  private boolean isHeading = true;
  private long from = 2;
  private String groupKey = "";

  FeedTableReader(
      FeedKind kind,
      FeedRowMapper rows,
      Map<String, Integer> columns,
      JsonLines.Taker taker,
      Consumer<LineProblem> wrong) {
    this.kind = kind;
    this.rows = rows;
    this.columns = Map.copyOf(columns);
    this.taker = taker;
    this.wrong = wrong;
  }

  /** Takes the last group. Whether all of it could be read. */
  boolean end() {
    take();
    return isWhole && !isHeading;
  }

  @Override
  public void row(long line, List<String> cells) {
    if (isHeading) {
      isHeading = false;
      return;
    }
    Map<String, String> row = new HashMap<>();
    columns.forEach(
        (term, index) -> {
          if (index < cells.size() && !cells.get(index).isBlank()) {
            row.put(term, cells.get(index).strip());
          }
        });
    String key = FeedRowMapper.key(kind, row);
    if (!group.isEmpty() && !key.equals(groupKey)) {
      take();
    }
    if (group.isEmpty()) {
      from = line;
      groupKey = key;
      if (!seen.add(key)) {
        wrong.accept(new LineProblem(line, named(), key, text("feeds.rowsApart")));
        return;
      }
    }
    group.add(row);
  }

  private String named() {
    return FeedTableCheck.named(kind);
  }

  @Override
  public void broken(long line, String start, String reason) {
    isWhole = false;
    wrong.accept(new LineProblem(line, "", start, reason));
  }

  private void take() {
    if (!group.isEmpty()) {
      taker.take(from, rows.of(kind, group));
      group.clear();
    }
  }
}
