package nodyes.core.bringin;

import java.text.Normalizer;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Tells from the headers of a file which column holds what. */
public final class ColumnGuess {
  private ColumnGuess() {}

  /**
   * The index of the column for each thing that a header names; the first where several do. Case,
   * spaces and punctuation do not matter.
   */
  public static Map<Column, Integer> of(List<String> headers) {
    var guess = new EnumMap<Column, Integer>(Column.class);
    for (Column column : Column.values()) {
      for (int i = 0; i < headers.size(); i++) {
        if (column.isNamed(plain(headers.get(i))) && !guess.containsValue(i)) {
          guess.put(column, i);
          break;
        }
      }
    }
    return guess;
  }

  private static String plain(String header) {
    return Normalizer.normalize(header, Normalizer.Form.NFC)
        .toLowerCase(Locale.ROOT)
        .replaceAll("[^\\p{L}\\p{M}\\p{N}]", "");
  }
}
