package nodyes.core.imports;

/**
 * Texts that a spreadsheet program would take for formulas (OWASP, CSV Injection: a cell that
 * begins with =, +, -, @, a tab or a carriage return). An apostrophe before them makes them text
 * there; it is taken away again when the file comes back.
 */
public final class FormulaEscape {
  private static final String STARTS = "=+-@\t\r";

  private FormulaEscape() {}

  /** The text as it may stand in a file that people open as a spreadsheet. */
  public static String safe(String text) {
    return isFormula(text) || isEscaped(text) ? "'" + text : text;
  }

  /** The text that {@link #safe} was given; any other text as it is. */
  public static String read(String cell) {
    return isEscaped(cell) ? cell.substring(1) : cell;
  }

  private static boolean isFormula(String text) {
    return !text.isEmpty() && STARTS.indexOf(text.charAt(0)) >= 0;
  }

  /** Apostrophes before what would be a formula. */
  private static boolean isEscaped(String text) {
    int end = 0;
    while (end < text.length() && text.charAt(end) == '\'') {
      end++;
    }
    return end > 0 && isFormula(text.substring(end));
  }
}
