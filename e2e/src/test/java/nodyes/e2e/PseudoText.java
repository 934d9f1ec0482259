package nodyes.e2e;

/**
 * English made into a language that nobody speaks: each letter accented, each text longer and in
 * brackets. What stays plain on a screen was not written as a message, and what is cut had no room
 * for a longer language. A common practice in localization testing.
 */
final class PseudoText {
  private static final String PLAIN = "abcdefghijklmnopqrstuvwxyz";
  private static final String ACCENTED = "áƀćđéƒğĥíĵķĺɱńóṗɋŕśţúṽŵẋýź";
  private static final String LARGE = "ÁƁĆĐÉƑĞĤÍĴĶĹṀŃÓṖɊŔŚŢÚṼŴẊÝŹ";

  private final String message;
  private final StringBuilder out = new StringBuilder();
  private int at;

  private PseudoText(String message) {
    this.message = message;
  }

  /** A message in ICU's format, its values, tags and choices left as they are. */
  static String of(String message) {
    var text = new PseudoText(message);
    text.walk();
    // German is up to a third longer where there is little to say
    int longer = Math.min(12, Math.max(1, message.length() / 4));
    return "⟦" + text.out + "·".repeat(longer) + "⟧";
  }

  /** The same of a message with a name in it that is a message too. */
  static String of(String text, String name) {
    return of(text.replace(name, "{name}")).replace("{name}", of(name));
  }

  private void walk() {
    while (at < message.length() && message.charAt(at) != '}') {
      char c = message.charAt(at);
      switch (c) {
        case '{' -> argument();
        case '<' -> copyTo('>');
        case '\'' -> quoted();
        default -> {
          out.append(accented(c));
          at++;
        }
      }
    }
  }

  private void quoted() {
    boolean opens = at + 1 < message.length() && "{}<".indexOf(message.charAt(at + 1)) >= 0;
    out.append(message.charAt(at++));
    if (opens) {
      copyTo('\'');
    }
  }

  private void copyTo(char end) {
    while (message.charAt(at) != end) {
      out.append(message.charAt(at++));
    }
    out.append(message.charAt(at++));
  }

  private void argument() {
    int end = message.indexOf('}', at);
    int comma = message.indexOf(',', at);
    String type = comma >= 0 && comma < end ? message.substring(comma + 1).strip() : "";
    if (!type.startsWith("plural") && !type.startsWith("select")) {
      copyTo('}');
      return;
    }
    while (message.charAt(at) != ',') {
      out.append(message.charAt(at++));
    }
    out.append(message.charAt(at++));
    while (message.charAt(at) != '}') {
      if (message.charAt(at) == '{') {
        out.append(message.charAt(at++));
        walk();
      }
      out.append(message.charAt(at++));
    }
    out.append(message.charAt(at++));
  }

  private static char accented(char c) {
    int small = PLAIN.indexOf(c);
    if (small >= 0) {
      return ACCENTED.charAt(small);
    }
    int large = PLAIN.toUpperCase(java.util.Locale.ROOT).indexOf(c);
    return large >= 0 ? LARGE.charAt(large) : c;
  }
}
