package nodyes.server.bringin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.LongPredicate;
import nodyes.core.bringin.Candidate;
import nodyes.core.bringin.Column;
import nodyes.core.bringin.RowProblem;
import nodyes.core.bringin.RowReader;
import nodyes.core.bringin.Selection;
import nodyes.server.bringin.Chunk.Placed;
import nodyes.server.catalogue.ProductFinder;
import nodyes.server.reviews.Fingerprints;
import nodyes.server.rows.CsvRows;
import org.jspecify.annotations.Nullable;

/** One run through a file: rows become reviews, handed on in chunks. */
final class Reading implements CsvRows.Sink {
  /**
   * Read within two seconds or so: what a kill loses is read again, and progress is seen to move.
   */
  private static final int CHUNK = 8_000;

  /** A chunk of very long reviews is handed on sooner, so that memory stays bounded. */
  private static final int CHUNK_CHARACTERS = 8_000_000;

  /** Most problems of a batch that are kept one by one; the others are counted. */
  static final int MOST_PROBLEMS = 5000;

  private final RowReader rows;
  private final ProductFinder products;
  private final Optional<ProductFinder.Found> fixedProduct;
  private final Selection selection;
  private final LongPredicate lines;
  private final Checks checks;
  private final Choices choices;
  private final Chunk.Taker taker;

  private final List<OnProduct> found = new ArrayList<>();
  private final List<ProblemLine> problems = new ArrayList<>();
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
   * @param fixedProduct the product of all rows; null to let each row name it
   * @param choices what texts of its columns mean
   * @param lines whether the row of a line is taken
   */
  Reading(
      RowReader rows,
      ProductFinder products,
      ProductFinder.@Nullable Found fixedProduct,
      Selection selection,
      LongPredicate lines,
      Checks checks,
      Choices choices,
      Chunk.Taker taker) {
    this.rows = rows;
    this.products = products;
    this.fixedProduct = Optional.ofNullable(fixedProduct);
    this.selection = selection;
    this.lines = lines;
    this.checks = checks;
    this.choices = choices;
    this.taker = taker;
    this.rowsToSkip = taker.counts().rowsSeen();
    this.bad = taker.counts().bad();
    this.notChosen = taker.counts().notChosen();
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
      case RowReader.Outcome.Good(Candidate review) -> place(review);
      case RowReader.Outcome.Bad(List<RowProblem> wrong) -> {
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
    keep(new RowProblem(line, Optional.empty(), start, reason));
  }

  private void place(Candidate review) {
    Optional<ProductFinder.Found> product =
        fixedProduct.or(
            () ->
                review
                    .product()
                    .map(text -> choices.meant(Column.PRODUCT, text))
                    .flatMap(products::find));
    if (product.isEmpty()) {
      bad++;
      String named = review.product().orElse("");
      keep(
          new RowProblem(
              review.line(),
              Optional.of(Column.PRODUCT),
              named,
              named.isEmpty() ? "names no product" : "no such product in the catalogue"));
      return;
    }
    found.add(new OnProduct(review, product.get()));
    characters += review.words().map(String::length).orElse(0);
  }

  /** A good row with its product; whether it is chosen is seen with the others of its chunk. */
  private record OnProduct(Candidate review, ProductFinder.Found product) {}

  private Optional<Placed> chosen(OnProduct row) {
    Candidate spoken = checks.withLanguage(row.review());
    if (!selection.takes(spoken) || !lines.test(spoken.line())) {
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

  private void keep(RowProblem problem) {
    if (problemsKept < MOST_PROBLEMS) {
      problemsKept++;
      problems.add(
          new ProblemLine(
              problem.line(),
              problem.column().map(Column::words).orElse(null),
              problem.value(),
              problem.reason(),
              problem.column().equals(Optional.of(Column.PRODUCT))
                  ? products.nearest(problem.value())
                  : List.of()));
    }
  }

  /** What takes long, telling languages, is done for the rows of a chunk side by side. */
  private void handOn() {
    List<Placed> placed =
        found.parallelStream().map(this::chosen).flatMap(Optional::stream).toList();
    notChosen += found.size() - placed.size();
    taker.take(new Chunk(placed, List.copyOf(problems), rowsSeen, bad, notChosen));
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
