package nodyes.core.delivery;

import java.util.regex.Pattern;
import nodyes.core.common.Unfit;

/**
 * A country or a part of one whose public holidays are kept.
 *
 * @param code ISO 3166-1 alpha-2, or with the part behind a hyphen as ISO 3166-2 has it, such as
 *     {@code DE-BY}
 */
public record HolidayRegion(String code) {
  private static final Pattern FORM = Pattern.compile("[A-Z]{2}(-[A-Z0-9]{1,3})?");

  /** Throws {@link IllegalArgumentException} where it is not of that form. */
  public HolidayRegion {
    if (!FORM.matcher(code).matches()) {
      throw new Unfit("delivery.notARegion", "code", code);
    }
  }
}
