package nodyes.server.trail;

import java.util.Locale;
import java.util.Optional;

/** Which lines: of whom, of which place, with which words in the reader's language. */
record TrailQuery(Optional<String> who, Optional<String> place, Optional<String> words) {
  boolean fits(TrailLine line) {
    return words.map(asked -> holds(line.did(), asked) || holds(line.who(), asked)).orElse(true);
  }

  private static boolean holds(String text, String words) {
    return text.toLowerCase(Locale.ROOT).contains(words.toLowerCase(Locale.ROOT));
  }
}
