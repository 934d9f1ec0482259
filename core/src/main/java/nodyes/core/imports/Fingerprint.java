package nodyes.core.imports;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.review.ReviewDate;

/** Tells whether two reviews of one product are the same one come twice. */
public final class Fingerprint {
  private Fingerprint() {}

  /**
   * Equal for reviews that came twice: the same words and reviewer, whatever their case, spacing
   * and punctuation. Where a review has no words, its rating, day and source id stand in for them;
   * a month alone does not, since a file that tells 'a month ago' tells another one later.
   */
  public static String of(ImportedReview review) {
    Optional<String> words =
        review.text().body().map(Fingerprint::normal).filter(s -> !s.isEmpty());
    String who = review.writer().name().map(Fingerprint::normal).orElse("");
    return words
        .map(text -> "words|" + text + "|" + who)
        .orElseGet(
            () ->
                "rated|"
                    + review.rating().parts()
                    + "|"
                    + review
                        .source()
                        .reviewedOn()
                        .flatMap(ReviewDate::day)
                        .map(Object::toString)
                        .orElse("")
                    + "|"
                    + review.source().sourceId().orElse("")
                    + "|"
                    + review.text().title().map(Fingerprint::normal).orElse("")
                    + "|"
                    + who);
  }

  /** Letters, marks and digits in lower case, a single space for all that stands between them. */
  static String normal(String text) {
    return isAscii(text) ? normalAscii(text) : normalAny(text);
  }

  private static boolean isAscii(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) >= 0x80) {
        return false;
      }
    }
    return true;
  }

  /** The same for what has nothing to be composed: most reviews, in a tenth of the time. */
  private static String normalAscii(String text) {
    var normal = new char[text.length()];
    int length = 0;
    boolean gap = false;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean isCapital = c >= 'A' && c <= 'Z';
      if (isCapital || (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9')) {
        if (gap && length > 0) {
          normal[length++] = ' ';
        }
        gap = false;
        normal[length++] = isCapital ? (char) (c + ('a' - 'A')) : c;
      } else {
        gap = true;
      }
    }
    return new String(normal, 0, length);
  }

  static String normalAny(String text) {
    String plain = Normalizer.normalize(text, Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
    var normal = new char[plain.length()];
    int length = 0;
    boolean gap = false;
    int width;
    for (int i = 0; i < plain.length(); i += width) {
      int c = plain.codePointAt(i);
      width = Character.charCount(c);
      if (Character.isLetterOrDigit(c) || isMarkOrNumber(c)) {
        if (gap && length > 0) {
          normal[length++] = ' ';
        }
        gap = false;
        length += Character.toChars(c, normal, length);
      } else {
        gap = true;
      }
    }
    return new String(normal, 0, length);
  }

  private static boolean isMarkOrNumber(int c) {
    return switch (Character.getType(c)) {
      case Character.NON_SPACING_MARK,
          Character.COMBINING_SPACING_MARK,
          Character.ENCLOSING_MARK,
          Character.LETTER_NUMBER,
          Character.OTHER_NUMBER ->
          true;
      default -> false;
    };
  }
}
