package nodyes.core.nod;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * How a nod differs in its looks from the brand kit.
 *
 * @param ready the ready look it starts from; empty for its kind's first
 * @param values what is set, for all screens
 * @param narrow what is set otherwise for narrow screens
 * @param css the owner's own rules, which stay inside the nod
 */
public record Style(
    Optional<String> ready,
    Map<StyleProperty, String> values,
    Map<StyleProperty, String> narrow,
    String css) {
  /** As the brand kit says. */
  public static final Style DEFAULT = new Style(Optional.empty(), Map.of(), Map.of(), "");

  /** Keeps the values unchangeable, in the order of {@link StyleProperty}. */
  public Style {
    values = sorted(values);
    narrow = sorted(narrow);
  }

  static Map<StyleProperty, String> sorted(Map<StyleProperty, String> values) {
    var sorted = new EnumMap<StyleProperty, String>(StyleProperty.class);
    sorted.putAll(values);
    return Collections.unmodifiableMap(sorted);
  }
}
