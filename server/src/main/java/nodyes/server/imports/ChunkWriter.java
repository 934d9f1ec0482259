package nodyes.server.imports;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import nodyes.core.imports.ImportedReview;
import nodyes.core.review.ReviewStatus;
import nodyes.server.database.Database;
import nodyes.server.imports.ImportChunk.Placed;
import nodyes.server.orders.Orders;
import nodyes.server.reviews.NewReview;
import nodyes.server.reviews.Reviews;
import org.springframework.stereotype.Component;

/**
 * Stores the chunks of one file, one behind the other, while the next is read. Each is one
 * transaction with the count of rows it reaches to, so that a reading that was cut off at any
 * moment goes on behind the last stored row.
 */
final class ChunkWriter implements ImportChunk.Taker, AutoCloseable {
  private final Target target;
  private final Database database;
  private final Reviews reviews;
  private final Orders orders;
  private final ImportStore store;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(Thread.ofPlatform().name("bring-in-store").factory());
  private Future<?> last = CompletableFuture.completedFuture(null);
  private volatile ImportCounts stored;

  /**
   * What is stored for whom.
   *
   * @param source what the reviews are said to be from
   * @param before what is stored of it so far
   */
  record Target(
      long batch, String source, ImportCounts before, ImportOptions choices, Instant now) {}

  private ChunkWriter(Target target, Stores stores) {
    this.target = target;
    this.stored = target.before();
    this.database = stores.database;
    this.reviews = stores.reviews;
    this.orders = stores.orders;
    this.store = stores.imports;
  }

  /** Where chunks are stored. */
  @Component
  static class Stores {
    private final Database database;
    private final Reviews reviews;
    private final Orders orders;
    private final ImportStore imports;

    Stores(Database database, Reviews reviews, Orders orders, ImportStore imports) {
      this.database = database;
      this.reviews = reviews;
      this.orders = orders;
      this.imports = imports;
    }

    ChunkWriter open(Target target) {
      return new ChunkWriter(target, this);
    }
  }

  /** Stores a chunk behind the one before it; waits for that one, so that one is on its way. */
  @Override
  public void take(ImportChunk chunk) {
    await();
    last = worker.submit(() -> database.change(_ -> write(chunk)));
  }

  @Override
  public void await() {
    try {
      last.get();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("stopped while storing", e);
    } catch (ExecutionException e) {
      throw new IllegalStateException("could not store", e.getCause());
    }
  }

  @Override
  public ImportCounts counts() {
    return stored;
  }

  @Override
  public void close() {
    worker.close();
  }

  private void write(ImportChunk chunk) {
    Map<Long, ReviewStatus> known = reviews.known(chunk.fingerprints());
    Map<String, Set<Long>> ordered = orders.products(chunk.orders());
    var seen = new HashSet<Long>();
    var fresh = new ArrayList<NewReview>();
    var woken = new HashSet<Long>();
    long hereAlready = 0;
    long leftOutBefore = 0;
    boolean takesLeftOut = Boolean.TRUE.equals(target.choices().handling().takesLeftOut());
    for (Placed placed : chunk.reviews()) {
      switch (RowOutcome.of(placed, known, seen, takesLeftOut)) {
        case RESTORED -> woken.add(placed.fingerprint());
        case PREVIOUSLY_LEFT_OUT -> leftOutBefore++;
        case DUPLICATE -> hereAlready++;
        case NEW -> fresh.add(fresh(placed, ordered));
      }
    }
    reviews.add(fresh);
    reviews.wake(woken, target.batch());
    ImportCounts reached =
        new ImportCounts(
            chunk.rowsSeen(),
            stored.imported() + fresh.size() + woken.size(),
            chunk.unreadable(),
            stored.duplicates() + hereAlready,
            stored.leftOutBefore() + leftOutBefore,
            chunk.notSelected());
    store.progress(target.batch(), reached, chunk.problems());
    stored = reached;
  }

  private NewReview fresh(Placed placed, Map<String, Set<Long>> ordered) {
    ImportedReview review = placed.review();
    Optional<String> order =
        review
            .source()
            .order()
            .filter(number -> ordered.getOrDefault(number, Set.of()).contains(placed.productId()));
    return new NewReview(
        review,
        placed.productId(),
        placed.variant(),
        review.writer().name().flatMap(target.choices().handling().nameFormOrAsGiven()::of),
        order,
        Optional.of(target.source()),
        target.batch(),
        placed.flags(),
        placed.fingerprint(),
        target.now());
  }
}
