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
 */
public record Facts(
    ZoneId zone, Map<Slug, ProductFacts> products, ShopListing listing, ShopSales sales) {
  /** Of a shop that is in no directory and sold nothing. */
  public Facts(ZoneId zone, Map<Slug, ProductFacts> products) {
    this(zone, products, ShopListing.NONE, ShopSales.NONE);
  }

  /** Keeps the products unchangeable, in their order. */
  public Facts {
    products = Collections.unmodifiableMap(new LinkedHashMap<>(products));
  }
}
