package nodyes.server.reviews;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Text as it is indexed and searched. The index parts words at spaces; scripts that write without
 * them are parted by sign, so that any run of signs is found.
 */
final class SearchText {
  private static final int MOST_WORDS = 12;

  /** Thai, the first of the scripts that write without spaces. */
  private static final int FIRST_WITHOUT = 0x0E00;

  private SearchText() {}

  /** What is indexed of some texts. */
  static String indexed(String... texts) {
    var indexed = new StringBuilder();
    for (String text : texts) {
      if (!text.isEmpty()) {
        append(indexed, composed(text));
        indexed.append('\n');
      }
    }
    return indexed.toString();
  }

  /** The query that finds all words of a text, each by its beginning; empty where it has none. */
  static String query(String text) {
    List<String> words =
        Arrays.stream(composed(text).replaceAll("[^\\p{L}\\p{M}\\p{N}]+", " ").strip().split(" "))
            .filter(word -> !word.isEmpty())
            .limit(MOST_WORDS)
            .toList();
    return words.stream().map(SearchText::term).collect(Collectors.joining(" "));
  }

  private static String composed(String text) {
    return Normalizer.normalize(text, Normalizer.Form.NFC);
  }

  private static String term(String word) {
    var parted = new StringBuilder();
    append(parted, word);
    return '"' + parted.toString().strip() + "\" *";
  }

  private static void append(StringBuilder indexed, String text) {
    if (isWrittenWithSpaces(text)) {
      indexed.append(text);
      return;
    }
    text.codePoints()
        .forEach(
            c -> {
              if (isWrittenWithoutSpaces(c)) {
                indexed.append(' ').appendCodePoint(c).append(' ');
              } else {
                indexed.appendCodePoint(c);
              }
            });
  }

  private static boolean isWrittenWithSpaces(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) >= FIRST_WITHOUT) {
        return false;
      }
    }
    return true;
  }

  private static boolean isWrittenWithoutSpaces(int c) {
    if (c < FIRST_WITHOUT) {
      return false;
    }
    return switch (Character.UnicodeScript.of(c)) {
      case HAN, HIRAGANA, KATAKANA, THAI, LAO, KHMER, MYANMAR -> true;
      default -> false;
    };
  }
}
