package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.nio.charset.Charset;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nodyes.core.imports.ColumnDetector;
import nodyes.core.imports.CountryNames;
import nodyes.core.imports.CriterionColumns;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.DoubleEncoding;
import nodyes.core.imports.MonthParser;
import nodyes.core.imports.RatingScaleDetector;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.RowError;
import nodyes.core.imports.TableKind;
import nodyes.core.rating.RatingScale;
import nodyes.server.tabular.CsvRows;
import nodyes.server.tabular.RowFile;
import nodyes.server.tabular.SchemaColumns;
import nodyes.server.web.ApiProblem;

/** Looks through a file before any of it is stored. */
final class FileInspector implements CsvRows.Sink {
  private static final int SAMPLES = 5;
  private static final int GUESSED_FROM = 300;
  private static final int MOST_COLUMNS = 500;

  private final LanguageDetector language;
  private final Predicate<String> isProduct;
  private final Predicate<String> isCriterion;
  private final List<FileInspection.Sample> first = new ArrayList<>();
  private final RatingScaleDetector ratings = new RatingScaleDetector();
  private final DateOrder.Evidence dates = new DateOrder.Evidence();
  private final Map<String, Integer> languages = new HashMap<>();
  private final Map<String, Integer> countries = new HashMap<>();
  private List<String> headings = List.of();
  private Map<ReviewColumn, ColumnDetector.ColumnMatch> columns = Map.of();
  private boolean guessed;
  private long rows;
  private long broken;
  private String firstBroken = "";
  private Optional<TableKind> looksLike = Optional.empty();
  private long doubled;
  private String asWritten = "";
  private String asMeant = "";
  private final Map<Integer, FileInspection.Ago> agos = new TreeMap<>();
  private List<Integer> agoColumns = List.of();
  private Map<Integer, String> criteria = Map.of();

  private FileInspector(
      LanguageDetector language, Predicate<String> isProduct, Predicate<String> isCriterion) {
    this.language = language;
    this.isProduct = isProduct;
    this.isCriterion = isCriterion;
  }

  /** Looks through all of it; refuses what is not a file of rows. */
  static FileInspection at(
      RowFile file,
      LanguageDetector language,
      Predicate<String> isProduct,
      Predicate<String> isCriterion)
      throws IOException {
    long start = System.nanoTime();
    var looking = new FileInspector(language, isProduct, isCriterion);
    new CsvRows(file.rows(), Charset.forName(file.encoding()), file.delimiter(), file.isNumbered())
        .read(looking, () -> true);
    looking.guess();
    return looking.look(file, (System.nanoTime() - start) / 1e9);
  }

  private void refuseWhatHoldsNothing() {
    if (headings.isEmpty()) {
      throw ApiProblem.unusable(
          broken > 0 ? text("imports.openQuote") : text("problems.fileEmpty"));
    }
    if (rows == 0) {
      throw ApiProblem.unusable(
          broken == 0
              ? text("imports.headingsOnly")
              : text("imports.noReadableRow", "broken", firstBroken));
    }
    if (headings.size() == 1 && !columns.containsKey(ReviewColumn.RATING)) {
      throw ApiProblem.unusable(text("imports.notATable"));
    }
  }

  private FileInspection look(RowFile file, double seconds) {
    refuseWhatHoldsNothing();
    var indexes = new EnumMap<ReviewColumn, Integer>(ReviewColumn.class);
    var bases = new EnumMap<ReviewColumn, ColumnDetector.MatchBasis>(ReviewColumn.class);
    columns.forEach(
        (column, guess) -> {
          indexes.put(column, guess.index());
          bases.put(column, guess.basis());
        });
    return new FileInspection(
        file.kind(),
        new FileInspection.Form(
            file.sheets(),
            file.sheet(),
            file.encoding(),
            String.valueOf(file.delimiter()),
            doubled == 0 ? null : new FileInspection.Doubled(doubled, asWritten, asMeant)),
        headings,
        new FileInspection.Guessed(
            indexes, bases, criteria.isEmpty() ? null : criteria, looksLike.orElse(null)),
        new FileInspection.FoundRows(
            List.copyOf(first.subList(0, Math.min(SAMPLES, first.size()))), rows, broken),
        new FileInspection.Dates(
            dates.order(),
            dates.because(),
            dates.unclear(),
            agos.isEmpty() ? null : List.copyOf(agos.values())),
        new FileInspection.Scale(scale().worst(), scale().best(), ratings.highest()),
        new FileInspection.Spread(
            FileInspection.Counted.mostFirst(languages),
            FileInspection.Counted.mostFirst(countries)),
        seconds,
        FileInspection.Memory.NONE);
  }

