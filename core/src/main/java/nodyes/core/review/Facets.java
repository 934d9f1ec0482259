package nodyes.core.review;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a product's published reviews can be parted by, counted.
 *
 * @param pictured how many have pictures
 * @param languages how many are in each language, by its primary subtag (BCP 47)
 * @param variants how many speak of each variant, by its title
 */
public record Facets(long pictured, Map<String, Long> languages, Map<String, Long> variants) {
  /** No reviews. */
  public static final Facets NONE = new Facets(0, Map.of(), Map.of());

  /** Keeps the counts unchangeable. */
  public Facets {
    languages = Map.copyOf(languages);
    variants = Map.copyOf(variants);
  }

  /** How many speak of a variant. */
  public record OfVariant(String title, long count) {}

  /** The variants that most reviews speak of, the most first, by name where two are equal. */
  public List<OfVariant> commonestVariants(int most) {
    return variants.entrySet().stream()
        .map(entry -> new OfVariant(entry.getKey(), entry.getValue()))
        .sorted(
            Comparator.comparingLong(OfVariant::count).reversed().thenComparing(OfVariant::title))
        .limit(most)
        .toList();
  }

  /** With the reviews of one kind counted in. */
  public Facets with(String language, String variant, boolean isPictured, long count) {
    return new Facets(
        pictured + (isPictured ? count : 0),
        added(languages, language, count),
        added(variants, variant, count));
  }

  /** Both together. */
  public Facets and(Facets other) {
    Facets both = new Facets(pictured + other.pictured, languages, variants);
    for (var language : other.languages.entrySet()) {
      both = both.with(language.getKey(), "", false, language.getValue());
    }
    for (var variant : other.variants.entrySet()) {
      both = both.with("", variant.getKey(), false, variant.getValue());
    }
    return both;
  }

  private static Map<String, Long> added(Map<String, Long> counts, String name, long count) {
    if (name.isEmpty()) {
      return counts;
    }
    var more = new LinkedHashMap<>(counts);
    more.merge(name, count, Long::sum);
    return more;
  }
}
