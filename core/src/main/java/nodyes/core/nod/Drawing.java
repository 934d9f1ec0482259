package nodyes.core.nod;

import java.util.List;

/**
 * A drawing that ships with the product: one line in the colour of the words beside it.
 *
 * @param name what looks call it by
 * @param words what it can be found by, in lower case, its name among them
 * @param outline path data (SVG 2, chapter 9) in a field of 24 by 24
 */
public record Drawing(String name, List<String> words, String outline) {
  /** Keeps the words unchangeable. */
  public Drawing {
    words = List.copyOf(words);
  }

  /** How near it is to what is looked for: 0 its name, 1 a word, 2 the beginning of one. */
  int distance(String looked) {
    if (name.equals(looked)) {
      return 0;
    }
    if (words.contains(looked)) {
      return 1;
    }
    return words.stream().anyMatch(word -> word.startsWith(looked)) ? 2 : FAR;
  }

  /** The distance of one that has nothing to do with what is looked for. */
  static final int FAR = 3;
}
