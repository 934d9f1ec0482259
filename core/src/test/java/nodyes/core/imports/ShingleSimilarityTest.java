package nodyes.core.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;

public class ShingleSimilarityTest {
  private static double of(String one, String other) {
    return ShingleSimilarity.of(ShingleSimilarity.shingles(one), ShingleSimilarity.shingles(other));
  }

  /** A. Broder, 'On the resemblance and containment of documents' (1997), as plain sets, w = 3. */
  @Test
  public void agreesWithTheExampleOfThePaper() {
    assertEquals(
        of("a rose is a rose is a rose", "a rose is a flower which is a rose"), 3.0 / 7, 1e-12);
  }

  @Test
  public void theSameWordsAreTheSameWhateverTheirCaseAndPunctuation() {
    assertEquals(of("Came up in nine days!", "came UP, in nine days"), 1.0);
    assertEquals(of("Lovely", "lovely."), 1.0);
    assertEquals(of("Lovely", "Ugly"), 0.0);
    assertEquals(of("", "!!"), 0.0);
  }

  /** What is quick for plain letters says the same as what is right for all. */
  @Test
  public void plainLettersAreReadAsAllOthers() {
    var random = new Random(3);
    for (int i = 0; i < 2000; i++) {
      String text =
          random
              .ints(random.nextInt(30), 0, 0x80)
              .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
              .toString();
      assertEquals(Fingerprint.normal(text), Fingerprint.normalAny(text), text);
    }
  }

  /** Beside Jaccard's coefficient worked out with the sets of the JDK. */
  @Test
  public void agreesWithExactSets() {
    var random = new Random(11);
    for (int i = 0; i < 400; i++) {
      List<String> one = words(random, 3 + random.nextInt(20));
      List<String> other = changed(random, one);
      Set<List<String>> a = shingles(one);
      Set<List<String>> b = shingles(other);
      var both = new HashSet<>(a);
      both.retainAll(b);
      var either = new HashSet<>(a);
      either.addAll(b);
      assertEquals(
          of(String.join(" ", one), String.join(" ", other)),
          (double) both.size() / either.size(),
          1e-12);
    }
  }

  /** What the min-hashes find is what comparing all pairs finds. */
  @Test
  public void copiesAreFoundAsByComparingAllPairs() {
    var random = new Random(5);
    var texts = new ArrayList<List<String>>();
    var filed = new ArrayList<NearDuplicateIndex.Text>();
    var expected = new HashMap<Long, Long>();
    for (int i = 0; i < 300; i++) {
      List<String> text =
          i > 0 && random.nextInt(3) == 0
              ? changed(random, texts.get(random.nextInt(i)))
              : words(random, 12 + random.nextInt(20));
      for (int k = 0; k < i && !expected.containsKey(self(i)); k++) {
        if (of(String.join(" ", texts.get(k)), String.join(" ", text))
            >= ShingleSimilarity.NEARLY_THE_SAME) {
          expected.put(self(i), self(k));
        }
      }
      texts.add(text);
      filed.add(new NearDuplicateIndex.Text(self(i), String.join(" ", text)));
    }
    filed.add(new NearDuplicateIndex.Text(7, "?!"));
    filed.add(new NearDuplicateIndex.Text(8, "?!"));
    assertEquals(NearDuplicateIndex.among(filed), expected);
    assertTrue(expected.size() > 20, "the texts hold copies: " + expected.size());
  }

  private static long self(int i) {
    return 1000L + i;
  }

  /** What gives up early says the same as what works the share out. */
  @Test
  public void nearIsTheShareOfAtLeastFourFifths() {
    var random = new Random(23);
    int near = 0;
    for (int i = 0; i < 20_000; i++) {
      long[] one = random.longs(random.nextInt(12), 0, 14).distinct().sorted().toArray();
      long[] other = random.longs(random.nextInt(12), 0, 14).distinct().sorted().toArray();
      if (one.length + other.length > 0) {
        boolean expected = ShingleSimilarity.of(one, other) >= 0.8;
        assertEquals(ShingleSimilarity.isNear(one, other), expected);
        near += expected ? 1 : 0;
      }
    }
    assertTrue(near > 20, "some are near: " + near);
    assertTrue(
        ShingleSimilarity.isNear(new long[] {1, 2, 3, 4}, new long[] {1, 2, 3, 4, 5}), "4 of 5");
    assertFalse(ShingleSimilarity.isNear(new long[] {1, 2, 3}, new long[] {1, 2, 3, 4}), "3 of 4");
  }

  private static List<String> words(Random random, int count) {
    var words = new ArrayList<String>();
    for (int i = 0; i < count; i++) {
      words.add("w" + random.nextInt(60));
    }
    return words;
  }

  private static List<String> changed(Random random, List<String> words) {
    var changed = new ArrayList<>(words);
    changed.set(random.nextInt(changed.size()), "other");
    return changed;
  }

  private static Set<List<String>> shingles(List<String> words) {
    var shingles = new HashSet<List<String>>();
    for (int i = 0; i + 3 <= words.size(); i++) {
      shingles.add(List.copyOf(words.subList(i, i + 3)));
    }
    return shingles;
  }
}
