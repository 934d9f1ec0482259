package nodyes.server.bringin;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.bringin.Candidate;
import nodyes.core.bringin.Column;
import nodyes.core.bringin.Fingerprint;
import nodyes.core.bringin.RowProblem;
import nodyes.core.bringin.RowReader;
import nodyes.core.review.ReviewState;
import nodyes.server.bringin.BatchStore.Counts;
import nodyes.server.catalogue.ProductFinder;
import nodyes.server.orders.Orders;
import nodyes.server.reviews.NewReview;
import nodyes.server.reviews.Reviews;
import org.jspecify.annotations.Nullable;

/** One run through a file: rows become reviews in chunks, each chunk in one transaction. */
final class Reading implements CsvRows.Sink {
  private static final int CHUNK = 1000;
  private static final int FINGERPRINT_BYTES = 16;

  /** Most problems of a batch that are kept one by one; the others are counted. */
  static final int MOST_PROBLEMS = 5000;

  private final long batch;
  private final String source;
  private final RowReader rows;
  private final ProductFinder products;
  private final Optional<ProductFinder.Found> fixedProduct;
  private final Reviews reviews;
  private final Orders orders;
  private final BatchStore store;
  private final Instant now;
  private final MessageDigest digest;

  private final List<Placed> chunk = new ArrayList<>();
  private final List<ProblemLine> problems = new ArrayList<>();
  private final long rowsToSkip;
  private boolean headingsSeen;
  private long rowsSeen;
  private long taken;
  private long bad;
  private long hereAlready;
  private long leftOutBefore;
  private int problemsKept;

  private record Placed(Candidate review, ProductFinder.Found product, String fingerprint) {}

  Reading(
      long batch,
      String source,
      RowReader rows,
      ProductFinder products,
      ProductFinder.@Nullable Found fixedProduct,
      Reviews reviews,
      Orders orders,
      BatchStore store,
      Instant now,
      Counts before) {
    this.batch = batch;
    this.rowsToSkip = before.rowsSeen();
    this.taken = before.taken();
    this.bad = before.bad();
    this.hereAlready = before.hereAlready();
    this.leftOutBefore = before.leftOutBefore();
    this.source = source;
    this.rows = rows;
    this.products = products;
    this.fixedProduct = Optional.ofNullable(fixedProduct);
    this.reviews = reviews;
    this.orders = orders;
    this.store = store;
    this.now = now;
    try {
      this.digest = MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
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
    if (chunk.size() == CHUNK) {
      flush();
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
    byte[] hash = digest.digest(Fingerprint.of(review).getBytes(StandardCharsets.UTF_8));
    String fingerprint = HexFormat.of().formatHex(Arrays.copyOf(hash, FINGERPRINT_BYTES));
    chunk.add(new Placed(review, product.get(), fingerprint));
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

  /** Stores what is gathered. */
  void flush() {
    var keys = chunk.stream().map(Reading::key).toList();
    Map<Reviews.Known, ReviewState> known = reviews.known(keys);
    Map<String, Set<Long>> ordered =
        orders.products(
            chunk.stream().flatMap(placed -> placed.review().order().stream()).distinct().toList());
    var seen = new HashSet<Reviews.Known>();
    var fresh = new ArrayList<NewReview>();
    for (Placed placed : chunk) {
      ReviewState state = known.get(key(placed));
      if (state == ReviewState.LEFT_OUT) {
        leftOutBefore++;
      } else if (state != null || !seen.add(key(placed))) {
        hereAlready++;
      } else {
        fresh.add(fresh(placed, ordered));
      }
    }
    if (!fresh.isEmpty()) {
      reviews.add(fresh);
    }
    taken += fresh.size();
    store.progress(batch, counts(), problems);
    chunk.clear();
    problems.clear();
  }

  private NewReview fresh(Placed placed, Map<String, Set<Long>> ordered) {
    Candidate review = placed.review();
    long product = placed.product().productId();
    Optional<String> order =
        review.order().filter(number -> ordered.getOrDefault(number, Set.of()).contains(product));
    return new NewReview(
        review,
        product,
        review.variant().or(() -> placed.product().variant()),
        order,
        source,
        batch,
        placed.fingerprint(),
        now);
  }

  private static Reviews.Known key(Placed placed) {
    return new Reviews.Known(placed.product().productId(), placed.fingerprint());
  }

  Counts counts() {
    return new Counts(rowsSeen, taken, bad, hereAlready, leftOutBefore);
  }

  List<ProblemLine> problems() {
    return List.copyOf(problems);
  }
}
