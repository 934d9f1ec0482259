package nodyes.server.shop;

import java.net.URI;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import nodyes.core.recognition.AddressPattern;
import nodyes.core.recognition.ShopAddresses;

/**
 * The shop.
 *
 * @param name what shoppers know it by
 * @param publicKey the key in its script tag
 * @param currency ISO 4217
 * @param zone the zone its days are counted in
 * @param address origin of its pages, such as {@code https://shop.example}; empty until connected
 * @param productPath path of a product's page, with {@code {product}} for its slug; in its query
 *     {@code {variant}} may stand for the SKU of the chosen variant
 * @param listingPath path of a category's page, with {@code {category}} for its slug
 * @param basketPath path of the basket
 */
public record ShopSettings(
    String name,
    String publicKey,
    String currency,
    ZoneId zone,
    String address,
    String productPath,
    String listingPath,
    String basketPath) {
  /** The same with other money and another time zone. */
  public ShopSettings with(String otherCurrency, ZoneId otherZone) {
    return new ShopSettings(
        name, publicKey, otherCurrency, otherZone, address, productPath, listingPath, basketPath);
  }

  /** The origin of its pages, if connected. */
  public Optional<String> origin() {
    if (address.isEmpty()) {
      return Optional.empty();
    }
    URI uri = URI.create(address);
    return Optional.of(uri.getScheme() + "://" + uri.getAuthority());
  }

  /** The path of a product's page, no variant chosen. */
  public String productPage(String slug) {
    return AddressPattern.parse(productPath)
        .map(pattern -> pattern.of(slug))
        .orElseGet(() -> productPath.replace("{product}", slug));
  }

  /** How its addresses are built. */
  public ShopAddresses addresses() {
    return new ShopAddresses(pattern(productPath), pattern(listingPath), pattern(basketPath));
  }

  private static List<AddressPattern> pattern(String template) {
    return AddressPattern.parse(template).stream().toList();
  }
}
