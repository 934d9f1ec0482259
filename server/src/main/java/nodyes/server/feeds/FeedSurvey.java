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
import java.util.Optional;
import java.util.Set;
import nodyes.core.imports.ColumnDetector.ColumnMatch;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.FeedColumnDetector;
import nodyes.core.imports.TableKind;
import nodyes.server.catalogue.SkuFinder;
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

  private final Asked asked;
  private final DateOrder.Evidence dates = new DateOrder.Evidence();
  private final List<Row> first = new ArrayList<>();
  private final Set<String> named = new HashSet<>();
  private final Set<String> numbers = new HashSet<>();
  private List<String> headings = List.of();
  private Optional<TableKind> said = Optional.empty();
  private FeedKind kind = FeedKind.ORDERS;
  private FeedChoices remembered = FeedChoices.FOUND;
  private @Nullable Map<String, ColumnMatch> columns;
  private long rows;

  /** A row as it stands in the file. */
  record Row(long line, List<String> cells) {}

  /**
   * How a table is to be looked at.
   *
   * @param kind what it is taken for; null for what its headings say, else orders
   * @param choices how the owner wants it read
   * @param skus what variants of the catalogue are named by
   * @param memory how tables with the same headings were read
   */
  record Asked(
      @Nullable FeedKind kind, FeedChoices choices, SkuFinder skus, FeedMemoryStore memory) {}

  /**
   * What bears a column out.
   *
   * @param isDoubtful whether it rather speaks against it
   */
  record Proof(String text, boolean isDoubtful) {}

  /**
   * What is known of a table.
   *
   * @param said what it holds by its headings, or by what stands under them
   * @param kind what it was taken for
   * @param columns the column of each term
   * @param dates how its dates are read
   * @param proofs what of its values bears a column out, by its term
   * @param samples its first rows
   * @param rows how many it has, those that are broken left out
   */
  record Found(
      Optional<TableKind> said,
      FeedKind kind,
      List<String> headings,
      Map<String, ColumnMatch> columns,
      FeedLook.LookDates dates,
      Map<String, Proof> proofs,
      List<Row> samples,
      long rows) {
    Map<String, Integer> indexes() {
      var indexes = new LinkedHashMap<String, Integer>();
      columns.forEach((term, match) -> indexes.put(term, match.index()));
      return indexes;
    }
  }

  private FeedSurvey(Asked asked) {
    this.asked = asked;
  }

  /** Orders may name what was sold by its title, too; a list of products has titles beside SKUs. */
  private boolean isSku(String text) {
    return kind == FeedKind.ORDERS ? asked.skus().find(text).isPresent() : asked.skus().isSku(text);
  }

  /** Looks through all of it. */
  static Found of(RowFile file, Asked asked) throws IOException {
    var looking = new FeedSurvey(asked);
    new CsvRows(file.rows(), Charset.forName(file.encoding()), file.delimiter(), file.isNumbered())
        .read(looking, () -> true);
    return looking.found();
  }

  private Found found() {
    Map<String, ColumnMatch> known = columns();
    return new Found(
        said.or(() -> TableKind.ofOrders(known.keySet()).filter(_ -> kind == FeedKind.ORDERS)),
        kind,
        headings,
        known,
        readAs(),
        proofs(),
        first.stream().limit(SAMPLES).toList(),
        rows);
  }

  /** As the owner says; else as its dates tell; else as one like it was read. */
  private FeedLook.LookDates readAs() {
    DateOrder chosen = asked.choices().dateOrder();
    if (chosen != null) {
      return new FeedLook.LookDates(chosen, dates.because(), "");
    }
    DateOrder before = remembered.dateOrder();
    return dates.unclear().isEmpty() || before == null
        ? new FeedLook.LookDates(dates.order(), dates.because(), dates.unclear())
        : new FeedLook.LookDates(before, "", "");
  }

  private void headings(List<String> cells) {
    if (cells.size() > MOST_COLUMNS) {
      throw ApiProblem.unusable(text("imports.tooManyColumns", "most", MOST_COLUMNS));
    }
    headings = List.copyOf(cells);
    said = TableKind.of(headings);
    kind = asked.kind() != null ? asked.kind() : said.flatMap(FeedKind::of).orElse(FeedKind.ORDERS);
    remembered = asked.memory().of(kind, headings);
  }

  @Override
  public void row(long line, List<String> cells) {
    if (headings.isEmpty()) {
      headings(cells);
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
          FeedColumnDetector.of(kind == FeedKind.ORDERS, headings, cells, this::isSku);
      Map<String, Integer> chosen =
          asked.choices().columns() == null ? remembered.columns() : asked.choices().columns();
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
  private Map<String, Proof> proofs() {
    var proofs = new HashMap<String, Proof>();
    if (!named.isEmpty()) {
      long known = named.stream().filter(this::isSku).count();
      proofs.put(
          "sku",
          new Proof(
              text("feeds.proof.sku", "known", known, "all", named.size()),
              kind == FeedKind.ORDERS && 2 * known < named.size()));
    }
    if (!numbers.isEmpty()) {
      proofs.put(
          "orderNumber", new Proof(text("feeds.proof.orders", "orders", numbers.size()), false));
    }
    if (!dates.because().isEmpty()) {
      proofs.put("orderDate", new Proof(text("feeds.proof.date", "date", dates.because()), false));
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
