package nodyes.core.nod;

import java.util.List;
import java.util.stream.Stream;

/**
 * A drawing that ships with the product: one line in the colour of the words beside it.
 *
 * @param name what looks call it by
 * @param words what it can be found by, in lower case, its name among them
 * @param outline path data (SVG 2, chapter 9) in a field of 24 by 24
 */
public record Icon(String name, List<String> words, String outline) {
  /** Keeps the words unchangeable. */
  public Icon {
    words = List.copyOf(words);
  }

  /**
   * How near it is to what is looked for: 0 its name, 1 a word, 2 the beginning of one.
   *
   * @param called what it is called in the reader's language, the name first; folded as what is
   *     looked for
   */
  int distance(String looked, List<String> called) {
    if (name.equals(looked) || called.indexOf(looked) == 0) {
      return 0;
    }
    if (words.contains(looked) || called.contains(looked)) {
      return 1;
    }
    return Stream.concat(words.stream(), called.stream().flatMap(one -> Stream.of(one.split(" "))))
            .anyMatch(word -> word.startsWith(looked))
        ? 2
        : FAR;
  }

  /** The distance of one that has nothing to do with what is looked for. */
  static final int FAR = 3;
}
