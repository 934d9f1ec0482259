package nodyes.core.recognition;

import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/** Learns from the links on a page how a shop's other addresses are built. */
public final class LinkReader {
  /** What baskets are called in addresses, in some languages (common practice). */
  private static final Pattern BASKET =
      Pattern.compile(
          "(?i)(?:/[a-z]{2}(?:[-_][a-z]{2})?)?/(?:[\\w-]*[-_])?(?:basket|cart|bag|warenkorb|panier"
              + "|cesta|carrito|carrinho|carrello|winkelwagen|winkelmand|koszyk|kurv|varukorg)"
              + "(?:\\.[a-z]{2,5})?/?");

  private LinkReader() {}

  /**
   * How pages of categories are addressed: as most of the links are that name a category in one
   * part of their path.
   *
   * @param paths paths of links of the shop
   * @param isCategory whether a part of a path names a category
   */
  public static Optional<AddressPattern> listing(
      Collection<String> paths, Predicate<String> isCategory) {
    var counts = new LinkedHashMap<String, Integer>();
    for (String path : paths) {
      template(withoutQuery(path), isCategory)
          .ifPresent(template -> counts.merge(template, 1, Integer::sum));
    }
    return counts.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .flatMap(most -> AddressPattern.parse(most.getKey()));
  }

  private static Optional<String> template(String path, Predicate<String> isCategory) {
    List<String> parts = Arrays.asList(path.split("/", -1));
    for (int at = parts.size() - 1; at > 0; at--) {
      String part = parts.get(at);
      String end = part.replaceFirst("^[^.]*", "");
      String name = part.substring(0, part.length() - end.length());
      if (!name.isEmpty() && isCategory.test(AddressPattern.decoded(name))) {
        parts.set(at, "{category}" + end);
        return Optional.of(String.join("/", parts));
      }
    }
    return Optional.empty();
  }

  /**
   * The address of the basket: the first link that is called one in its path.
   *
   * @param paths paths of links of the shop
   */
  public static Optional<AddressPattern> basket(Collection<String> paths) {
    return paths.stream()
        .map(LinkReader::withoutQuery)
        .filter(path -> BASKET.matcher(path).matches())
        .findFirst()
        .flatMap(AddressPattern::parse);
  }

  private static String withoutQuery(String path) {
    return path.split("[?#]", 2)[0];
  }
}
