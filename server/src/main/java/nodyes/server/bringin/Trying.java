package nodyes.server.bringin;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.core.bringin.Flag;
import nodyes.core.review.ReviewState;
import nodyes.server.bringin.BatchStore.Counts;
import nodyes.server.bringin.Chunk.Placed;
import nodyes.server.catalogue.ProductFinder;
import nodyes.server.reviews.Reviews;

/** Goes through a file as {@link Storing} does, and stores nothing: what would come of it. */
final class Trying implements Chunk.Taker {
  private static final int LINES = 3;
  private static final int PROBLEMS = 100;
  private static final int SHOWN = 20;
  private static final int MOST_UNSOLD = 1000;
  private static final int UNSOLD_TOLD = 40;

  private final Choices choices;
  private final Reviews reviews;
  private final ProductFinder products;
  private final Set<Long> seen = new HashSet<>();
  private final Map<Flag, Trial.Marked> flags = new EnumMap<>(Flag.class);
  private final List<ProblemLine> problems = new ArrayList<>();
  private final List<Placed> shown = new ArrayList<>();
  private final Map<Named, Long> unsold = new HashMap<>();
  private final List<Long> hereLines = new ArrayList<>();
  private final List<Long> leftOutLines = new ArrayList<>();
  private Counts counts = Counts.NONE;

  private record Named(long productId, String variant) {}

  Trying(Choices choices, Reviews reviews, ProductFinder products) {
    this.choices = choices;
    this.reviews = reviews;
    this.products = products;
  }

  @Override
  public void take(Chunk chunk) {
    Map<Long, ReviewState> known = reviews.known(chunk.fingerprints());
    long usable = 0;
    long here = 0;
    long leftOut = 0;
    boolean takesLeftOut = Boolean.TRUE.equals(choices.takesLeftOut());
    for (Placed placed : chunk.reviews()) {
      switch (Fate.of(placed, known, seen, takesLeftOut)) {
        case LEFT_OUT -> {
          leftOut++;
          add(leftOutLines, placed.review().line());
        }
        case HERE -> {
          here++;
          add(hereLines, placed.review().line());
        }
        case FRESH, WOKEN -> {
          usable++;
          mark(placed);
        }
      }
    }
    chunk.problems().stream().limit(PROBLEMS - problems.size()).forEach(problems::add);
    counts =
        new Counts(
            chunk.rowsSeen(),
            counts.taken() + usable,
            chunk.bad(),
            counts.hereAlready() + here,
            counts.leftOutBefore() + leftOut,
            chunk.notChosen());
  }

  private void mark(Placed placed) {
    if (shown.size() < SHOWN) {
      shown.add(placed);
    }
    if ((placed.flags() & Flag.VARIANT.bit()) != 0) {
      var named = new Named(placed.productId(), placed.review().variant().orElse(""));
      if (unsold.containsKey(named) || unsold.size() < MOST_UNSOLD) {
        unsold.merge(named, 1L, Long::sum);
      }
    }
    for (Flag flag : Flag.of(placed.flags())) {
      flags.merge(flag, new Trial.Marked(flag, 1, List.of(placed.review().line())), Trying::both);
    }
  }

  private static Trial.Marked both(Trial.Marked before, Trial.Marked one) {
    var lines = new ArrayList<>(before.lines());
    add(lines, one.lines().getFirst());
    return new Trial.Marked(before.flag(), before.reviews() + 1, List.copyOf(lines));
  }

  private static void add(List<Long> lines, long line) {
    if (lines.size() < LINES) {
      lines.add(line);
    }
  }

  @Override
  public void await() {}

  @Override
  public Counts counts() {
    return counts;
  }

  Trial trial(boolean asksPermission) {
    return new Trial(
        counts.taken(),
        counts.bad(),
        List.copyOf(problems),
        counts.hereAlready(),
        List.copyOf(hereLines),
        counts.leftOutBefore(),
        List.copyOf(leftOutLines),
        counts.notChosen(),
        List.copyOf(flags.values()),
        unsold.entrySet().stream()
            .sorted(Map.Entry.<Named, Long>comparingByValue().reversed())
            .limit(UNSOLD_TOLD)
            .map(
                named ->
                    new Trial.Unsold(
                        named.getKey().variant(),
                        named.getValue(),
                        products.title(named.getKey().productId()),
                        products.variants(named.getKey().productId())))
            .toList(),
        shown.stream().map(placed -> Trial.Shown.of(placed, choices)).toList(),
        asksPermission);
  }
}
