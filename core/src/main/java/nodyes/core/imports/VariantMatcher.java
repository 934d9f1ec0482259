package nodyes.core.imports;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Finds which of the shop's variants a review speaks of. */
public final class VariantMatcher {
  private VariantMatcher() {}

  /**
   * The variant that is named the same; else the only one that holds each part of what is given, as
   * "celadon, 24 cm" holds "24 cm". A part that the product's own title says, as "celadon" of the
   * Celadon planter, tells no variant apart and is passed over. Case and spaces do not matter.
   *
   * @param given what the review says
   * @param sold titles of the product's variants
   * @param product the product's title
   */
  public static Optional<String> of(String given, List<String> sold, String product) {
    Set<String> all = parts(given);
    Set<String> said =
        Arrays.stream(product.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
            .collect(Collectors.toSet());
    Set<String> telling =
        all.stream().filter(part -> !said.contains(part)).collect(Collectors.toSet());
    return telling.isEmpty()
        ? matching(all, sold)
        : matching(all, sold).or(() -> matching(telling, sold));
  }

  private static Optional<String> matching(Set<String> parts, List<String> sold) {
    List<String> holding = sold.stream().filter(title -> parts(title).containsAll(parts)).toList();
    Optional<String> same =
        holding.stream().filter(title -> parts(title).equals(parts)).findFirst();
    return same.or(() -> holding.size() == 1 ? Optional.of(holding.getFirst()) : Optional.empty());
  }

  private static Set<String> parts(String title) {
    return Arrays.stream(title.split("[,/;|]"))
        .map(part -> part.replaceAll("\\s+", "").toLowerCase(Locale.ROOT))
        .filter(part -> !part.isEmpty())
        .collect(Collectors.toSet());
  }
}
