package nodyes.core.structureddata;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.delivery.DayRange;
import org.joda.money.Money;
import org.testng.annotations.Test;

public class OfferShippingMarkupTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);
  private static final LocalDate LATER = LocalDate.of(2026, 12, 12);
  private static final Map<String, Object> DETAILS =
      OfferShippingMarkup.of(
          "DE",
          new OfferShippingMarkup.Speed(
              new DayRange(0, 1),
              new DayRange(3, 4),
              LocalDate.of(2026, 7, 1).atTime(16, 0).atZone(ZoneId.of("Europe/Lisbon")),
              EnumSet.of(DayOfWeek.FRIDAY, DayOfWeek.MONDAY)));

  @Test
  public void saysDaysCutOffAndWeekdays() {
    var time = requireNonNull((Map<?, ?>) DETAILS.get("deliveryTime"));
    assertEquals(
        time.get("transitTime"),
        Map.of("@type", "QuantitativeValue", "minValue", 3, "maxValue", 4, "unitCode", "DAY"));
    assertEquals(time.get("cutoffTime"), "16:00:00+01:00");
    assertEquals(
        requireNonNull((Map<?, ?>) time.get("businessDays")).get("dayOfWeek"),
        List.of("https://schema.org/Monday", "https://schema.org/Friday"));
  }

  @Test
  public void writesWhatIsCheckedAgainstTheVocabularyAndNothingElse() {
    known(DETAILS);
  }

  @Test
  public void anOfferKeepsWhatIsKnownOfTheProduct() {
    Map<String, Object> tree =
        OfferShippingMarkup.offered(
            Map.of("aggregateRating", "kept"),
            new OfferShippingMarkup.Listing(
                "Pot",
                "https://shop.example/pot",
                Money.parse("EUR 29.00"),
                Availability.of(Optional.of(0L), false, Optional.of(LATER), TODAY)),
            List.of(DETAILS));
    assertEquals(tree.get("aggregateRating"), "kept");
    var offer = requireNonNull((Map<?, ?>) tree.get("offers"));
    assertEquals(offer.get("priceCurrency"), "EUR");
    assertEquals(offer.get("availability"), "https://schema.org/BackOrder");
    assertEquals(offer.get("availabilityStarts"), "2026-12-12");
    known(offer);
  }

  /** Members of schema.org's ItemAvailability; their meanings in its own words. */
  @Test
  public void availabilityIsWhatThePageSays() {
    assertEquals(
        Availability.of(Optional.of(3L), false, Optional.of(LATER), TODAY).orElseThrow().term(),
        Availability.Term.IN_STOCK);
    assertEquals(
        Availability.of(Optional.of(0L), false, Optional.of(TODAY), TODAY).orElseThrow(),
        new Availability(Availability.Term.OUT_OF_STOCK, Optional.empty()));
    assertEquals(
        Availability.of(Optional.of(0L), true, Optional.empty(), TODAY).orElseThrow().term(),
        Availability.Term.MADE_TO_ORDER);
    assertEquals(
        Availability.of(Optional.empty(), false, Optional.of(LATER), TODAY), Optional.empty());
  }

  private static void known(Object tree) {
    if (tree instanceof List<?> list) {
      list.forEach(OfferShippingMarkupTest::known);
    } else if (tree instanceof Map<?, ?> map) {
      List<String> named = OfferShippingMarkup.WRITTEN.getOrDefault(map.get("@type"), List.of());
      map.forEach(
          (name, value) -> {
            assertTrue(name.toString().startsWith("@") || named.contains(name), map + " " + name);
            known(value);
          });
    }
  }
}
