package nodyes.core.bringin;

import java.util.Arrays;

/**
 * How alike two texts are: the share of word 3-shingles that both hold among those that either
 * holds (Broder 1997, 'On the resemblance and containment of documents').
 */
public final class Resemblance {
  /** From here on two reviews count as nearly the same. */
  public static final double NEARLY_THE_SAME = 0.8;

  private static final int SHINGLE = 3;
  private static final long FNV_OFFSET = 0xcbf29ce484222325L;
  private static final long FNV_PRIME = 0x100000001b3L;

  private Resemblance() {}

  /**
   * The shingles of a text as sorted, distinct 64-bit hashes. Case, spaces and punctuation do not
   * matter. A text of one or two words is one shingle; one without words has none.
   */
  public static long[] shingles(String text) {
    String normal = Fingerprint.normal(text);
    if (normal.isEmpty()) {
      return new long[0];
    }
    String[] words = normal.split(" ");
    var hashes = new long[Math.max(1, words.length - SHINGLE + 1)];
    for (int i = 0; i < hashes.length; i++) {
      long hash = FNV_OFFSET;
      for (int k = i; k < Math.min(words.length, i + SHINGLE); k++) {
        for (int c = 0; c < words[k].length(); c++) {
          hash = (hash ^ words[k].charAt(c)) * FNV_PRIME;
        }
        hash = (hash ^ ' ') * FNV_PRIME;
      }
      hashes[i] = mixed(hash);
    }
    return Arrays.stream(hashes).sorted().distinct().toArray();
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

  /** The finaliser of SplitMix64 (Steele, Lea and Flood 2014): spreads each bit over all. */
  static long mixed(long value) {
    long z = (value ^ (value >>> 30)) * 0xbf58476d1ce4e5b9L;
    z = (z ^ (z >>> 27)) * 0x94d049bb133111ebL;
    return z ^ (z >>> 31);
  }
}
