package nodyes.core.nod;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How all nods of a shop look, unless one differs.
 *
 * @param values what is set; what is not follows the shop's own page
 * @param pairs its named pairs of colours
 */
public record BrandKit(Map<StyleProperty, String> values, List<ColorPair> pairs) {
  /** Nothing set: all follows the shop's page. */
  public static final BrandKit NONE = new BrandKit(Map.of(), List.of());

  /** Keeps both unchangeable. */
  public BrandKit {
    values = Style.sorted(values);
    pairs = List.copyOf(pairs);
  }

  /** The pair with that name, if there is one. */
  public Optional<ColorPair> pair(String name) {
    return pairs.stream().filter(pair -> pair.name().equals(name)).findFirst();
  }
}
