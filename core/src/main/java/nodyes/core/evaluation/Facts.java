package nodyes.core.evaluation;

import java.time.ZoneId;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import nodyes.core.common.Slug;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.Estimator;
import nodyes.core.delivery.HolidayCalendar;

/**
 * What was loaded for a viewpoint.
 *
 * @param zone the shop's zone
 * @param products the known products among those asked for
 * @param listing what a business directory says of the shop itself
 * @param sales what the shop sold
 * @param seen how many looked at the products, where that was looked up
 * @param delivery what works out when orders arrive
 */
public record Facts(
    ZoneId zone,
    Map<Slug, ProductFacts> products,
    BusinessProfile listing,
    ShopSales sales,
    VisitorFacts seen,
    Estimator delivery) {
  private static final Estimator NO_DELIVERY =
      new Estimator(DeliverySettings.NONE, HolidayCalendar.NONE);

  /** Of a shop that has set nothing of delivery. */
  public Facts(
      ZoneId zone,
      Map<Slug, ProductFacts> products,
      BusinessProfile listing,
      ShopSales sales,
      VisitorFacts seen) {
    this(zone, products, listing, sales, seen, NO_DELIVERY);
  }

  /** For a shopper's page, which is answered without how many looked. */
  public Facts(
      ZoneId zone, Map<Slug, ProductFacts> products, BusinessProfile listing, ShopSales sales) {
    this(zone, products, listing, sales, VisitorFacts.UNKNOWN);
  }

  /** Of a shop that is in no directory and sold nothing. */
  public Facts(ZoneId zone, Map<Slug, ProductFacts> products) {
    this(zone, products, BusinessProfile.NONE, ShopSales.NONE);
  }

  /** The same, with how many looked at the products. */
  public Facts with(VisitorFacts other) {
    return new Facts(zone, products, listing, sales, other, delivery);
  }

  /** The same, with what works out when orders arrive. */
  public Facts with(Estimator other) {
    return new Facts(zone, products, listing, sales, seen, other);
  }

  /** The same with other products. */
  public Facts of(Map<Slug, ProductFacts> others) {
    return new Facts(zone, others, listing, sales, seen, delivery);
  }

  /** The same with other sales. */
  public Facts with(ShopSales other) {
    return new Facts(zone, products, listing, other, seen, delivery);
  }

  /** Keeps the products unchangeable, in their order. */
  public Facts {
    products = Collections.unmodifiableMap(new LinkedHashMap<>(products));
  }
}
