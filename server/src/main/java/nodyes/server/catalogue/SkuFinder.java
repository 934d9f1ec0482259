package nodyes.server.catalogue;

import java.text.Normalizer;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The SKU of what a file of orders names: by SKU, whatever its case, by GTIN, and by the name of a
 * product that has one variant alone. What names several variants names none, unless the owner said
 * which one it means.
 */
public final class SkuFinder {
  private final Map<String, String> exact = new HashMap<>();
  private final Map<String, String> byName = new HashMap<>();
  private final Set<String> ofSeveral = new HashSet<>();
  private final Map<String, String> said;

  /** A variant with its product. */
  record Sold(String sku, String gtin, String slug, String title) {}

  /**
   * @param said the SKUs that the owner said names mean, by the name as it is compared
   */
  SkuFinder(Collection<Sold> variants, Map<String, String> said) {
    this.said = Map.copyOf(said);
    var variantsOf = new HashMap<String, Integer>();
    variants.forEach(variant -> variantsOf.merge(variant.slug(), 1, Integer::sum));
    for (Sold variant : variants) {
      exact.put(variant.sku(), variant.sku());
      name(variant.sku(), variant.sku());
      name(variant.gtin(), variant.sku());
      if (variantsOf.getOrDefault(variant.slug(), 0) == 1) {
        name(variant.slug(), variant.sku());
        name(variant.title(), variant.sku());
      }
    }
    byName.keySet().removeAll(ofSeveral);
  }

  private void name(String name, String sku) {
    String plain = plain(name);
    if (plain.isEmpty()) {
      return;
    }
    String other = byName.putIfAbsent(plain, sku);
    if (other != null && !other.equals(sku)) {
      ofSeveral.add(plain);
    }
  }

  /** Whether a text is an SKU of the catalogue, letter by letter. */
  public boolean isSku(String text) {
    return exact.containsKey(text.strip());
  }

  /** The SKU that a text names, if it names one. */
  public Optional<String> find(String text) {
    String sku = exact.get(text.strip());
    if (sku != null) {
      return Optional.of(sku);
    }
    String name = plain(text);
    return Optional.ofNullable(said.get(name)).or(() -> Optional.ofNullable(byName.get(name)));
  }

  /** A name as it is compared. */
  static String plain(String name) {
    return Normalizer.normalize(name.strip(), Normalizer.Form.NFKC).toLowerCase(Locale.ROOT);
  }
}
