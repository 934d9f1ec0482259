package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import nodyes.core.imports.FeedColumnNames;
import nodyes.server.tabular.CsvRows;
import nodyes.server.web.JsonLines;
import nodyes.server.web.JsonLines.LineProblem;
import org.jspecify.annotations.Nullable;

/** Rows of one product or order stand together, so that a table of any size is read. */
final class FeedTableReader implements CsvRows.Sink {
  private final FeedKind kind;
  private final FeedRowMapper rows;
  private final JsonLines.Taker taker;
  private final Consumer<LineProblem> wrong;
  private final List<Map<String, String>> group = new ArrayList<>();
  private final Set<String> seen = new HashSet<>();
  private @Nullable Map<String, Integer> columns;
  private boolean isWhole = true;
  private boolean isTable = true;
  private long from = 2;
  private String groupKey = "";

  FeedTableReader(
      FeedKind kind, FeedRowMapper rows, JsonLines.Taker taker, Consumer<LineProblem> wrong) {
    this.kind = kind;
    this.rows = rows;
    this.taker = taker;
    this.wrong = wrong;
  }

  /** Whether its headings say what it holds; the rest is not read where they do not. */
  boolean isTable() {
    return isTable;
  }

  /** Takes the last group. Whether all of it could be read. */
  boolean end() {
    take();
    return isWhole && isTable && columns != null;
  }

  @Override
  public void row(long line, List<String> cells) {
    if (columns == null) {
      columns = headings(line, cells);
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

  private Map<String, Integer> headings(long line, List<String> cells) {
    boolean isProducts = kind == FeedKind.PRODUCTS;
    Map<String, Integer> found =
        isProducts ? FeedColumnNames.products(cells) : FeedColumnNames.orders(cells);
    boolean namesProducts = isProducts && (found.containsKey("name") || found.containsKey("sku"));
    if (!found.containsKey(named()) && !namesProducts) {
      isTable = false;
      wrong.accept(
          new LineProblem(
              line,
              named(),
              String.join(", ", cells),
              isProducts ? text("feeds.noProductColumn") : text("feeds.noOrderColumn")));
    }
    return found;
  }

  private String named() {
    return kind == FeedKind.PRODUCTS ? "productGroupID" : "orderNumber";
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
