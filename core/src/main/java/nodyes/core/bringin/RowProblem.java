package nodyes.core.bringin;

import java.util.Optional;

/**
 * Why a row cannot be taken.
 *
 * @param line the line of the file on which the row starts, counted from 1
 * @param column which column, or empty where it is the row itself
 * @param value the value as it stands in the file, shortened to 80 characters
 * @param reason why, as the end of a sentence
 */
public record RowProblem(long line, Optional<Column> column, String value, String reason) {
  private static final int LONGEST = 80;

  /** Shortens the value. */
  public RowProblem {
    if (value.codePointCount(0, value.length()) > LONGEST) {
      value = value.substring(0, value.offsetByCodePoints(0, LONGEST - 1)) + "…";
    }
  }
}
