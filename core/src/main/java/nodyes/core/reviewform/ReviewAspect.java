package nodyes.core.reviewform;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A single thing that reviews can rate, such as durability.
 *
 * @param id its id
 * @param names what it is called, by language (BCP 47 primary subtag); one at least
 * @param category slug of the category whose products are asked about it; empty for all
 * @param isAsked whether the form asks for it; one that it does not keeps what was rated
 */
public record ReviewAspect(
    long id, Map<String, String> names, Optional<String> category, boolean isAsked) {
  private static final String FALLBACK = "en";

  /** Keeps the names unchangeable; throws {@link IllegalArgumentException} without one. */
  public ReviewAspect {
    names = Map.copyOf(names);
    if (names.isEmpty() || names.values().stream().anyMatch(String::isBlank)) {
      throw new IllegalArgumentException("a criterion has a name");
    }
  }

  /** What it is called in a language, else in English, else in any. */
  public String name(String language) {
    return names.getOrDefault(
        language,
        names.getOrDefault(
            FALLBACK,
            names.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .findFirst()
                .orElseThrow()
                .getValue()));
  }

  /** Whether a product in these categories, and those above them, is asked about it. */
  public boolean isFor(Set<String> categories) {
    return category.map(categories::contains).orElse(true);
  }
}
