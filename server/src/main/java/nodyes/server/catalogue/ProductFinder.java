package nodyes.server.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Finds the product and variant that a file speaks of, by slug, SKU or title. */
public final class ProductFinder {
  /** A product, with the variant where the text named one. */
  public record Found(long productId, Optional<String> variant) {}

  private final Map<String, Found> byName = new HashMap<>();

  private final Map<Long, List<String>> variants = new HashMap<>();
  private final Map<Long, String> titles = new HashMap<>();

  void title(long productId, String title) {
    titles.put(productId, title);
    add(title, new Found(productId, Optional.empty()));
  }

  void add(String name, Found found) {
    byName.putIfAbsent(plain(name), found);
    found
        .variant()
        .ifPresent(
            title ->
                variants.computeIfAbsent(found.productId(), _ -> new ArrayList<>()).add(title));
  }

  /** Titles of the variants of a product. */
  public List<String> variants(long productId) {
    return List.copyOf(variants.getOrDefault(productId, List.of()));
  }

  /** The title of a product; empty for one that is not known. */
  public String title(long productId) {
    return titles.getOrDefault(productId, "");
  }

  /** The product that the text names, if any. */
  public Optional<Found> find(String text) {
    return Optional.ofNullable(byName.get(plain(text)));
  }

  private static String plain(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }
}
