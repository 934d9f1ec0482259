package nodyes.core.common;

/**
 * Text that strangers wrote, without the signs that are no text: control characters (U+0000 to
 * U+001F and U+007F to U+009F, but tab and line feed), and those that turn the direction of what
 * stands around them (U+202A to U+202E, U+2066 to U+2069; Unicode Standard Annex #9, 2). With these
 * a review could turn the words of the page beside it.
 */
public final class PlainText {
  private static final int DELETE = 0x7f;
  private static final int LAST_CONTROL = 0x9f;

  private PlainText() {}

  /** The text without such signs; its lines end by line feeds. */
  public static String of(String text) {
    if (text.chars().noneMatch(PlainText::isOther)) {
      return text;
    }
    var plain = new StringBuilder(text.length());
    for (int i = 0; i < text.length(); i++) {
      char sign = text.charAt(i);
      if (sign == '\r') {
        boolean isPair = i + 1 < text.length() && text.charAt(i + 1) == '\n';
        plain.append(isPair ? "" : "\n");
      } else if (!isOther(sign)) {
        plain.append(sign);
      }
    }
    return plain.toString();
  }

  private static boolean isOther(int sign) {
    return (sign < ' ' && sign != '\t' && sign != '\n')
        || (sign >= DELETE && sign <= LAST_CONTROL)
        || (sign >= 0x202a && sign <= 0x202e)
        || (sign >= 0x2066 && sign <= 0x2069);
  }
}
