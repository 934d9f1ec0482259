package nodyes.server.feeds;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nodyes.server.catalogue.CatalogueImport;
import nodyes.server.orders.OrderImport;
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
    private static Outcome done(long taken, long gone, Wrong wrong) {
      return new Outcome(FeedRunState.DONE, taken, gone, wrong.inOrder(), wrong.count);
    }
  }

  /** What is wrong with the lines of a reading, the first of them kept. */
  private static final class Wrong {
    private final List<LineProblem> first = new ArrayList<>();
    private long count;

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

  Outcome orders(Path file) throws IOException {
    var wrong = new Wrong();
    long[] taken = {0};
    var taking = orders.taking();
    read(FeedKind.ORDERS, file, wrong, taken, taking);
    taking.end();
    return Outcome.done(taken[0], 0, wrong);
  }

  Outcome products(Path file, Extent extent) throws IOException {
    if (extent == Extent.ALL) {
      var looking = catalogue.looking();
      var wrong = new Wrong();
      long[] good = {0};
      boolean isRead = read(FeedKind.PRODUCTS, file, wrong, good, looking);
      CatalogueImport.Left left = catalogue.left(looking.slugs());
      if (isRead && left.isMany()) {
        return new Outcome(
            FeedRunState.NEEDS_APPROVAL, good[0], left.missing(), wrong.inOrder(), wrong.count);
      }
    }
    boolean namesAll = extent != Extent.SOME;
    var taking = namesAll ? catalogue.takingWhole() : catalogue.taking();
    var wrong = new Wrong();
    long[] taken = {0};
    boolean isRead = read(FeedKind.PRODUCTS, file, wrong, taken, taking);
    taking.end();
    // a product whose line is wrong is still sold; so is what a broken file would have named
    long gone =
        namesAll && isRead && wrong.count == 0 ? catalogue.leaveOutAllBut(taking.slugs()) : 0;
    taking.notes().forEach(wrong::add);
    return Outcome.done(taken[0], gone, wrong);
  }

  private boolean read(FeedKind kind, Path file, Wrong wrong, long[] taken, JsonLines.Taker taker)
      throws IOException {
    return lines.read(
        file,
        kind,
        (line, node) ->
            JsonLines.take(line, node, taker).ifPresentOrElse(wrong::add, () -> taken[0]++),
        wrong::add);
  }
}
