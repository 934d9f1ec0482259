package nodyes.core.recognition;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.nod.PageKind;

/**
 * How a shop's addresses are built.
 *
 * @param product of products' pages
 * @param listing of categories, searches and other listings
 * @param basket of the basket
 */
public record ShopAddresses(
    List<AddressPattern> product, List<AddressPattern> listing, List<AddressPattern> basket) {
  private static final AddressPattern HOME = new AddressPattern("/");

  /** Copies the lists. */
  public ShopAddresses {
    product = List.copyOf(product);
    listing = List.copyOf(listing);
    basket = List.copyOf(basket);
  }

  /** These, and what the owner showed beyond them. */
  public ShopAddresses and(LearnedPages learned) {
    return new ShopAddresses(
        Stream.concat(product.stream(), learned.products().stream()).distinct().toList(),
        listing,
        basket);
  }

  /** What a product's pattern finds in an address: the first that fits. */
  public Optional<AddressPattern.Match> ofProduct(String address) {
    return product.stream().flatMap(pattern -> pattern.match(address).stream()).findFirst();
  }

  /** The kind of a page that is no known product's, where its address tells it. */
  public Optional<PageKind> kind(String address) {
    if (fits(basket, address)) {
      return Optional.of(PageKind.BASKET);
    }
    if (HOME.match(address).isPresent()) {
      return Optional.of(PageKind.HOME);
    }
    return fits(listing, address) ? Optional.of(PageKind.LISTING) : Optional.empty();
  }

  private static boolean fits(List<AddressPattern> patterns, String address) {
    return patterns.stream().anyMatch(pattern -> pattern.match(address).isPresent());
  }
}
