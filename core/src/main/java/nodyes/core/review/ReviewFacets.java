package nodyes.core.review;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a product's published reviews can be parted by, counted.
 *
 * @param pictured how many have pictures
 * @param languages how many are in each language, by its primary subtag (BCP 47)
 * @param variants how many speak of each variant, by its title
 */
public record ReviewFacets(long pictured, Map<String, Long> languages, Map<String, Long> variants) {
  /** No reviews. */
  public static final ReviewFacets NONE = new ReviewFacets(0, Map.of(), Map.of());

  /** Keeps the counts unchangeable. */
  public ReviewFacets {
    languages = Map.copyOf(languages);
    variants = Map.copyOf(variants);
  }

  /** How many speak of a variant. */
  public record OfVariant(String title, long count) {}

  /** The variants that most reviews speak of, the most first, by name where two are equal. */
  public List<OfVariant> commonestVariants(int most) {
    if (variants.isEmpty()) {
      return List.of();
    }
    return variants.entrySet().stream()
        .map(entry -> new OfVariant(entry.getKey(), entry.getValue()))
        .sorted(
            Comparator.comparingLong(OfVariant::count).reversed().thenComparing(OfVariant::title))
        .limit(most)
        .toList();
  }

  /**
   * So many reviews of one kind.
   *
   * @param language primary subtag of their language; empty where it is not known
   * @param variant the variant they speak of; empty where they name none
   */
  public static ReviewFacets of(String language, String variant, boolean isPictured, long count) {
    return new ReviewFacets(
        isPictured ? count : 0, counted(language, count), counted(variant, count));
  }

  private static Map<String, Long> counted(String name, long count) {
    return name.isEmpty() ? Map.of() : Map.of(name, count);
  }

  /** Both together. */
  public ReviewFacets and(ReviewFacets other) {
    return new ReviewFacets(
        pictured + other.pictured,
        together(languages, other.languages),
        together(variants, other.variants));
  }

  private static Map<String, Long> together(Map<String, Long> one, Map<String, Long> other) {
    var both = new HashMap<>(one);
    other.forEach((name, count) -> both.merge(name, count, Long::sum));
    return both;
  }
}
