package nodyes.core.bringin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;

/**
 * Finds, among the reviews of one product, those that are nearly the same as an earlier one. Each
 * text is filed under {@value #HASHES} min-hashes of its shingles (Broder 1997); two texts share
 * each with a chance equal to their resemblance, so two of 0.8 meet in at least one but for a
 * chance of 0.2^6 = 0.00006. Those that meet are compared exactly. Not safe for several threads.
 */
public final class Copies {
  private static final int HASHES = 6;

  /** Most earlier texts that are compared with one: a phrase that all use is no sign. */
  private static final int MOST_COMPARED = 40;

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
    long earliest = Long.MAX_VALUE;
    for (int i = 0; i < HASHES; i++) {
      List<Text> others = filed.computeIfAbsent(minHash(shingles, i), _ -> new ArrayList<>(1));
      for (Text other : others.subList(0, Math.min(MOST_COMPARED, others.size()))) {
        if (other.id() < earliest
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

  private static long minHash(long[] shingles, int which) {
    long salt = Resemblance.mixed(which + 1L);
    return Arrays.stream(shingles).map(one -> Resemblance.mixed(one ^ salt)).min().orElse(0)
        + which;
  }
}
