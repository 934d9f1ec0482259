package nodyes.core.common;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The name of a product as it stands in a page's address, such as {@code celadon-planter}.
 *
 * @param value lower-case letters and digits of any script, composed (NFC), joined by hyphens or
 *     underscores, 1 to 120 characters
 */
public record Slug(String value) implements Comparable<Slug> {
  private static final Pattern FORM =
      Pattern.compile(
          "[\\p{Ll}\\p{Lo}\\p{Lm}\\p{N}]([\\p{Ll}\\p{Lo}\\p{Lm}\\p{M}\\p{N}_-]{0,119})");

  /**
   * Accents of scripts whose addresses are written without them; elsewhere a mark is a letter's
   * own.
   */
  private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}\\p{M}\\p{N}]+");

  private static final Pattern ENDS = Pattern.compile("^-|-$");
  private static final Pattern ACCENTS =
      Pattern.compile("(?<=[\\p{IsLatin}\\p{IsGreek}\\p{IsCyrillic}])\\p{Mn}+");

  /**
   * Composes the value (NFC), so that it is the same however it was typed; throws {@link
   * IllegalArgumentException} where it is not of that form.
   */
  public Slug {
    value = composed(value);
    if (!FORM.matcher(value).matches()) {
      throw new Unfit("products.notASlug", "value", value);
    }
  }

  /** The slug, or empty where the text is not of its form. */
  public static Optional<Slug> parse(String text) {
    String value = composed(text);
    return FORM.matcher(value).matches() ? Optional.of(new Slug(value)) : Optional.empty();
  }

  private static String composed(String text) {
    return Normalizer.isNormalized(text, Normalizer.Form.NFC)
        ? text
        : Normalizer.normalize(text, Normalizer.Form.NFC);
  }

  /**
   * A title as it stands in an address: {@code Tall pot, blue} is {@code tall-pot-blue}; empty
   * where it has no letter and no digit. It may be too long for a slug.
   */
  public static String written(String title) {
    String plain = ACCENTS.matcher(Normalizer.normalize(title, Normalizer.Form.NFD)).replaceAll("");
    String parted = NO_LETTERS.matcher(composed(plain).toLowerCase(Locale.ROOT)).replaceAll("-");
    return ENDS.matcher(parted).replaceAll("");
  }

  @Override
  public int compareTo(Slug other) {
    return value.compareTo(other.value);
  }
}
