package nodyes.core.imports;

import java.util.Optional;
import nodyes.core.common.Said;

/**
 * Why a row cannot be taken.
 *
 * @param line the line of the file on which the row starts, counted from 1
 * @param column which column, or empty where it is the row itself
 * @param value the value as it stands in the file, shortened to 80 characters
 * @param reason why
 */
public record RowError(long line, Optional<ReviewColumn> column, String value, Said reason) {
  private static final int LONGEST = 80;

  /** Shortens the value. */
  public RowError {
    value = shortened(value);
  }

  /** A value as a problem gives it: at most 80 characters of it. */
  public static String shortened(String value) {
    return value.codePointCount(0, value.length()) > LONGEST
        ? value.substring(0, value.offsetByCodePoints(0, LONGEST - 1)) + "…"
        : value;
  }
}
