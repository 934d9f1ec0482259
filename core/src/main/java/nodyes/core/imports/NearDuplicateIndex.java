package nodyes.core.imports;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;

/**
 * Finds, among the reviews of one product, those that are nearly the same as an earlier one. Each
 * text is filed under {@value #BANDS} pairs of min-hashes of its shingles (Broder 1997, 'On the
 * resemblance and containment of documents'; pairs as in locality-sensitive hashing, Indyk and
 * Motwani 1998). Two texts share a min-hash with a chance equal to their resemblance, so two of 0.8
 * meet under at least one pair but for a chance of (1 - 0.8^2)^10 = 0.00004, while two that share a
 * tenth of their shingles meet with a chance of 0.1 only. Those that meet are compared exactly.
 */
public final class NearDuplicateIndex {
  /** Most texts that are looked at together; the others behind them are left out. */
  public static final int MOST = 1 << 20;

  private static final int BANDS = 10;

  /** Most earlier texts that are compared with one: a phrase that all use is no sign. */
  private static final int MOST_COMPARED = 20;

  private static final long[] SALTS =
      LongStream.rangeClosed(1, 2L * BANDS).map(ShingleSimilarity::mixed).toArray();

  private final List<Text> texts;
  private final long[][] shingles;

  /** By text, the earliest that it nearly repeats; itself where there is none. */
  private final int[] earliest;

  private NearDuplicateIndex(List<Text> texts) {
    this.texts = texts.subList(0, Math.min(MOST, texts.size()));
    shingles =
        this.texts.stream()
            .map(text -> ShingleSimilarity.shingles(text.text()))
            .toArray(long[][]::new);
    earliest = new int[shingles.length];
    Arrays.setAll(earliest, i -> i);
  }

  /**
   * A review's text.
   *
   * @param id of the review
   * @param text what it says
   */
  public record Text(long id, String text) {}

  /**
   * Finds those that nearly repeat an earlier one.
   *
   * @param texts in the order of their arrival
   * @return by id, the id of the earliest with a resemblance of at least 0.8; those without one are
   *     not in it
   */
  public static Map<Long, Long> among(List<Text> texts) {
    var copies = new NearDuplicateIndex(texts);
    copies.compare();
    return copies.found();
  }

  private void compare() {
    var least = new long[shingles.length][];
    Arrays.setAll(least, i -> minHashes(shingles[i]));
    for (int band = 0; band < BANDS; band++) {
      compare(filed(least, band));
    }
  }

  /**
   * One text to a number: where it is filed in the upper bits, its place in the order in the lower,
   * so that sorted numbers bring together what is filed together, the earlier first.
   */
  private long[] filed(long[][] least, int band) {
    var filed = new long[shingles.length];
    int count = 0;
    for (int i = 0; i < shingles.length; i++) {
      if (shingles[i].length > 0) {
        long key = ShingleSimilarity.mixed(least[i][2 * band] + band) ^ least[i][2 * band + 1];
        filed[count++] = (ShingleSimilarity.mixed(key) & -MOST) | i;
      }
    }
    long[] sorted = Arrays.copyOf(filed, count);
    Arrays.sort(sorted);
    return sorted;
  }

  private void compare(long[] filed) {
    int start = 0;
    for (int at = 1; at < filed.length; at++) {
      if ((filed[at] & -MOST) != (filed[start] & -MOST)) {
        start = at;
      }
      int text = (int) (filed[at] & (MOST - 1));
      for (int other = start; other < Math.min(at, start + MOST_COMPARED); other++) {
        int before = (int) (filed[other] & (MOST - 1));
        if (before >= earliest[text]) {
          break; // no later one can be earlier
        }
        if (ShingleSimilarity.isNear(shingles[text], shingles[before])) {
          earliest[text] = before;
          break;
        }
      }
    }
  }

  private Map<Long, Long> found() {
    var found = new HashMap<Long, Long>();
    for (int i = 0; i < earliest.length; i++) {
      if (earliest[i] < i) {
        found.put(texts.get(i).id(), texts.get(earliest[i]).id());
      }
    }
    return found;
  }

  private static long[] minHashes(long[] shingles) {
    var least = new long[SALTS.length];
    Arrays.fill(least, Long.MAX_VALUE);
    for (long shingle : shingles) {
      for (int i = 0; i < SALTS.length; i++) {
        least[i] = Math.min(least[i], ShingleSimilarity.mixed(shingle ^ SALTS[i]));
      }
    }
    return least;
  }
}
