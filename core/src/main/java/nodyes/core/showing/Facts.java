package nodyes.core.showing;

import java.time.ZoneId;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import nodyes.core.common.Slug;

/**
 * What was loaded for a viewpoint.
 *
 * @param zone the shop's zone
 * @param products the known products among those asked for
 * @param listing what a business directory says of the shop itself
 * @param sales what the shop sold
 * @param seen how many looked at the products, where that was looked up
 */
public record Facts(
    ZoneId zone,
    Map<Slug, ProductFacts> products,
    ShopListing listing,
    ShopSales sales,
    Seen seen) {
  /** For a shopper's page, which is answered without how many looked. */
  public Facts(
      ZoneId zone, Map<Slug, ProductFacts> products, ShopListing listing, ShopSales sales) {
    this(zone, products, listing, sales, Seen.UNKNOWN);
  }

  /** Of a shop that is in no directory and sold nothing. */
  public Facts(ZoneId zone, Map<Slug, ProductFacts> products) {
    this(zone, products, ShopListing.NONE, ShopSales.NONE);
  }

  /** The same, with how many looked at the products. */
  public Facts with(Seen other) {
    return new Facts(zone, products, listing, sales, other);
  }

  /** Keeps the products unchangeable, in their order. */
  public Facts {
    products = Collections.unmodifiableMap(new LinkedHashMap<>(products));
  }
}
