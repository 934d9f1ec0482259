package nodyes.core.bringin;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Finds which of the shop's variants a review speaks of. */
public final class VariantMatch {
  private VariantMatch() {}

  /**
   * The variant that is named the same; else the only one that holds each part of what is given, as
   * "celadon, 24 cm" holds "24 cm". Case and spaces do not matter.
   *
   * @param given what the review says
   * @param sold titles of the product's variants
   */
  public static Optional<String> of(String given, List<String> sold) {
    Set<String> parts = parts(given);
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
