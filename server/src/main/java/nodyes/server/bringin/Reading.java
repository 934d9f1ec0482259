package nodyes.server.bringin;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.LongPredicate;
import nodyes.core.bringin.Candidate;
import nodyes.core.bringin.Column;
import nodyes.core.bringin.Fingerprint;
import nodyes.core.bringin.RowProblem;
import nodyes.core.bringin.RowReader;
import nodyes.core.bringin.Selection;
import nodyes.server.bringin.Chunk.Placed;
import nodyes.server.bringin.rows.CsvRows;
import nodyes.server.catalogue.ProductFinder;
import org.jspecify.annotations.Nullable;

/** One run through a file: rows become reviews, handed on in chunks. */
final class Reading implements CsvRows.Sink {
  private static final int CHUNK = 20_000;

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
  private final Chunk.Taker taker;

  private final List<Placed> placed = new ArrayList<>();
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
   * @param lines whether the row of a line is taken
   */
  Reading(
      RowReader rows,
      ProductFinder products,
      ProductFinder.@Nullable Found fixedProduct,
      Selection selection,
      LongPredicate lines,
      Checks checks,
      Chunk.Taker taker) {
    this.rows = rows;
    this.products = products;
    this.fixedProduct = Optional.ofNullable(fixedProduct);
    this.selection = selection;
    this.lines = lines;
    this.checks = checks;
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
      case RowReader.Outcome.Bad(List<RowProblem> found) -> {
        bad++;
        found.forEach(this::keep);
      }
    }
    if (placed.size() == CHUNK || characters > CHUNK_CHARACTERS) {
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
        fixedProduct.or(() -> review.product().flatMap(products::find));
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
    Candidate spoken = checks.withLanguage(review);
    if (!selection.takes(spoken) || !lines.test(review.line())) {
      notChosen++;
      return;
    }
    long productId = product.get().productId();
    Optional<String> sold = checks.variant(spoken, product.get());
    placed.add(
        new Placed(
            spoken, productId, sold, checks.flags(review, sold), fingerprint(productId, spoken)));
    characters += spoken.words().map(String::length).orElse(0);
  }

  /** Of 64 bits: among a million reviews the odds of two alike by chance are one in 20 million. */
  static long fingerprint(long productId, Candidate review) {
    String told = productId + "|" + Fingerprint.of(review);
    return ByteBuffer.wrap(digest().digest(told.getBytes(StandardCharsets.UTF_8))).getLong();
  }

  private static MessageDigest digest() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }

  private void keep(RowProblem problem) {
    if (problemsKept < MOST_PROBLEMS) {
      problemsKept++;
      problems.add(
          new ProblemLine(
              problem.line(),
              problem.column().map(Column::words).orElse(null),
              problem.value(),
              problem.reason()));
    }
  }

  private void handOn() {
    taker.take(new Chunk(List.copyOf(placed), List.copyOf(problems), rowsSeen, bad, notChosen));
    placed.clear();
    problems.clear();
    characters = 0;
  }

  /** Hands on what is left, and waits until all is done. */
  void end() {
    handOn();
    taker.await();
  }
}
