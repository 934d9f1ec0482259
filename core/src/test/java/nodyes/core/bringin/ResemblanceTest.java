package nodyes.core.bringin;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalLong;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;

public class ResemblanceTest {
  private static double of(String one, String other) {
    return Resemblance.of(Resemblance.shingles(one), Resemblance.shingles(other));
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
    var copies = new Copies();
    int found = 0;
    for (int i = 0; i < 300; i++) {
      List<String> text =
          i > 0 && random.nextInt(3) == 0
              ? changed(random, texts.get(random.nextInt(i)))
              : words(random, 12 + random.nextInt(20));
      int self = i;
      OptionalLong expected =
          java.util.stream.IntStream.range(0, i)
              .filter(
                  k ->
                      of(String.join(" ", texts.get(k)), String.join(" ", text))
                          >= Resemblance.NEARLY_THE_SAME)
              .mapToLong(k -> k)
              .findFirst();
      assertEquals(copies.see(self, String.join(" ", text)), expected, text.toString());
      found += expected.isPresent() ? 1 : 0;
      texts.add(text);
    }
    assertTrue(found > 20, "the texts hold copies: " + found);
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
