package nodyes.server.imports;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.ReviewStatus;
import nodyes.server.catalogue.ProductFinder;
import nodyes.server.imports.ImportChunk.Placed;
import nodyes.server.reviews.Reviews;

/** Goes through a file as {@link ChunkWriter} does, and stores nothing: what would come of it. */
final class DryRun implements ImportChunk.Taker {
  private static final int LINES = 3;
  private static final int PROBLEMS = 100;
  private static final int SHOWN = 20;
  private static final int MOST_UNSOLD = 1000;
  private static final int UNSOLD_TOLD = 40;

  private final ImportOptions choices;
  private final Reviews reviews;
  private final ProductFinder products;
  private final Set<Long> seen = new HashSet<>();
  private final Map<ReviewFlag, ImportPreview.Marked> flags = new EnumMap<>(ReviewFlag.class);
  private final List<RowErrorView> problems = new ArrayList<>();
  private final List<Placed> shown = new ArrayList<>();
  private final Map<Named, Long> unsold = new HashMap<>();
  private final List<Long> hereLines = new ArrayList<>();
  private final List<Long> leftOutLines = new ArrayList<>();
  private ImportCounts counts = ImportCounts.NONE;

  private record Named(long productId, String variant) {}

  DryRun(ImportOptions choices, Reviews reviews, ProductFinder products) {
    this.choices = choices;
    this.reviews = reviews;
    this.products = products;
  }

  @Override
  public void take(ImportChunk chunk) {
    Map<Long, ReviewStatus> known = reviews.known(chunk.fingerprints());
    long usable = 0;
    long here = 0;
    long leftOut = 0;
    boolean takesLeftOut = Boolean.TRUE.equals(choices.handling().takesLeftOut());
    for (Placed placed : chunk.reviews()) {
      switch (RowOutcome.of(placed, known, seen, takesLeftOut)) {
        case PREVIOUSLY_LEFT_OUT -> {
          leftOut++;
          add(leftOutLines, placed.review().line());
        }
        case DUPLICATE -> {
          here++;
          add(hereLines, placed.review().line());
        }
        case NEW, RESTORED -> {
          usable++;
          mark(placed);
        }
      }
    }
    chunk.problems().stream().limit(PROBLEMS - problems.size()).forEach(problems::add);
    counts =
        new ImportCounts(
            chunk.rowsSeen(),
            counts.imported() + usable,
            chunk.unreadable(),
            counts.duplicates() + here,
            counts.leftOutBefore() + leftOut,
            chunk.notSelected());
  }

  private void mark(Placed placed) {
    if (shown.size() < SHOWN) {
      shown.add(placed);
    }
    if ((placed.flags() & ReviewFlag.VARIANT.bit()) != 0) {
      var named = new Named(placed.productId(), placed.review().variant().orElse(""));
      if (unsold.containsKey(named) || unsold.size() < MOST_UNSOLD) {
        unsold.merge(named, 1L, Long::sum);
      }
    }
    for (ReviewFlag flag : ReviewFlag.of(placed.flags())) {
      flags.merge(
          flag, new ImportPreview.Marked(flag, 1, List.of(placed.review().line())), DryRun::both);
    }
  }

  private static ImportPreview.Marked both(ImportPreview.Marked before, ImportPreview.Marked one) {
    var lines = new ArrayList<>(before.lines());
    add(lines, one.lines().getFirst());
    return new ImportPreview.Marked(before.flag(), before.reviews() + 1, List.copyOf(lines));
  }

  private static void add(List<Long> lines, long line) {
    if (lines.size() < LINES) {
      lines.add(line);
    }
  }

  @Override
  public void await() {}

  @Override
  public ImportCounts counts() {
    return counts;
  }

  ImportPreview trial(boolean asksPermission) {
    return new ImportPreview(
        counts.imported(),
        new ImportPreview.Unreadable(counts.unreadable(), List.copyOf(problems)),
        new ImportPreview.Duplicates(counts.duplicates(), List.copyOf(hereLines)),
        new ImportPreview.LeftOutBefore(counts.leftOutBefore(), List.copyOf(leftOutLines)),
        counts.notSelected(),
        List.copyOf(flags.values()),
        unsold.entrySet().stream()
            .sorted(Map.Entry.<Named, Long>comparingByValue().reversed())
            .limit(UNSOLD_TOLD)
            .map(
                named ->
                    new ImportPreview.Unsold(
                        named.getKey().variant(),
                        named.getValue(),
                        products.title(named.getKey().productId()),
                        products.variants(named.getKey().productId())))
            .toList(),
        shown.stream().map(placed -> ImportPreview.Shown.of(placed, choices)).toList(),
        asksPermission);
  }
}
