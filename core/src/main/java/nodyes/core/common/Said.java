package nodyes.core.common;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What a sentence to a person would say, as data: which sentence, and its values. The sentence
 * itself is made where it is read, in the reader's language.
 *
 * @param key the name of the sentence
 * @param values by name: numbers and texts, days, times, months of a year, and countries as the
 *     {@link java.util.Locale} of them; each is written as it is where it is read
 */
public record Said(String key, Map<String, Object> values) {
  /** Keeps the values unchangeable. */
  public Said {
    values = Map.copyOf(values);
  }

  /**
   * A sentence with its values.
   *
   * @param namesAndValues the name of a value and the value, in turn
   */
  public static Said of(String key, Object... namesAndValues) {
    var values = new LinkedHashMap<String, Object>();
    for (int i = 0; i < namesAndValues.length; i += 2) {
      values.put((String) namesAndValues[i], namesAndValues[i + 1]);
    }
    return new Said(key, values);
  }
}
