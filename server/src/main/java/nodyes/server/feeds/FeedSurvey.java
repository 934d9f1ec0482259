package nodyes.server.feeds;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.nio.charset.Charset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import nodyes.core.imports.ColumnDetector.ColumnMatch;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.FeedColumnDetector;
import nodyes.server.tabular.CsvRows;
import nodyes.server.tabular.RowFile;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;

/** Looks through a table of products or orders before any of it is read. */
final class FeedSurvey implements CsvRows.Sink {
  private static final int SAMPLES = 5;
  private static final int GUESSED_FROM = 300;
  private static final int MOST_COLUMNS = 500;
  private static final int MOST_COUNTED = 200_000;
  private static final List<String> DATES =
      List.of("orderDate", "shipped", "arrived", "releaseDate", "availabilityStarts");

  private final FeedKind kind;
  private final Predicate<String> isSku;
  private final @Nullable Map<String, Integer> chosen;
  private final DateOrder.Evidence dates = new DateOrder.Evidence();
  private final List<Row> first = new ArrayList<>();
  private List<String> headings = List.of();
  private @Nullable Map<String, ColumnMatch> columns;
  private final Set<String> named = new HashSet<>();
  private final Set<String> numbers = new HashSet<>();
  private long rows;

  /** A row as it stands in the file. */
  record Row(long line, List<String> cells) {}

  /**
   * What is known of a table.
   *
   * @param columns the column of each term
   * @param proofs what of its values bears a column out, by its term
   * @param samples its first rows
   * @param rows how many it has, those that are broken left out
   */
  record Found(
      List<String> headings,
      Map<String, ColumnMatch> columns,
      DateOrder.Evidence dates,
      Map<String, String> proofs,
      List<Row> samples,
      long rows) {
    Map<String, Integer> indexes() {
      var indexes = new LinkedHashMap<String, Integer>();
      columns.forEach((term, match) -> indexes.put(term, match.index()));
      return indexes;
    }
  }

  private FeedSurvey(
      FeedKind kind, Predicate<String> isSku, @Nullable Map<String, Integer> chosen) {
    this.kind = kind;
    this.isSku = isSku;
    this.chosen = chosen;
  }

  /**
   * Looks through all of it.
   *
   * @param chosen the columns as the owner chose them; null where they are to be found
   */
  static Found of(
      RowFile file, FeedKind kind, Predicate<String> isSku, @Nullable Map<String, Integer> chosen)
      throws IOException {
    var looking = new FeedSurvey(kind, isSku, chosen);
    new CsvRows(file.rows(), Charset.forName(file.encoding()), file.delimiter(), file.isNumbered())
        .read(looking, () -> true);
    return new Found(
        looking.headings,
        looking.columns(),
        looking.dates,
        looking.proofs(),
        looking.first.stream().limit(SAMPLES).toList(),
        looking.rows);
  }

  @Override
  public void row(long line, List<String> cells) {
    if (headings.isEmpty()) {
      if (cells.size() > MOST_COLUMNS) {
        throw ApiProblem.unusable(text("imports.tooManyColumns", "most", MOST_COLUMNS));
      }
      headings = List.copyOf(cells);
      return;
    }
    rows++;
    if (columns == null) {
      first.add(new Row(line, List.copyOf(cells)));
      if (first.size() == GUESSED_FROM) {
        first.forEach(row -> see(row.cells(), columns()));
      }
      return;
    }
    see(cells, columns);
  }

  private Map<String, ColumnMatch> columns() {
    if (columns == null) {
      List<List<String>> cells = first.stream().map(Row::cells).toList();
      Map<String, ColumnMatch> found =
          FeedColumnDetector.of(kind == FeedKind.ORDERS, headings, cells, isSku);
      columns = chosen == null ? found : chosen(found, chosen);
      if (first.size() < GUESSED_FROM) {
        for (List<String> row : cells) {
          see(row, columns);
        }
      }
    }
    return columns;
  }

  /** What the owner chose, with how it is known where it was found as well. */
  private static Map<String, ColumnMatch> chosen(
      Map<String, ColumnMatch> found, Map<String, Integer> chosen) {
    var columns = new HashMap<String, ColumnMatch>();
    chosen.forEach(
        (term, index) -> {
          ColumnMatch match = found.get(term);
          columns.put(
              term, match != null && match.index() == index ? match : ColumnMatch.chosen(index));
        });
    return columns;
  }

  /** Counted over all rows, as far as so many different ones can be kept. */
  private Map<String, String> proofs() {
    var proofs = new HashMap<String, String>();
    if (!named.isEmpty()) {
      long known = named.stream().filter(isSku).count();
      proofs.put("sku", text("feeds.proof.sku", "known", known, "all", named.size()));
    }
    if (!numbers.isEmpty()) {
      proofs.put("orderNumber", text("feeds.proof.orders", "orders", numbers.size()));
    }
    if (!dates.because().isEmpty()) {
      proofs.put("orderDate", text("feeds.proof.date", "date", dates.because()));
    }
    return proofs;
  }

  private void see(List<String> cells, Map<String, ColumnMatch> known) {
    for (String term : DATES) {
      ColumnMatch match = known.get(term);
      if (match != null && match.index() < cells.size()) {
        dates.see(cells.get(match.index()));
      }
    }
    count(cells, known.get("sku"), named);
    count(cells, known.get("orderNumber"), numbers);
  }

  private static void count(List<String> cells, @Nullable ColumnMatch match, Set<String> to) {
    if (match != null && match.index() < cells.size() && to.size() < MOST_COUNTED) {
      String text = cells.get(match.index()).strip();
      if (!text.isEmpty()) {
        to.add(text);
      }
    }
  }

  @Override
  public void broken(long line, String start, String reason) {
    // it is named when the table is read
  }
}
