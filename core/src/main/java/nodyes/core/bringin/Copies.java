package nodyes.core.bringin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.stream.LongStream;

/**
 * Finds, among the reviews of one product, those that are nearly the same as an earlier one. Each
 * text is filed under {@value #BANDS} pairs of min-hashes of its shingles (Broder 1997, 'On the
 * resemblance and containment of documents'; pairs as in locality-sensitive hashing, Indyk and
 * Motwani 1998). Two texts share a min-hash with a chance equal to their resemblance, so two of 0.8
 * meet under at least one pair but for a chance of (1 - 0.8^2)^10 = 0.00004, while two that share a
 * tenth of their shingles meet with a chance of 0.1 only. Those that meet are compared exactly. Not
 * safe for several threads.
 */
public final class Copies {
  private static final int BANDS = 10;

  /** Most earlier texts that are compared with one: a phrase that all use is no sign. */
  private static final int MOST_COMPARED = 20;

  private static final long[] SALTS =
      LongStream.rangeClosed(1, 2L * BANDS).map(Resemblance::mixed).toArray();

  private final Map<Long, List<Text>> filed = new HashMap<>();

  @SuppressWarnings("ArrayRecordComponent") // never compared, never leaves
  private record Text(long id, long[] shingles) {}

  /**
   * Files a text and tells the earliest one that it nearly repeats.
   *
   * @param id of the review
   * @param words its text
   * @return the id of the earlier one, if any has a resemblance of at least 0.8
   */
  public OptionalLong see(long id, String words) {
    long[] shingles = Resemblance.shingles(words);
    if (shingles.length == 0) {
      return OptionalLong.empty();
    }
    var text = new Text(id, shingles);
    long[] least = minHashes(shingles);
    long earliest = Long.MAX_VALUE;
    for (int band = 0; band < BANDS; band++) {
      long key = Resemblance.mixed(least[2 * band] + band) ^ least[2 * band + 1];
      List<Text> others = filed.computeIfAbsent(key, _ -> new ArrayList<>(1));
      for (Text other : others) {
        if (other.id() < earliest
            && Resemblance.couldBeNear(shingles.length, other.shingles().length)
            && Resemblance.of(shingles, other.shingles()) >= Resemblance.NEARLY_THE_SAME) {
          earliest = other.id();
        }
      }
      if (others.size() < MOST_COMPARED) {
        others.add(text);
      }
    }
    return earliest == Long.MAX_VALUE ? OptionalLong.empty() : OptionalLong.of(earliest);
  }

  private static long[] minHashes(long[] shingles) {
    var least = new long[SALTS.length];
    Arrays.fill(least, Long.MAX_VALUE);
    for (long shingle : shingles) {
      for (int i = 0; i < SALTS.length; i++) {
        least[i] = Math.min(least[i], Resemblance.mixed(shingle ^ SALTS[i]));
      }
    }
    return least;
  }
}
