package nodyes.server.feeds;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import nodyes.server.catalogue.CatalogueImport;
import nodyes.server.orders.OrderImport;
import nodyes.server.orders.OrderTally;
import nodyes.server.web.JsonLines;
import nodyes.server.web.JsonLines.LineProblem;
import org.springframework.stereotype.Component;

/** Reads files of products or orders, line by line. */
@Component
class FeedReading {
  private static final int MOST_PROBLEMS = 500;

  private final SchemaOrgFeedReader lines;
  private final CatalogueImport catalogue;
  private final OrderImport orders;

  FeedReading(SchemaOrgFeedReader lines, CatalogueImport catalogue, OrderImport orders) {
    this.lines = lines;
    this.catalogue = catalogue;
    this.orders = orders;
  }

  /** How much of what the shop sells a file names. */
  enum Extent {
    /** Some products; the others stay. */
    SOME,
    /** All: others are no longer sold. A file that leaves many out is held for a look. */
    ALL,
    /** All, and the owner has looked. */
    ALL_APPROVED
  }

  /**
   * What came of a file.
   *
   * @param gone products that are no longer sold by it, or would be
   * @param problems the first of the lines that are wrong, in their order
   */
  record Outcome(
      FeedRunState state, long taken, long gone, List<LineProblem> problems, long wrong) {
    private static Outcome done(long gone, Counted wrong) {
      return new Outcome(FeedRunState.DONE, wrong.taken, gone, wrong.inOrder(), wrong.count);
    }
  }

  /** How many nodes were taken, and what is wrong with the other lines, the first of it kept. */
  private static final class Counted {
    private final List<LineProblem> first = new ArrayList<>();
    private long count;
    private long taken;

    void add(LineProblem problem) {
      count++;
      if (first.size() < MOST_PROBLEMS) {
        first.add(problem);
      }
    }

    List<LineProblem> inOrder() {
      return first.stream().sorted(Comparator.comparingLong(LineProblem::line)).toList();
    }
  }

  /**
   * Takes the orders of a file.
   *
   * @param within runs each piece of writing
   */
  Outcome orders(Path file, FeedChoices choices, Consumer<Runnable> within) throws IOException {
    var wrong = new Counted();
    var taking = orders.taking(within);
    try {
      read(FeedKind.ORDERS, file, choices, wrong, taking);
    } finally {
      taking.end();
    }
    return Outcome.done(0, wrong);
  }

  /**
   * What would come of a file; nothing is kept.
   *
   * @param tally what its good lines come to
   */
  record Trial<T>(T tally, long taken, List<LineProblem> problems, long wrong) {}

  Trial<OrderTally> tryOrders(Path file, FeedChoices choices) throws IOException {
    var wrong = new Counted();
    var looking = orders.looking();
    read(FeedKind.ORDERS, file, choices, wrong, looking);
    return new Trial<>(looking.tally(), wrong.taken, wrong.inOrder(), wrong.count);
  }

  Trial<ProductTally> tryProducts(Path file, FeedChoices choices) throws IOException {
    var wrong = new Counted();
    var looking = catalogue.looking();
    var tally = new ProductTally();
    JsonLines.Taker both =
        (line, node) -> {
          looking.take(line, node);
          tally.add(node);
        };
    read(FeedKind.PRODUCTS, file, choices, wrong, both);
    return new Trial<>(tally, wrong.taken, wrong.inOrder(), wrong.count);
  }

  /**
   * Takes the products of a file.
   *
   * @param within runs each piece of writing
   */
  Outcome products(Path file, FeedChoices choices, Extent extent, Consumer<Runnable> within)
      throws IOException {
    if (extent == Extent.ALL) {
      var looking = catalogue.looking();
      var wrong = new Counted();
      boolean isRead = read(FeedKind.PRODUCTS, file, choices, wrong, looking);
      CatalogueImport.Left left = catalogue.left(looking.slugs());
      if (isRead && left.isMany()) {
        return new Outcome(
            FeedRunState.NEEDS_APPROVAL, wrong.taken, left.missing(), wrong.inOrder(), wrong.count);
      }
    }
    boolean namesAll = extent != Extent.SOME;
    var taking = namesAll ? catalogue.takingWhole(within) : catalogue.taking(within);
    var wrong = new Counted();
    boolean isRead = read(FeedKind.PRODUCTS, file, choices, wrong, taking);
    taking.end();
    // a product whose line is wrong is still sold; so is what a broken file would have named
    var gone = new AtomicLong();
    if (namesAll && isRead && wrong.count == 0) {
      within.accept(() -> gone.set(catalogue.leaveOutAllBut(taking.slugs())));
    }
    taking.notes().forEach(wrong::add);
    return Outcome.done(gone.get(), wrong);
  }

  private boolean read(
      FeedKind kind, Path file, FeedChoices choices, Counted counted, JsonLines.Taker taker)
      throws IOException {
    return lines.read(
        file,
        kind,
        choices,
        (line, node) ->
            JsonLines.take(line, node, taker).ifPresentOrElse(counted::add, () -> counted.taken++),
        counted::add);
  }
}
