package nodyes.core.common;

import java.util.regex.Pattern;

/**
 * A nod, the same in the draft and in every published version.
 *
 * @param value 1 to 40 lower-case letters, digits and hyphens
 */
public record NodId(String value) {
  private static final Pattern FORM = Pattern.compile("[a-z0-9-]{1,40}");

  /** Throws {@link IllegalArgumentException} where the value is not of that form. */
  public NodId {
    if (!FORM.matcher(value).matches()) {
      throw new IllegalArgumentException("not the id of a nod: " + value);
    }
  }
}
