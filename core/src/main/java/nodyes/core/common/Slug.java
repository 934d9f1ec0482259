package nodyes.core.common;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The name of a product as it stands in a page's address, such as {@code celadon-planter}.
 *
 * @param value lower-case letters and digits of any script, joined by hyphens or underscores, 1 to
 *     120 characters
 */
public record Slug(String value) implements Comparable<Slug> {
  private static final Pattern FORM =
      Pattern.compile("[\\p{Ll}\\p{Lo}\\p{N}]([\\p{Ll}\\p{Lo}\\p{M}\\p{N}_-]{0,119})");

  /** Throws {@link IllegalArgumentException} where the value is not of that form. */
  public Slug {
    if (!FORM.matcher(value).matches()) {
      throw new IllegalArgumentException("not the name of a product in an address: " + value);
    }
  }

  /** The slug, or empty where the text is not of its form. */
  public static Optional<Slug> parse(String text) {
    return FORM.matcher(text).matches() ? Optional.of(new Slug(text)) : Optional.empty();
  }

  /**
   * A title as it stands in an address: {@code Tall pot, blue} is {@code tall-pot-blue}; empty
   * where it has no letter and no digit. It may be too long for a slug.
   */
  public static String written(String title) {
    return Normalizer.normalize(title, Normalizer.Form.NFD)
        .replaceAll("\\p{M}", "")
        .toLowerCase(Locale.ROOT)
        .replaceAll("[^\\p{L}\\p{N}]+", "-")
        .replaceAll("^-|-$", "");
  }

  @Override
  public int compareTo(Slug other) {
    return value.compareTo(other.value);
  }
}
