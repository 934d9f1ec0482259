package nodyes.server.productlist;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import nodyes.server.ServerTest;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class ProductsApiTest extends ServerTest {
  private static final String LINE =
      "{\"productGroupID\":\"%s\",\"name\":\"%s\",\"category\":\"%s\",\"keywords\":[\"%s\"],\"releaseDate\":\"2026-0%d-01\",\"hasVariant\":[{\"sku\":\"%s\",\"name\":\"one\",\"inventoryLevel\":{\"value\":%d},\"offers\":{\"price\":\"%s\",\"priceCurrency\":\"EUR\",\"priceSpecification\":[{\"price\":\"40.00\",\"validFrom\":\"2026-08-01\"},{\"price\":\"%s\",\"validFrom\":\"2026-11-20\"}]}}]}\n";

  @BeforeClass
  public void fill() throws Exception {
    String lines =
        LINE.formatted("pa", "Alder pot", "Pots of wood", "heavy", 1, "PA", 0, "25.00", "25.00")
            + LINE.formatted(
                "pb", "Birch pot", "Pots of wood", "light", 2, "PB", 2, "40.00", "40.00")
            + LINE.formatted("pc", "Cedar can", "Cans", "light", 3, "PC", 9, "30.00", "30.00");
    upload("/api/v1/catalogue/imports", "c.jsonl", utf8(lines)).andExpect(status().isOk());
    String orders =
        IntStream.range(0, 7)
            .mapToObj(
                i ->
                    "{\"orderNumber\":\"PO-%d\",\"orderDate\":\"2026-11-%02dT10:00:00Z\",\"orderedItem\":[{\"orderQuantity\":%d,\"orderedItem\":{\"sku\":\"%s\"}}]}\n"
                        .formatted(i, 10 + i, 1 + i % 3, List.of("PA", "PB", "PC").get(i % 3)))
            .reduce("", String::concat);
    upload("/api/v1/orders/imports", "o.jsonl", utf8(orders)).andExpect(status().isOk());
  }

  private List<String> slugs(String query) throws Exception {
    return body(ask("/api/v1/products?" + query).andExpect(status().isOk()))
        .path("rows")
        .path("items")
        .valueStream()
        .map(row -> row.path("slug").asString())
        .filter(slug -> slug.matches("p[abc]"))
        .toList();
  }

  @Test
  public void theTableIsSortedAndFiltered() throws Exception {
    assertEquals(slugs("sort=TITLE"), List.of("pa", "pb", "pc"));
    assertEquals(slugs("sort=PRICE"), List.of("pa", "pc", "pb"));
    assertEquals(slugs("sort=STOCK"), List.of("pa", "pb", "pc"));
    assertEquals(slugs("sort=NEWEST"), List.of("pc", "pb", "pa"));
    assertEquals(slugs("q=cedar"), List.of("pc"));
    assertEquals(slugs("q=PB"), List.of("pb"));
    assertEquals(slugs("category=pots-of-wood&sort=TITLE"), List.of("pa", "pb"));
    assertEquals(slugs("tag=light&sort=TITLE"), List.of("pb", "pc"));
    assertEquals(slugs("stock=OUT"), List.of("pa"));
    assertEquals(slugs("stock=FEW"), List.of("pb"));
    assertEquals(slugs("stock=IN&sort=TITLE"), List.of("pb", "pc"));
    // of what is sold out no reduction is told
    assertEquals(slugs("reduced=true&sort=TITLE"), List.of("pc"));
    assertEquals(slugs("q=no-such-thing"), List.of());
    ask("/api/v1/products?shows=no-such-nod").andExpect(status().isNotFound());
  }

  /** The rank against a plain count of the orders above. */
  @Test
  public void soldAndRankAreThoseOfTheOrders() throws Exception {
    long[] units = new long[3];
    for (int i = 0; i < 7; i++) {
      units[i % 3] += 1 + i % 3;
    }
    JsonNode rows = body(ask("/api/v1/products?sort=SOLD&q=pot")).path("rows").path("items");
    int checked = 0;
    for (JsonNode row : rows) {
      int which = List.of("pa", "pb").indexOf(row.path("slug").asString());
      if (which >= 0) {
        checked++;
        assertEquals(row.path("sold").path("units").asLong(), units[which]);
        long above = IntStream.range(0, 2).filter(i -> units[i] > units[which]).count();
        assertEquals(row.path("sold").path("rank").asLong(), above + 1);
        assertEquals(row.path("sold").path("group").asString(), "Pots of wood");
      }
    }
    assertEquals(checked, 2);
    List<Long> sold =
        rows.valueStream().map(row -> row.path("sold").path("units").asLong()).toList();
    assertEquals(sold, sold.stream().sorted(Comparator.reverseOrder()).toList());
    // what was not sold has no rank: it was the first of those of which nothing was sold
    assertTrue(
        rows.valueStream()
            .map(row -> row.path("sold"))
            .allMatch(place -> place.isMissingNode() || place.path("units").asLong() > 0));
  }

  @Test
  public void aProductTellsItsPricesWeeksAndEveryNod() throws Exception {
    JsonNode view = body(ask("/api/v1/products/pa").andExpect(status().isOk()));
    JsonNode variant = view.path("variants").path(0);
    // sold out: what the table, the labels and this panel say of its price is the same
    assertTrue(variant.path("percentOff").isMissingNode(), variant.toString());
    JsonNode sold = body(ask("/api/v1/products/pc")).path("variants").path(0);
    assertEquals(sold.path("percentOff").asInt(), 25, "30.00 against 40.00");
    assertEquals(sold.path("prior").asDouble(), 40.0);
    assertEquals(variant.path("prices").size(), 2);
    assertEquals(view.path("weeks").size(), 12);
    assertEquals(view.path("stock").asInt(), 0);
    assertEquals(view.path("nods").path(0).path("because").asString().isEmpty(), false);
    ask("/api/v1/products/no-such").andExpect(status().isNotFound());
  }

  @Test(dependsOnMethods = "theTableIsSortedAndFiltered")
  public void tagsForManyAtOnceAreLookedAtFirstAndTakenBack() throws Exception {
    long a = body(ask("/api/v1/products/pa")).path("id").asLong();
    long b = body(ask("/api/v1/products/pb")).path("id").asLong();
    String tagging = "{\"products\":[%d,%d],\"tag\":\"winter gift\",\"has\":%s}";
    send("/api/v1/products/tags/preview", tagging.formatted(a, b, true))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.changed").value(2))
        .andExpect(jsonPath("$.effects.length()").value(0));
    send("/api/v1/products/tags", tagging.formatted(a, b, true))
        .andExpect(jsonPath("$.changed.length()").value(2));
    send("/api/v1/products/tags", tagging.formatted(a, b, true))
        .andExpect(jsonPath("$.changed.length()").value(0));
    ask("/api/v1/products/tags")
        .andExpect(jsonPath("$.items[?(@.tag == 'winter gift')].products").value(2));
    // a feed that knows nothing of it leaves it
    upload(
            "/api/v1/catalogue/imports",
            "c.jsonl",
            utf8(
                LINE.formatted(
                    "pa", "Alder pot", "Pots of wood", "heavy", 1, "PA", 0, "25.00", "25.00")))
        .andExpect(status().isOk());
    ask("/api/v1/products/pa").andExpect(jsonPath("$.tags[1]").value("winter gift"));
    send("/api/v1/products/tags", tagging.formatted(a, b, false))
        .andExpect(jsonPath("$.changed.length()").value(2));
    send("/api/v1/products/tags", "{\"products\":[],\"tag\":\"x\",\"has\":true}")
        .andExpect(status().isBadRequest());
    send("/api/v1/products/tags", "{\"products\":[1],\"tag\":\" \",\"has\":true}")
        .andExpect(status().isBadRequest());
  }
}
