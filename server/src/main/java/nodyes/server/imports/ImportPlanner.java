package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.Charset;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.LongPredicate;
import nodyes.core.common.Slug;
import nodyes.core.imports.ImportFilter;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.RowReader;
import nodyes.core.rating.RatingScale;
import nodyes.core.review.ReviewDate;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.ProductFinder;
import nodyes.server.reviews.Reviews;
import nodyes.server.shop.ShopClock;
import nodyes.server.tabular.CsvRows;
import nodyes.server.tabular.FileKind;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/** Makes of what was found in a file, and what the owner chose, a way to read it. */
@Component
class ImportPlanner {
  private static final int MOST_CHOSEN = 1_000_000;
  private static final int LONGEST_CRITERION = 60;

  private final Catalogue catalogue;
  private final ShopClock clock;
  private final LanguageDetector guess;
  private final ImportFiles files;

  ImportPlanner(Catalogue catalogue, ShopClock clock, LanguageDetector guess, ImportFiles files) {
    this.files = files;
    this.catalogue = catalogue;
    this.clock = clock;
    this.guess = guess;
  }

  /** Refuses choices that cannot be followed. */
  void check(FileInspection look, ImportOptions choices) {
    reader(look, choices);
    fixedProduct(choices);
    selection(choices);
    String unclear = Optional.ofNullable(look.dates().dateUnclear()).orElse("");
    if (!unclear.isEmpty() && choices.reading().dateOrder() == null && readsDates(look, choices)) {
      throw ApiProblem.unusable(text("imports.dayOrMonthFirst", "unclear", unclear));
    }
  }

  private static boolean readsDates(FileInspection look, ImportOptions choices) {
    Integer asked = columns(look, choices).get(ReviewColumn.DATE);
    return asked != null && asked.equals(look.guessed().columns().get(ReviewColumn.DATE));
  }

  private static Map<ReviewColumn, Integer> columns(FileInspection look, ImportOptions choices) {
    return Optional.ofNullable(choices.columns()).orElse(look.guessed().columns());
  }

  private static Map<Integer, String> criteria(FileInspection look, ImportOptions choices) {
    return Optional.ofNullable(choices.criteria())
        .or(() -> Optional.ofNullable(look.guessed().criteria()))
        .orElse(Map.of());
  }

  /** Rows as they are to be read: as text, and with all stars of single things in one cell. */
  private static CsvRows.Sink cells(CsvRows.Sink sink, FileInspection look, ImportOptions choices) {
    CsvRows.Sink whole =
        CriteriaCells.before(
            sink, criteria(look, choices), columns(look, choices), look.headings().size());
    return CellText.of(whole, look, choices);
  }

  /** Goes through a kept file; what is good goes to the taker. */
  void run(ImportView batch, ImportOptions choices, ImportChunk.Taker taker, BooleanSupplier goOn)
      throws IOException {
    FileInspection look = batch.inspection();
    CsvRows file = rows(batch);
    ProductFinder products = catalogue.finder();
    var reader = new MendedReader(reader(look, choices), choices);
    ImportFilter selection = selection(choices);
    LongPredicate lines =
        newest(sink -> file.read(cells(sink, look, choices), goOn), reader, selection, choices);
    var reading =
        new ImportRun(
            reader,
            new RowProducts(products, fixedProduct(choices), choices),
            review -> selection.takes(review) && lines.test(review.line()),
            new ReviewChecks(guess, products, choices, clock.today()),
            taker);
    file.read(cells(reading, look, choices), goOn);
    if (goOn.getAsBoolean()) {
      reading.end();
    }
  }

  private CsvRows rows(ImportView batch) {
    FileInspection look = batch.inspection();
    return new CsvRows(
        files.rows(batch.id()),
        Charset.forName(look.form().encoding()),
        look.form().delimiter().charAt(0),
        look.kind() != FileKind.CSV);
  }

  /** Writes what cannot be read of a kept file, with the reasons, as a table. */
  void faults(ImportView batch, ImportOptions choices, OutputStream out) throws IOException {
    FileInspection look = batch.inspection();
    var products = new RowProducts(catalogue.finder(), fixedProduct(choices), choices);
    try (var writing =
        new FaultyRows(new MendedReader(reader(look, choices), choices), products, out)) {
      rows(batch).read(cells(writing, look, choices), () -> true);
    }
  }

  /** What would come of a file. */
  DryRun dryRun(ImportOptions choices, Reviews reviews) {
    return new DryRun(choices, reviews, catalogue.finder());
  }

