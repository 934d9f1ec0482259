package nodyes.core.rating;

import java.util.ArrayList;
import java.util.Comparator;
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
    return counts.stream().mapToLong(Long::longValue).sum();
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
    var shares = new ArrayList<Integer>();
    var byRemainder = new ArrayList<Integer>();
    int given = 0;
    for (int i = 0; i < 5; i++) {
      int share = (int) (counts.get(i) * 100 / total);
      shares.add(share);
      given += share;
      byRemainder.add(i);
    }
    byRemainder.sort(
        Comparator.<Integer>comparingLong(i -> counts.get(i) * 100 % total)
            .reversed()
            .thenComparing(Comparator.reverseOrder()));
    for (int i = 0; i < 100 - given; i++) {
      int star = byRemainder.get(i);
      shares.set(star, shares.get(star) + 1);
    }
    return List.copyOf(shares);
  }
}