  @Override
  public void row(long line, List<String> cells) {
    if (headings.isEmpty()) {
      if (cells.size() > MOST_COLUMNS) {
        throw ApiProblem.unusable(text("imports.tooManyColumns", "most", MOST_COLUMNS));
      }
      headings = cells;
      return;
    }
    rows++;
    lookForDoubled(cells);
    if (!guessed) {
      first.add(new FileInspection.Sample(line, cells));
      if (first.size() == GUESSED_FROM) {
        guess();
      }
      return;
    }
    weigh(cells);
  }

  private void lookForDoubled(List<String> cells) {
    for (String cell : cells) {
      String mended = DoubleEncoding.mended(cell);
      if (!mended.equals(cell)) {
        if (doubled++ == 0) {
          asWritten = RowError.shortened(cell);
          asMeant = RowError.shortened(mended);
        }
        return;
      }
    }
  }

  /** Decides what the columns hold from the first rows, then weighs these as all others. */
  private void guess() {
    if (guessed) {
      return;
    }
    guessed = true;
    List<List<String>> cells = first.stream().map(FileInspection.Sample::cells).toList();
    columns = ColumnDetector.of(headings, cells, isProduct);
    agoColumns =
        IntStream.range(0, headings.size())
            .filter(
                column ->
                    cells.stream()
                        .filter(row -> column < row.size())
                        .anyMatch(row -> MonthParser.isAgo(row.get(column))))
            .boxed()
            .toList();
    looksLike = TableKind.of(headings).filter(kind -> kind != TableKind.REVIEWS);
    if (looksLike.isPresent()) {
      // a quantity or a stock may look like a rating; where nothing else does, nothing is one
      var all = new EnumMap<ReviewColumn, ColumnDetector.ColumnMatch>(columns);
      all.remove(ReviewColumn.RATING);
      columns = all;
    }
    criteria =
        looksLike.isPresent()
            ? Map.of()
            : CriterionColumns.of(
                headings,
                cells,
                columns.values().stream()
                    .map(ColumnDetector.ColumnMatch::index)
                    .collect(Collectors.toSet()),
                isCriterion);
    for (List<String> row : cells) {
      weigh(row);
      cell(row, ReviewColumn.WORDS).stream()
          .flatMap(words -> language.of(words).stream())
          .forEach(found -> languages.merge(found, 1, Integer::sum));
      cell(row, ReviewColumn.COUNTRY).stream()
          .flatMap(named -> CountryNames.code(named).stream())
          .forEach(found -> countries.merge(found, 1, Integer::sum));
    }
  }

  private void weigh(List<String> cells) {
    cell(cells, ReviewColumn.DATE).forEach(dates::see);
    for (int column : agoColumns) {
      if (column < cells.size() && MonthParser.isAgo(cells.get(column))) {
        agos.merge(
            column,
            new FileInspection.Ago(column, 1, cells.get(column).strip()),
            (before, _) -> new FileInspection.Ago(column, before.rows() + 1, before.example()));
      }
    }
    // a rating whose row names its scale says nothing of the others
    if (cell(cells, ReviewColumn.BEST).stream().allMatch(String::isBlank)) {
      cell(cells, ReviewColumn.RATING).forEach(ratings::see);
    }
  }

  /** What its ratings tell, but where they are stated in schema.org's terms. */
  private RatingScale scale() {
    ColumnDetector.ColumnMatch rating = columns.get(ReviewColumn.RATING);
    boolean isVocabulary =
        rating != null
            && rating.index() < headings.size()
            && headings.get(rating.index()).equals(SchemaColumns.name(ReviewColumn.RATING));
    return isVocabulary ? RatingScaleDetector.ofVocabulary() : ratings.scale();
  }

  private List<String> cell(List<String> cells, ReviewColumn column) {
    ColumnDetector.ColumnMatch guess = columns.get(column);
    return guess == null || guess.index() >= cells.size()
        ? List.of()
        : List.of(cells.get(guess.index()));
  }

  @Override
  public void broken(long line, String start, String reason) {
    if (broken++ == 0) {
      firstBroken = line + ": " + reason;
    }
  }
}
