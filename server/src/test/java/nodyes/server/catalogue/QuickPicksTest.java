package nodyes.server.catalogue;

import static org.testng.Assert.assertEquals;

import nodyes.server.ServerTest;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;

/** In a catalogue of its own, since each pick is one among all products. */
@DirtiesContext(classMode = DirtiesContext.ClassMode.BEFORE_CLASS)
public class QuickPicksTest extends ServerTest {
  private static String pot(String slug, String title, String offer, String stock, String day) {
    return ("{\"@type\":\"ProductGroup\",\"productGroupID\":\"%s\",\"name\":\"%s\","
            + "\"releaseDate\":\"%s\",\"hasVariant\":[{\"sku\":\"%s-1\",\"name\":\"24 cm\","
            + "\"inventoryLevel\":{\"value\":%s},\"offers\":{%s}}]}\n")
        .formatted(slug, title, day, slug, stock, offer);
  }

  private static String prices(String now, String... before) {
    var history = new StringBuilder();
    for (int i = 0; i < before.length; i++) {
      history.append(
          "{\"price\":\"%s\",\"validFrom\":\"2026-0%d-01\"},".formatted(before[i], i + 1));
    }
    return "\"price\":\"%s\",\"priceCurrency\":\"EUR\",\"priceSpecification\":[%s{\"price\":\"%s\",\"validFrom\":\"2026-09-01\"}]"
        .formatted(now, history, now);
  }

  @Test
  public void eachPickIsWhatItSays() throws Exception {
    String lines =
        pot("reduced", "Reduced", prices("20.00", "25.00"), "4", "2026-01-02")
            + pot("raised", "Raised again", prices("30.00", "40.00", "20.00"), "4", "2026-01-03")
            + pot("gone", "Gone", prices("9.00"), "0", "2026-01-04")
            + pot(
                "wordy", "A pot with a title as long as the day", prices("9.00"), "1", "2026-01-05")
            + pot("loved", "Loved", prices("9.00"), "1", "2026-01-06")
            + pot("fresh", "Fresh", prices("9.00"), "1", "2026-11-01");
    assertEquals(
        body(upload("/api/v1/catalogue/imports", "c.jsonl", utf8(lines))).path("taken").asInt(), 6);
    StringBuilder reviews = new StringBuilder("Product,Rating,Words\n");
    for (String slug : new String[] {"reduced", "raised", "gone", "wordy", "loved"}) {
      reviews.append(slug).append("-1,5,Fine by me and mine\n");
    }
    publish(bringIn(reviews + "loved-1,4,Another good one\n", "{}"));
    assertEquals(
        body(ask("/api/v1/catalogue/quick-picks"))
            .path("items")
            .valueStream()
            .map(pick -> pick.path("why").asString() + " " + pick.path("product").asString())
            .toList()
            .toString(),
        "[REDUCED_PRICE reduced, SOLD_OUT gone, NO_REVIEWS fresh, LONGEST_TITLE wordy,"
            + " MOST_REVIEWS loved, NEWEST fresh]");
  }
}
