package nodyes.core.structured;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import nodyes.core.delivery.DayRange;
import org.joda.money.Money;
import org.testng.annotations.Test;

public class ShippingDetailsTest {
  private static final Map<String, Object> DETAILS =
      ShippingDetails.of(
          "DE",
          new DayRange(0, 1),
          new DayRange(3, 4),
          LocalTime.of(16, 0),
          ZoneId.of("Europe/Lisbon"),
          Instant.parse("2026-07-01T12:00:00Z"),
          EnumSet.of(DayOfWeek.FRIDAY, DayOfWeek.MONDAY));

  @Test
  public void saysDaysCutOffAndWeekdays() {
    var time = (Map<?, ?>) DETAILS.get("deliveryTime");
    assertEquals(
        time.get("transitTime"),
        Map.of("@type", "QuantitativeValue", "minValue", 3, "maxValue", 4, "unitCode", "DAY"));
    assertEquals(time.get("cutoffTime"), "16:00:00+01:00");
    assertEquals(
        ((Map<?, ?>) time.get("businessDays")).get("dayOfWeek"),
        List.of("https://schema.org/Monday", "https://schema.org/Friday"));
  }

  @Test
  public void writesWhatIsCheckedAgainstTheVocabularyAndNothingElse() {
    known(DETAILS);
  }

  @Test
  public void anOfferKeepsWhatIsKnownOfTheProduct() {
    Map<String, Object> tree =
        ShippingDetails.offered(
            Map.of("aggregateRating", "kept"),
            "Pot",
            "https://shop.example/pot",
            Money.parse("EUR 29.00"),
            List.of(DETAILS));
    assertEquals(tree.get("aggregateRating"), "kept");
    var offer = (Map<?, ?>) tree.get("offers");
    assertEquals(offer.get("priceCurrency"), "EUR");
    known(offer);
  }

  private static void known(Object tree) {
    if (tree instanceof List<?> list) {
      list.forEach(ShippingDetailsTest::known);
    } else if (tree instanceof Map<?, ?> map) {
      List<String> named = ShippingDetails.WRITTEN.getOrDefault(map.get("@type"), List.of());
      map.forEach(
          (name, value) -> {
            assertTrue(name.toString().startsWith("@") || named.contains(name), map + " " + name);
            known(value);
          });
    }
  }
}
