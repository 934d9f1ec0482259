package nodyes.core.structureddata;

import static nodyes.core.structureddata.SchemaOrgNodes.typed;

import java.time.DayOfWeek;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.delivery.DayRange;
import org.joda.money.Money;

/**
 * A product's way to a country as schema.org says it: OfferShippingDetails with its deliveryTime, a
 * ShippingDeliveryTime. Handling and transit are working days, as in {@link
 * nodyes.core.delivery.Estimator}.
 */
public final class OfferShippingMarkup {
  /** By type, the properties that are written; each is one of schema.org's. */
  public static final Map<String, List<String>> WRITTEN =
      Map.of(
          "Product", List.of("name", "url", "offers"),
          "Offer",
              List.of(
                  "url",
                  "price",
                  "priceCurrency",
                  "availability",
                  "availabilityStarts",
                  "shippingDetails"),
          "OfferShippingDetails", List.of("shippingDestination", "deliveryTime"),
          "DefinedRegion", List.of("addressCountry"),
          "ShippingDeliveryTime",
              List.of("handlingTime", "transitTime", "cutoffTime", "businessDays"),
          "QuantitativeValue", List.of("minValue", "maxValue", "unitCode"),
          "OpeningHoursSpecification", List.of("dayOfWeek"));

  /** UN/CEFACT's code of a day. */
  private static final String DAY = "DAY";

  private static final DateTimeFormatter CUT_OFF = DateTimeFormatter.ofPattern("HH:mm:ssxxx");

  private OfferShippingMarkup() {}

  /**
   * How fast something is sent.
   *
   * @param handling working days until it leaves
   * @param transit delivery days on the way
   * @param cutOff the cut-off of today or the next dispatch day, on the shop's clock
   * @param dispatchDays the weekdays on which it may leave
   */
  public record Speed(
      DayRange handling, DayRange transit, ZonedDateTime cutOff, Set<DayOfWeek> dispatchDays) {}

  /**
   * What a product is offered as.
   *
   * @param title what the shop calls it
   * @param address of its page
   * @param price what it costs
   * @param availability whether it can be had, if known
   */
  public record Listing(
      String title, String address, Money price, Optional<Availability> availability) {}

  /**
   * As a tree of maps, lists, texts and numbers.
   *
   * @param country where it goes
   */
  public static Map<String, Object> of(String country, Speed speed) {
    var region = typed("DefinedRegion");
    region.put("addressCountry", country);
    var hours = typed("OpeningHoursSpecification");
    hours.put(
        "dayOfWeek", speed.dispatchDays().stream().sorted().map(OfferShippingMarkup::day).toList());
    var time = typed("ShippingDeliveryTime");
    time.put("handlingTime", days(speed.handling()));
    time.put("transitTime", days(speed.transit()));
    time.put("cutoffTime", CUT_OFF.format(speed.cutOff()));
    time.put("businessDays", hours);
    var details = typed("OfferShippingDetails");
    details.put("shippingDestination", region);
    details.put("deliveryTime", time);
    return details;
  }

  /**
   * A product, or what is known of it already, with an offer that says how it is sent.
   *
   * @param product a tree that is kept as it is; empty for one of title and address alone
   * @param details its ways; none where no promise is made
   */
  public static Map<String, Object> offered(
      Map<String, Object> product, Listing listing, List<Map<String, Object>> details) {
    var offer = typed("Offer");
    offer.put("url", listing.address());
    offer.put("price", listing.price().getAmount());
    offer.put("priceCurrency", listing.price().getCurrencyUnit().getCode());
    listing
        .availability()
        .ifPresent(
            known -> {
              offer.put("availability", known.term().address());
              known.from().ifPresent(day -> offer.put("availabilityStarts", day.toString()));
            });
    if (!details.isEmpty()) {
      offer.put("shippingDetails", details);
    }
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("@context", "https://schema.org");
    tree.putAll(typed("Product"));
    tree.put("name", listing.title());
    tree.put("url", listing.address());
    tree.putAll(product);
    tree.put("offers", offer);
    return tree;
  }

  private static Map<String, Object> days(DayRange range) {
    var value = typed("QuantitativeValue");
    value.put("minValue", range.least());
    value.put("maxValue", range.most());
    value.put("unitCode", DAY);
    return value;
  }

  private static String day(DayOfWeek day) {
    String name = day.name();
    return "https://schema.org/" + name.charAt(0) + name.substring(1).toLowerCase(Locale.ROOT);
  }
}
