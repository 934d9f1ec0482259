package nodyes.core.imports;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Lists in one cell of a table, as they go out and as they come in. */
public final class CellLists {
  private static final String BULLET = "• ";
  private static final Pattern BULLETS = Pattern.compile("^[•*✓✔✗✘+–-]\\s+");
  private static final Pattern LINES = Pattern.compile("\\R");
  private static final Pattern SIGNS = Pattern.compile("[;|]");
  private static final Pattern SIGNS_OR_LINES = Pattern.compile("[;|\\n]");

  private CellLists() {}

  /** A line to each, behind a sign that lists have: so each is read as one whatever is in it. */
  public static String cell(List<String> notes) {
    return notes.stream().map(note -> BULLET + note).collect(Collectors.joining("\n"));
  }

  /** Stars by the names of things, a line to each: {@code Durability: 4}. */
  public static String cell(Map<String, Integer> stars) {
    return stars.entrySet().stream()
        .map(one -> one.getKey() + ": " + one.getValue())
        .collect(Collectors.joining("\n"));
  }

  /** What is parted by lines, or in a cell of one line by semicolons or bars. */
  static List<String> notes(String cell) {
    boolean isInLines = cell.contains("\n") || BULLETS.matcher(cell).find();
    return parts(cell, isInLines ? LINES : SIGNS).stream()
        .map(part -> BULLETS.matcher(part).replaceFirst("").strip())
        .filter(part -> !part.isEmpty())
        .toList();
  }

  /** What is parted by lines, semicolons or bars. */
  static List<String> parts(String cell) {
    return parts(cell, SIGNS_OR_LINES);
  }

  private static List<String> parts(String cell, Pattern by) {
    return Arrays.stream(by.split(cell))
        .map(String::strip)
        .filter(part -> !part.isEmpty())
        .toList();
  }
}
