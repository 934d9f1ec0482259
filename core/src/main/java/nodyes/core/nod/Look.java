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
public record Look(
    Optional<String> ready,
    Map<LookValue, String> values,
    Map<LookValue, String> narrow,
    String css) {
  /** As the brand kit says. */
  public static final Look DEFAULT = new Look(Optional.empty(), Map.of(), Map.of(), "");

  /** Keeps the values unchangeable, in the order of {@link LookValue}. */
  public Look {
    values = sorted(values);
    narrow = sorted(narrow);
  }

  static Map<LookValue, String> sorted(Map<LookValue, String> values) {
    var sorted = new EnumMap<LookValue, String>(LookValue.class);
    sorted.putAll(values);
    return Collections.unmodifiableMap(sorted);
  }
}
