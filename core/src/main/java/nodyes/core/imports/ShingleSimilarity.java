package nodyes.core.imports;

import java.util.Arrays;

/**
 * How alike two texts are: the share of word 3-shingles that both hold among those that either
 * holds (Broder 1997, 'On the resemblance and containment of documents').
 */
public final class ShingleSimilarity {
  /** From here on two reviews count as nearly the same. */
  public static final double NEARLY_THE_SAME = 0.8;

  private static final int SHINGLE = 3;

  /** So that a share of exactly the limit is not lost to floating point. */
  private static final double ROUNDING = 1e-9;

  private static final long FNV_OFFSET = 0xcbf29ce484222325L;
  private static final long FNV_PRIME = 0x100000001b3L;

  private ShingleSimilarity() {}

  /**
   * The shingles of a text as sorted, distinct 64-bit hashes. Case, spaces and punctuation do not
   * matter. A text of one or two words is one shingle; one without words has none.
   */
  public static long[] shingles(String text) {
    String normal = Fingerprint.normal(text);
    if (normal.isEmpty()) {
      return new long[0];
    }
    int[] starts = wordStarts(normal);
    int words = starts.length - 1;
    var hashes = new long[Math.max(1, words - SHINGLE + 1)];
    for (int i = 0; i < hashes.length; i++) {
      long hash = FNV_OFFSET;
      for (int c = starts[i]; c < starts[Math.min(words, i + SHINGLE)]; c++) {
        hash = (hash ^ (c < normal.length() ? normal.charAt(c) : ' ')) * FNV_PRIME;
      }
      hashes[i] = mixed(hash);
    }
    return distinct(hashes);
  }

  /** Where each word starts, and behind the last one where the next would. */
  private static int[] wordStarts(String normal) {
    int words = 1;
    for (int c = 0; c < normal.length(); c++) {
      words += normal.charAt(c) == ' ' ? 1 : 0;
    }
    var starts = new int[words + 1];
    int word = 1;
    for (int c = 0; c < normal.length(); c++) {
      if (normal.charAt(c) == ' ') {
        starts[word++] = c + 1;
      }
    }
    starts[words] = normal.length() + 1;
    return starts;
  }

  private static long[] distinct(long[] values) {
    Arrays.sort(values);
    int kept = 1;
    for (int i = 1; i < values.length; i++) {
      if (values[i] != values[kept - 1]) {
        values[kept++] = values[i];
      }
    }
    return kept == values.length ? values : Arrays.copyOf(values, kept);
  }

  /** Jaccard's coefficient of two sorted sets, 0 to 1; 0 where both are empty. */
  public static double of(long[] one, long[] other) {
    int both = 0;
    int i = 0;
    int k = 0;
    while (i < one.length && k < other.length) {
      if (one[i] == other[k]) {
        both++;
        i++;
        k++;
      } else if (one[i] < other[k]) {
        i++;
      } else {
        k++;
      }
    }
    int either = one.length + other.length - both;
    return either == 0 ? 0 : (double) both / either;
  }

  /**
   * Whether two sorted sets are nearly the same; gives up as soon as they cannot be. With sizes a
   * and b and n in both, n / (a + b - n) is at least t where n is at least (a + b) t / (1 + t).
   */
  static boolean isNear(long[] one, long[] other) {
    double needed = (one.length + other.length) * NEARLY_THE_SAME / (1 + NEARLY_THE_SAME);
    int missable = (int) Math.floor(Math.min(one.length, other.length) - needed + ROUNDING);
    int ofOne = one.length - Math.min(one.length, other.length) + missable;
    int ofOther = other.length - Math.min(one.length, other.length) + missable;
    int i = 0;
    int k = 0;
    while (missable >= 0 && ofOne >= 0 && ofOther >= 0 && i < one.length && k < other.length) {
      if (one[i] == other[k]) {
        i++;
        k++;
      } else if (one[i] < other[k]) {
        i++;
        ofOne--;
      } else {
        k++;
        ofOther--;
      }
    }
    return missable >= 0 && ofOne >= one.length - i && ofOther >= other.length - k;
  }

  /** The finaliser of SplitMix64 (Steele, Lea and Flood 2014): spreads each bit over all. */
  static long mixed(long value) {
    long z = (value ^ (value >>> 30)) * 0xbf58476d1ce4e5b9L;
    z = (z ^ (z >>> 27)) * 0x94d049bb133111ebL;
    return z ^ (z >>> 31);
  }
}