  private RowReader reader(FileInspection look, ImportOptions choices) {
    Map<ReviewColumn, Integer> columns = columns(look, choices);
    if (!columns.containsKey(ReviewColumn.RATING)) {
      throw ApiProblem.unusable(text("imports.chooseRatingColumn"));
    }
    if (choices.product() == null && !columns.containsKey(ReviewColumn.PRODUCT)) {
      throw ApiProblem.unusable(text("imports.chooseProduct"));
    }
    for (int column : columns.values()) {
      if (column < 0 || column >= look.headings().size()) {
        throw ApiProblem.unusable(text("imports.noSuchColumn", "column", (column + 1)));
      }
    }
    Map<Integer, String> criteria = criteria(look, choices);
    for (Map.Entry<Integer, String> one : criteria.entrySet()) {
      if (one.getKey() < 0 || one.getKey() >= look.headings().size()) {
        throw ApiProblem.unusable(text("imports.noSuchColumn", "column", (one.getKey() + 1)));
      }
      if (one.getValue().isBlank() || one.getValue().length() > LONGEST_CRITERION) {
        throw ApiProblem.unusable(text("imports.criterionName", "most", LONGEST_CRITERION));
      }
    }
    if (!criteria.isEmpty()) {
      columns = new EnumMap<>(columns);
      columns.put(ReviewColumn.CRITERIA, look.headings().size());
    }
    var worst = Optional.ofNullable(choices.reading().worst()).orElse(look.scale().worst());
    var best = Optional.ofNullable(choices.reading().best()).orElse(look.scale().best());
    if (best.compareTo(worst) <= 0) {
      throw ApiProblem.unusable(text("imports.scaleUpsideDown"));
    }
    ZoneId zone = clock.zone();
    return new RowReader(
        columns,
        new RatingScale(worst, best),
        Optional.ofNullable(choices.reading().dateOrder()).orElse(look.dates().dateOrder()),
        zone,
        Optional.ofNullable(choices.reading().countedFrom()));
  }

  private Optional<ProductFinder.Found> fixedProduct(ImportOptions choices) {
    String product = choices.product();
    if (product == null) {
      return Optional.empty();
    }
    Optional<ProductFinder.Found> found =
        Slug.parse(product)
            .flatMap(catalogue::id)
            .map(id -> new ProductFinder.Found(id, Optional.empty()));
    if (found.isEmpty()) {
      throw ApiProblem.unusable(text("imports.productNotInCatalogue", "product", product));
    }
    return found;
  }

  private static ImportFilter selection(ImportOptions choices) {
    ImportOptions.Selection chosen = choices.selection();
    if (chosen.most() != null && (chosen.most() < 1 || chosen.most() > MOST_CHOSEN)) {
      throw ApiProblem.unusable(text("imports.howMany"));
    }
    return new ImportFilter(
        Optional.ofNullable(chosen.stars()).orElse(Set.of()),
        Optional.ofNullable(chosen.countries()).orElse(Set.of()),
        Optional.ofNullable(chosen.languages()).orElse(Set.of()),
        Boolean.TRUE.equals(chosen.withWords()),
        Boolean.TRUE.equals(chosen.withPictures()));
  }

  /** The rows of a file. */
  @FunctionalInterface
  private interface Rows {
    void read(CsvRows.Sink sink) throws IOException;
  }

  private record Dated(LocalDate day, long line) {}

  /** The lines of the newest chosen rows; found in a run of its own, as files come in any order. */
  private static LongPredicate newest(
      Rows rows, MendedReader reader, ImportFilter selection, ImportOptions choices)
      throws IOException {
    if (choices.selection().most() == null) {
      return _ -> true;
    }
    int most = choices.selection().most();
    var oldestFirst =
        new PriorityQueue<Dated>(
            Comparator.comparing(Dated::day)
                .thenComparing(Comparator.comparingLong(Dated::line).reversed()));
    CsvRows.Sink dating =
        new CsvRows.Sink() {
          private boolean headingsSeen;

          @Override
          public void row(long line, List<String> cells) {
            if (headingsSeen
                && reader.read(line, cells)
                    instanceof RowReader.RowResult.Parsed(ImportedReview review)
                && selection.takes(review)) {
              oldestFirst.add(
                  new Dated(
                      review.source().reviewedOn().map(ReviewDate::earliest).orElse(LocalDate.MIN),
                      line));
              if (oldestFirst.size() > most) {
                oldestFirst.poll();
              }
            }
            headingsSeen = true;
          }

          @Override
          public void broken(long line, String start, String reason) {}
        };
    rows.read(dating);
    var lines = new HashSet<Long>();
    oldestFirst.forEach(dated -> lines.add(dated.line()));
    return lines::contains;
  }
}
