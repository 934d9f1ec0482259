package nodyes.server.bringin;

import java.io.IOException;
import java.nio.charset.Charset;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import nodyes.core.bringin.Column;
import nodyes.core.bringin.ColumnGuess;
import nodyes.core.bringin.CountryNames;
import nodyes.core.bringin.DateOrder;
import nodyes.core.bringin.ScaleEvidence;
import nodyes.core.rating.RatingScale;
import nodyes.server.rows.CsvRows;
import nodyes.server.rows.RowFile;
import nodyes.server.rows.SchemaColumns;
import nodyes.server.web.Refusal;

/** Looks through a file before any of it is stored. */
final class Looking implements CsvRows.Sink {
  private static final int SAMPLES = 5;
  private static final int GUESSED_FROM = 300;
  private static final int MOST_COLUMNS = 500;

  private final LanguageGuess language;
  private final Predicate<String> isProduct;
  private final List<Look.Sample> first = new ArrayList<>();
  private final ScaleEvidence ratings = new ScaleEvidence();
  private final DateOrder.Evidence dates = new DateOrder.Evidence();
  private final Map<String, Integer> languages = new HashMap<>();
  private final Map<String, Integer> countries = new HashMap<>();
  private List<String> headings = List.of();
  private Map<Column, ColumnGuess.Guess> columns = Map.of();
  private boolean guessed;
  private long rows;
  private long broken;
  private String firstBroken = "";

  private Looking(LanguageGuess language, Predicate<String> isProduct) {
    this.language = language;
    this.isProduct = isProduct;
  }

  /** Looks through all of it; refuses what is not a file of rows. */
  static Look at(RowFile file, LanguageGuess language, Predicate<String> isProduct)
      throws IOException {
    long start = System.nanoTime();
    var looking = new Looking(language, isProduct);
    new CsvRows(file.rows(), Charset.forName(file.encoding()), file.delimiter(), file.isNumbered())
        .read(looking, () -> true);
    looking.guess();
    return looking.look(file, (System.nanoTime() - start) / 1e9);
  }

  private void refuseWhatHoldsNothing() {
    if (headings.isEmpty()) {
      throw Refusal.unusable(
          broken > 0
              ? "No line of it can be read: a quote opened in line 1 never closes."
              : "The file is empty.");
    }
    if (rows == 0) {
      throw Refusal.unusable(
          broken == 0
              ? "The file has headings but no rows under them."
              : "No row of it can be read. Line " + firstBroken + ".");
    }
    if (headings.size() == 1 && !columns.containsKey(Column.RATING)) {
      throw Refusal.unusable(
          "This is not a file of rows and columns: its first line has a single cell.");
    }
  }

  private Look look(RowFile file, double seconds) {
    refuseWhatHoldsNothing();
    var indexes = new EnumMap<Column, Integer>(Column.class);
    var bases = new EnumMap<Column, ColumnGuess.Basis>(Column.class);
    columns.forEach(
        (column, guess) -> {
          indexes.put(column, guess.index());
          bases.put(column, guess.basis());
        });
    return new Look(
        file.kind(),
        file.sheets(),
        file.sheet(),
        file.encoding(),
        String.valueOf(file.delimiter()),
        headings,
        indexes,
        bases,
        List.copyOf(first.subList(0, Math.min(SAMPLES, first.size()))),
        rows,
        broken,
        dates.order(),
        dates.because(),
        dates.unclear(),
        scale().worst(),
        scale().best(),
        ratings.highest(),
        Look.Counted.mostFirst(languages),
        Look.Counted.mostFirst(countries),
        seconds,
        null,
        null);
  }

  @Override
  public void row(long line, List<String> cells) {
    if (headings.isEmpty()) {
      if (cells.size() > MOST_COLUMNS) {
        throw Refusal.unusable(
            "This has more than " + MOST_COLUMNS + " columns, so it is no table of reviews.");
      }
      headings = cells;
      return;
    }
    rows++;
    if (!guessed) {
      first.add(new Look.Sample(line, cells));
      if (first.size() == GUESSED_FROM) {
        guess();
      }
      return;
    }
    weigh(cells);
  }

  /** Decides what the columns hold from the first rows, then weighs these as all others. */
  private void guess() {
    if (guessed) {
      return;
    }
    guessed = true;
    List<List<String>> cells = first.stream().map(Look.Sample::cells).toList();
    columns = ColumnGuess.of(headings, cells, isProduct);
    for (List<String> row : cells) {
      weigh(row);
      cell(row, Column.WORDS).stream()
          .flatMap(words -> language.of(words).stream())
          .forEach(found -> languages.merge(found, 1, Integer::sum));
      cell(row, Column.COUNTRY).stream()
          .flatMap(named -> CountryNames.code(named).stream())
          .forEach(found -> countries.merge(found, 1, Integer::sum));
    }
  }

  private void weigh(List<String> cells) {
    cell(cells, Column.DATE).forEach(dates::see);
    // a rating whose row names its scale says nothing of the others
    if (cell(cells, Column.BEST).stream().allMatch(String::isBlank)) {
      cell(cells, Column.RATING).forEach(ratings::see);
    }
  }

  /** What its ratings tell, but where they are stated in schema.org's terms. */
  private RatingScale scale() {
    ColumnGuess.Guess rating = columns.get(Column.RATING);
    boolean isVocabulary =
        rating != null
            && rating.index() < headings.size()
            && headings.get(rating.index()).equals(SchemaColumns.name(Column.RATING));
    return isVocabulary ? ScaleEvidence.ofVocabulary() : ratings.scale();
  }

  private List<String> cell(List<String> cells, Column column) {
    ColumnGuess.Guess guess = columns.get(column);
    return guess == null || guess.index() >= cells.size()
        ? List.of()
        : List.of(cells.get(guess.index()));
  }

  @Override
  public void broken(long line, String start, String reason) {
    if (broken++ == 0) {
      firstBroken = line + " " + reason;
    }
  }
}
