package nodyes.server.export;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nodyes.generated.DefaultSchema;
import org.jooq.Table;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What goes out of a shop in open formats is all of it, and comes in again the same. */
public class WholeShopTest extends ArchiveTest {
  private static final String PRODUCTS =
      """
      {"productGroupID":"whole-jar","name":"Whole jar","description":"Keeps","brand":"Kiln","releaseDate":"2026-03-04T09:00:00Z","category":["Kitchen > Jars","Gifts"],"keywords":["clay","lid"],"hasVariant":[{"sku":"whole-jar-s","name":"small","gtin":"4006381333931","inventoryLevel":{"value":3},"offers":{"price":"12.50","priceCurrency":"EUR","priceSpecification":[{"price":"15.00","validFrom":"2026-05-01T00:00:00Z"},{"price":"19.00","priceType":"https://schema.org/ListPrice"}]}},{"sku":"whole-jar-l","name":"large","offers":{"price":"22.00","priceCurrency":"EUR","availability":"https://schema.org/MadeToOrder","availabilityStarts":"2026-12-20"}}]}
      {"productGroupID":"whole-bowl","name":"Whole bowl","hasVariant":[{"sku":"whole-bowl-1","name":"one","offers":{"price":"7.00","priceCurrency":"EUR"}}]}
      """;

  private static final String ORDERS =
      """
      {"orderNumber":"WH-1","orderDate":"2026-11-20T10:00:00Z","customer":{"givenName":"Ana","additionalProperty":{"name":"firstNameMayBeTold","value":true},"address":{"addressCountry":"PT","addressLocality":"Évora"}},"orderDelivery":{"deliveryStatus":[{"name":"shipped","startDate":"2026-11-21"},{"name":"arrived","startDate":"2026-11-24"}]},"orderedItem":[{"orderQuantity":3,"orderedItem":{"sku":"whole-jar-s"}},{"orderQuantity":1,"orderItemStatus":"https://schema.org/OrderReturned","orderedItem":{"sku":"whole-jar-l"}}]}
      {"orderNumber":"WH-2","orderDate":"2026-11-22T10:00:00Z","orderedItem":[{"orderQuantity":1,"orderedItem":{"sku":"whole-bowl-1"}}]}
      {"orderNumber":"WH-2","orderStatus":"https://schema.org/OrderCancelled","orderDate":"2026-11-22T10:00:00Z"}
      """;

  @BeforeClass(dependsOnMethods = "springTestContextPrepareTestInstance")
  public void aShop() throws Exception {
    taken("products", PRODUCTS, 2);
    taken("orders", ORDERS, 3);
  }

  private void taken(String kind, String lines, int many) throws Exception {
    JsonNode run =
        body(upload("/api/v1/feeds/" + kind + "/files", kind + ".jsonl", utf8(lines))).path("run");
    assertEquals(run.path("taken").asInt(), many, run.toString());
    assertEquals(run.path("wrong").asInt(), 0, run.toString());
  }

  private JsonNode line(String lines, String name) {
    return json.readTree(
        lines.lines().filter(line -> line.contains("\"" + name + "\"")).findFirst().orElseThrow());
  }

  @Test
  public void productsAndOrdersComeInAgainAsTheyWentOut() throws Exception {
    Map<String, String> first = everything();
    String products = first.getOrDefault("products.jsonl", "");
    JsonNode jar = line(products, "whole-jar");
    assertEquals(jar.path("category").toString(), "[\"Kitchen > Jars\",\"Gifts\"]");
    JsonNode small = jar.path("hasVariant").path(0);
    assertEquals(small.path("gtin").asString(), "04006381333931");
    assertEquals(small.path("offers").path("price").asString(), "12.50");
    assertTrue(
        small.path("offers").path("priceSpecification").toString().contains("2026-05-01"),
        small.toString());
    String orders = first.getOrDefault("orders.jsonl", "");
    assertEquals(line(orders, "WH-1").path("customer").path("givenName").asString(), "Ana");
    taken("products", products, (int) products.lines().count());
    taken("orders", orders, (int) orders.lines().count());
    Map<String, String> again = everything();
    assertEquals(again.get("products.jsonl"), products);
    assertEquals(again.get("orders.jsonl"), orders);
  }

  @Test
  public void eachTableGoesAlongOrIsNamedAsOneThatStays() throws Exception {
    Set<String> all =
        DefaultSchema.DEFAULT_SCHEMA.getTables().stream()
            .map(Table::getName)
            .collect(Collectors.toCollection(TreeSet::new));
    Set<String> out =
        everything().keySet().stream()
            .filter(name -> name.startsWith("tables/"))
            .map(name -> name.substring("tables/".length()).replace(".jsonl", ""))
            .collect(Collectors.toCollection(TreeSet::new));
    StoredTableStore.LEFT.values().forEach(out::addAll);
    assertEquals(out, all);
  }

  /** The key of the directory that ratings come from went along. */
  @Test
  public void noColumnWithASecretGoesAlong() throws Exception {
    Pattern secret = Pattern.compile("secret|password|token|nonce|_hash|_key|voter|network");
    // the key that stands in the shop's pages, and which words a translation is of
    Set<String> open = Set.of("shop.public_key", "review_translation.source_hash");
    Set<String> found =
        StoredTableStore.tables().stream()
            .flatMap(
                table ->
                    StoredTableStore.fields(table).stream()
                        .map(field -> table.getName() + "." + field.getName()))
            .filter(name -> secret.matcher(name).find())
            .collect(Collectors.toSet());
    assertEquals(found, open);
  }

  @Test
  public void nothingThatLetsSomeoneInGoesAlong() throws Exception {
    Map<String, String> entries = everything();
    String people = entries.getOrDefault("tables/account.jsonl", "");
    assertTrue(people.contains("\"email\""), people);
    assertFalse(people.contains("password"), people);
    String words = String.join("\n", entries.values());
    assertFalse(words.contains("$argon2") || words.contains("{bcrypt}") || words.contains("_hash"));
  }

  @Test
  public void valuesAreReadableByAnyProgram() throws Exception {
    JsonNode order = line(everything().getOrDefault("tables/shop_order.jsonl", ""), "WH-1");
    assertEquals(order.path("placed_at").asString(), "2026-11-20T10:00:00Z");
    assertEquals(order.path("is_cancelled").asBoolean(true), false);
    assertEquals(order.path("shipped_on").asString(), "2026-11-21");
  }
}
