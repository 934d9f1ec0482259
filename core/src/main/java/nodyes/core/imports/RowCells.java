package nodyes.core.imports;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Said;
import org.jspecify.annotations.Nullable;

/** The cells of one row, and what is wrong with them. */
final class RowCells {
  private static final int LONGEST = 120;

  private final long line;
  private final List<String> values;
  private final Map<ReviewColumn, Integer> columns;
  private final List<RowError> problems = new ArrayList<>();

  /**
   * A row.
   *
   * @param line where it starts in the file, counted from 1
   * @param values its cells; a missing one counts as empty
   * @param columns which column holds what
   */
  RowCells(long line, List<String> values, Map<ReviewColumn, Integer> columns) {
    this.line = line;
    this.values = values;
    this.columns = columns;
  }

  /** How a text is read. */
  interface Reading<T> {
    T read(String text) throws InvalidValueException;
  }

  /** What stands in a cell; a problem where it has more than {@code longest} characters. */
  Optional<String> text(ReviewColumn column, int longest) {
    Integer index = columns.get(column);
    if (index == null || index >= values.size()) {
      return Optional.empty();
    }
    String text = values.get(index).strip();
    if (text.codePointCount(0, text.length()) > longest) {
      problem(column, text, Said.of("imports.cell.tooLong", "most", longest));
    }
    return text.isEmpty() ? Optional.empty() : Optional.of(text);
  }

  /** A text as it is read; null, and a problem, where it cannot be. */
  <T> @Nullable T value(ReviewColumn column, Optional<String> text, Reading<T> reading) {
    if (text.isEmpty()) {
      return null;
    }
    try {
      return reading.read(text.get());
    } catch (InvalidValueException e) {
      problem(column, text.get(), e.reason());
      return null;
    }
  }

  /** A cell as it is read. */
  <T> Optional<T> optional(ReviewColumn column, Reading<T> reading) {
    return Optional.ofNullable(value(column, text(column, LONGEST), reading));
  }

  void problem(ReviewColumn column, String value, Said reason) {
    problems.add(new RowError(line, Optional.of(column), value, reason));
  }

  List<RowError> problems() {
    return List.copyOf(problems);
  }
}
