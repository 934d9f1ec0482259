package nodyes.server.orders;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.server.ServerTest;
import nodyes.server.catalogue.Catalogue;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class OrderImportTest extends ServerTest {
  @Autowired private Orders orders;
  @Autowired private OrderStore store;
  @Autowired private Catalogue catalogue;

  private static String order(String number, String sku, String more) {
    return "{\"orderNumber\":\"%s\",\"orderDate\":\"2026-11-02T10:00:00Z\"%s,\"orderedItem\":[{\"orderQuantity\":2,\"orderedItem\":{\"sku\":\"%s\"}}]}\n"
        .formatted(number, more, sku);
  }

  private JsonNode imports(String lines) throws Exception {
    return body(upload("/api/v1/orders/imports", "o.jsonl", utf8(lines)));
  }

  @Test
  public void ordersTellWhichProductsTheyHold() throws Exception {
    product("order-pot");
    product("order-jar");
    JsonNode result =
        imports(
            order("O-1", "order-pot-1", "")
                + order("O-2", "no-such-sku", "")
                + order(
                    "O-3", "order-pot-1", ",\"orderStatus\":\"https://schema.org/OrderCancelled\"")
                + "{\"orderNumber\":\"O-4\",\"orderDate\":\"soon\",\"orderedItem\":[{\"orderedItem\":{\"sku\":\"order-pot-1\"}}]}\n"
                + "{\"orderNumber\":\"O-5\",\"orderDate\":\"2026-11-02T10:00:00Z\"}\n");
    assertEquals(result.path("taken").asInt(), 2);
    assertEquals(
        result.path("problems").valueStream().map(p -> p.path("line").asInt()).toList(),
        List.of(2, 4, 5));
    assertEquals(
        result.path("problems").path(0).path("reason").asString(),
        "No product has the SKU “no-such-sku”.");
    Map<String, ?> known = orders.products(List.of("O-1", "O-2", "O-3", "O-9"));
    assertEquals(known.keySet(), java.util.Set.of("O-1"), "a cancelled order verifies nothing");
  }

  /** The second line of one thing was left out without a word. */
  @Test
  public void oneThingOnTwoLinesOfAnOrderWasSoldTwice() throws Exception {
    product("twice-pot");
    String line = "{\"orderQuantity\":2,\"orderedItem\":{\"sku\":\"twice-pot-1\"}}";
    imports(
        "{\"orderNumber\":\"T-1\",\"orderDate\":\"2026-11-02\",\"orderedItem\":[%s,%s]}\n"
            .formatted(line, line));
    long id = catalogue.id(new Slug("twice-pot")).orElseThrow();
    assertEquals(
        requireNonNull(store.unitsByDay(Set.of(id), ZoneOffset.UTC).get(new ProductId(id))),
        Map.of(LocalDate.parse("2026-11-02"), 4L));
  }

  /** Of two orders with one number in one file the later one stands, in the same chunk too. */
  @Test
  public void ofOneNumberTwiceTheLaterOneStands() throws Exception {
    product("early-pot");
    product("late-pot");
    imports(order("D-1", "early-pot-1", "") + order("D-1", "late-pot-1", ""));
    assertEquals(
        orders.products(List.of("D-1")),
        Map.of("D-1", Set.of(catalogue.id(new Slug("late-pot")).orElseThrow())));
  }

  @Test
  public void anOrderThatComesAgainIsReplaced() throws Exception {
    product("first-pot");
    product("second-pot");
    imports(order("R-1", "first-pot-1", ""));
    var before = orders.products(List.of("R-1"));
    imports(order("R-1", "second-pot-1", ""));
    var after = orders.products(List.of("R-1"));
    assertEquals(requireNonNull(before.get("R-1")).size(), 1);
    assertEquals(requireNonNull(after.get("R-1")).size(), 1);
    assertEquals(before.equals(after), false);
  }

  /** Orders come again and again, one or several at a time; each holds what it held last. */
  @Test
  public void eachOrderHoldsWhatItsLastComingHeld() throws Exception {
    var random = new SplittableRandom(17);
    for (int i = 0; i < 4; i++) {
      product("again-" + i);
    }
    var held = new TreeMap<String, String>();
    for (int round = 0; round < 60; round++) {
      var lines = new StringBuilder();
      for (int i = random.nextInt(3); i >= 0; i--) {
        String number = "A-" + random.nextInt(25);
        String product = "again-" + random.nextInt(4);
        held.put(number, product);
        // long ago: what other tests rank by is what was sold lately
        lines.append(order(number, product + "-1", "").replace("2026-11-02", "2024-11-02"));
      }
      imports(lines.toString());
    }
    Map<String, Set<Long>> known = orders.products(held.keySet());
    var expected = new TreeMap<String, Set<Long>>();
    for (Map.Entry<String, String> one : held.entrySet()) {
      expected.put(one.getKey(), Set.of(catalogue.id(new Slug(one.getValue())).orElseThrow()));
    }
    assertEquals(new TreeMap<>(known), expected);
  }
}
