package nodyes.core.rating;

import java.util.List;

/**
 * How many reviews count under each whole star.
 *
 * @param counts five counts, for 1 star first; none negative
 */
public record Histogram(List<Long> counts) {
  /** No reviews. */
  public static final Histogram EMPTY = new Histogram(List.of(0L, 0L, 0L, 0L, 0L));

  /** Throws {@link IllegalArgumentException} unless there are five counts, none negative. */
  public Histogram {
    counts = List.copyOf(counts);
    if (counts.size() != 5 || counts.stream().anyMatch(count -> count < 0)) {
      throw new IllegalArgumentException("a histogram has five counts, none negative");
    }
  }

  /** Reviews in all. */
  public long total() {
    long total = 0;
    for (long count : counts) {
      total += count;
    }
    return total;
  }

  /**
   * Whole percentages in the order of {@link #counts()} that add to 100, or all 0 where there are
   * no reviews. Largest remainder (Hamilton's method of apportionment): each share is rounded down
   * and the missing points go to the largest remainders, the higher star first where two are equal.
   */
  public List<Integer> percentages() {
    long total = total();
    if (total == 0) {
      return List.of(0, 0, 0, 0, 0);
    }
    // arrays and no comparators: every wall of every page asks for this
    var shares = new Integer[5];
    var remainders = new long[5];
    int given = 0;
    for (int i = 0; i < 5; i++) {
      shares[i] = (int) (counts.get(i) * 100 / total);
      remainders[i] = counts.get(i) * 100 % total;
      given += shares[i];
    }
    for (; given < 100; given++) {
      int largest = 4;
      for (int i = 3; i >= 0; i--) {
        if (remainders[i] > remainders[largest]) {
          largest = i;
        }
      }
      shares[largest]++;
      remainders[largest] = -1;
    }
    return List.of(shares);
  }
}
