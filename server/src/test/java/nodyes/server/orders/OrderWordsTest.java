package nodyes.server.orders;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Input: a table of orders as another program writes it, with 'refunded', 'Storniert' and a word of
 * the shop's own as status, and 'United States' as country. Every order counted as sold, and each
 * later publication ended in an error 500, as no holidays could be looked up for that country.
 */
public class OrderWordsTest extends ServerTest {
  @BeforeClass(dependsOnMethods = "springTestContextPrepareTestInstance")
  public void aPot() throws Exception {
    product("word-pot");
  }

  private ResultActions orders(String... rows) throws Exception {
    return upload(
        "/api/v1/feeds/orders/files",
        "orders.csv",
        utf8("Order,Date,SKU,Quantity,Country,Status\n" + String.join("\n", rows) + "\n"));
  }

  private static String row(String number, String country, String status) {
    return number + ",2026-11-25T10:00:00Z,word-pot-1,1," + country + "," + status;
  }

  private long sold() throws Exception {
    return body(ask("/api/v1/products/word-pot")).path("sold").path("units").asLong();
  }

  @Test
  public void whatCameBackOrWasNeverPaidIsNotSold() throws Exception {
    orders(
            row("W-1", "Deutschland", "geliefert"),
            row("W-2", "PT", "refunded"),
            row("W-3", "Espanha", "Storniert"),
            row("W-4", "USA", "payment pending"))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.run.taken").value(4));
    assertEquals(sold(), 1);
    // what was waited for is paid: the order is replaced
    orders(row("W-4", "USA", "paid")).andExpect(jsonPath("$.run.taken").value(1));
    assertEquals(sold(), 2);
  }

  @Test(dependsOnMethods = "whatCameBackOrWasNeverPaidIsNotSold")
  public void aWordThatIsNotUnderstoodIsAskedAboutAndNotCounted() throws Exception {
    JsonNode run = body(orders(row("W-5", "FR", "Zum Gärtner")));
    assertEquals(run.path("run").path("taken").asInt(), 0);
    JsonNode problem = run.path("problems").path(0);
    assertEquals(problem.path("field").asString(), "orderStatus");
    assertEquals(problem.path("value").asString(), "Zum Gärtner");
    assertEquals(problem.path("line").asInt(), 2);
    assertEquals(sold(), 2);
    act(
            HttpMethod.PUT,
            "/api/v1/orders/status-words",
            "{\"word\":\"zum gärtner\",\"outcome\":\"SOLD\"}")
        .andExpect(status().isOk());
    orders(row("W-5", "FR", "Zum Gärtner")).andExpect(jsonPath("$.run.taken").value(1));
    assertEquals(sold(), 3);
  }

  @Test(dependsOnMethods = "aWordThatIsNotUnderstoodIsAskedAboutAndNotCounted")
  public void aCountryIsKnownByNameAndWhatIsNoneIsRefusedWithItsLine() throws Exception {
    JsonNode run =
        body(orders(row("W-6", "United States", "paid"), row("W-7", "Atlantis", "paid")));
    assertEquals(run.path("run").path("taken").asInt(), 1);
    JsonNode problem = run.path("problems").path(0);
    assertEquals(problem.path("line").asInt(), 3);
    assertEquals(problem.path("field").asString(), "addressCountry");
    assertTrue(problem.path("reason").asString().contains("is not a country"), problem.toString());
    send("/api/v1/layout/publish", "").andExpect(status().isOk());
  }

  @Test(dependsOnMethods = "aCountryIsKnownByNameAndWhatIsNoneIsRefusedWithItsLine")
  public void aDayThatThereIsNotIsToldWithItsLine() throws Exception {
    JsonNode run =
        body(
            upload(
                "/api/v1/feeds/orders/files",
                "o.csv",
                utf8("Order,Date,SKU\nW-8,31.02.,word-pot-1\n")));
    JsonNode problem = run.path("problems").path(0);
    assertEquals(problem.path("line").asInt(), 2);
    assertEquals(problem.path("field").asString(), "orderDate");
    assertEquals(problem.path("value").asString(), "31.02.");
  }

  @Test
  public void aWordWithoutAMeaningIsRefusedWithItsField() throws Exception {
    for (String body :
        new String[] {"{}", "{\"word\":\"x\"}", "{\"word\":\"!\",\"outcome\":\"SOLD\"}"}) {
      act(HttpMethod.PUT, "/api/v1/orders/status-words", body).andExpect(status().isBadRequest());
    }
  }

  /** It was refused as one that nobody knew, since its order was not stored yet. */
  @Test
  public void anOrderThatIsCancelledFurtherDownInTheSameFileIsCancelled() throws Exception {
    String lines =
        "{\"orderNumber\":\"W-77\",\"orderDate\":\"2026-11-22T10:00:00Z\",\"orderedItem\":[{\"orderQuantity\":1,"
            + "\"orderedItem\":{\"sku\":\"word-pot-1\"}}]}\n"
            + "{\"orderNumber\":\"W-77\",\"orderStatus\":\"https://schema.org/OrderCancelled\"}\n";
    JsonNode run = body(upload("/api/v1/feeds/orders/files", "orders.jsonl", utf8(lines)));
    assertEquals(run.path("run").path("wrong").asInt(), 0, run.toString());
    assertEquals(run.path("run").path("taken").asInt(), 2);
  }
}
