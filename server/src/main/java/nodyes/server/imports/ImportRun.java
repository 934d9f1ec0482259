package nodyes.server.imports;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.imports.RowError;
import nodyes.core.imports.RowReader;
import nodyes.server.catalogue.ProductFinder;
import nodyes.server.imports.ImportChunk.Placed;
import nodyes.server.messages.Texts;
import nodyes.server.reviews.Fingerprints;
import nodyes.server.tabular.CsvRows;

/** One run through a file: rows become reviews, handed on in chunks. */
final class ImportRun implements CsvRows.Sink {
  /**
   * Read within two seconds or so: what a kill loses is read again, and progress is seen to move.
   */
  private static final int CHUNK = 8_000;

  /** A chunk of very long reviews is handed on sooner, so that memory stays bounded. */
  private static final int CHUNK_CHARACTERS = 8_000_000;

  /** Most problems of an import that are kept one by one; the others are counted. */
  static final int MOST_PROBLEMS = 5000;

  private final MendedReader rows;
  private final RowProducts products;
  private final Predicate<ImportedReview> selection;
  private final ReviewChecks checks;
  private final ImportChunk.Taker taker;

  private final List<OnProduct> found = new ArrayList<>();
  private final List<RowErrorView> problems = new ArrayList<>();
  private final long rowsToSkip;
  private boolean headingsSeen;
  private long characters;
  private long rowsSeen;
  private long bad;
  private long notChosen;
  private int problemsKept;

  /**
   * A run.
   *
   * @param selection whether a good row is taken
   */
  ImportRun(
      MendedReader rows,
      RowProducts products,
      Predicate<ImportedReview> selection,
      ReviewChecks checks,
      ImportChunk.Taker taker) {
    this.rows = rows;
    this.products = products;
    this.selection = selection;
    this.checks = checks;
    this.taker = taker;
    this.rowsToSkip = taker.counts().rowsSeen();
    this.bad = taker.counts().unreadable();
    this.notChosen = taker.counts().notSelected();
  }

  @Override
  public void row(long line, List<String> cells) {
    if (!headingsSeen) {
      headingsSeen = true;
      return;
    }
    rowsSeen++;
    if (rowsSeen <= rowsToSkip) {
      return; // taken before a restart
    }
    switch (rows.read(line, cells)) {
      case RowReader.RowResult.Parsed(ImportedReview review) -> place(review);
      case RowReader.RowResult.Failed(List<RowError> wrong) -> {
        bad++;
        wrong.forEach(this::keep);
      }
    }
    if (found.size() == CHUNK || characters > CHUNK_CHARACTERS) {
      handOn();
    }
  }

  @Override
  public void broken(long line, String start, String reason) {
    rowsSeen++;
    if (rowsSeen <= rowsToSkip) {
      return;
    }
    bad++;
    keep(new RowErrorView(line, null, RowError.shortened(start), reason, null, List.of()));
  }

  private void place(ImportedReview review) {
    Optional<ProductFinder.Found> product = products.of(review);
    if (product.isEmpty()) {
      bad++;
      keep(RowProducts.missing(review));
      return;
    }
    found.add(new OnProduct(review, product.get()));
    characters += review.text().body().map(String::length).orElse(0);
  }

  /** A good row with its product; whether it is chosen is seen with the others of its chunk. */
  private record OnProduct(ImportedReview review, ProductFinder.Found product) {}

  private Optional<Placed> chosen(OnProduct row) {
    ImportedReview spoken = checks.withLanguage(row.review());
    if (!selection.test(spoken)) {
      return Optional.empty();
    }
    long productId = row.product().productId();
    Optional<String> sold = checks.variant(spoken, row.product());
    return Optional.of(
        new Placed(
            spoken,
            productId,
            sold,
            checks.flags(row.review(), row.product(), sold),
            Fingerprints.of(productId, spoken)));
  }

  private void keep(RowError problem) {
    keep(
        new RowErrorView(
            problem.line(),
            problem.column().map(ReviewColumn::words).orElse(null),
            problem.value(),
            Texts.text(problem.reason()),
            problem.column().orElse(null),
            problem.column().equals(Optional.of(ReviewColumn.PRODUCT))
                ? products.products().nearest(problem.value())
                : List.of()));
  }

  private void keep(RowErrorView problem) {
    if (problemsKept < MOST_PROBLEMS) {
      problemsKept++;
      problems.add(problem);
    }
  }

  /** What takes long, telling languages, is done for the rows of a chunk side by side. */
  private void handOn() {
    List<Placed> placed =
        found.parallelStream().map(this::chosen).flatMap(Optional::stream).toList();
    notChosen += found.size() - placed.size();
    taker.take(new ImportChunk(placed, List.copyOf(problems), rowsSeen, bad, notChosen));
    found.clear();
    problems.clear();
    characters = 0;
  }

  /** Hands on what is left, and waits until all is done. */
  void end() {
    handOn();
    taker.await();
  }
}
