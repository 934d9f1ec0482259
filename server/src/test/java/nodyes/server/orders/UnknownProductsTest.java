package nodyes.server.orders;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.util.List;
import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Orders that name what was sold in words of another program. */
public class UnknownProductsTest extends ServerTest {
  private static final String NAMES = "/api/v1/catalogue/variant-names";
  private static final String ORDERS =
      "Order,Date,Item,Quantity\nU-1,2026-11-20,Topf groß (alt),2\nU-2,2026-11-21,unknown-pot-1,1\n";

  @BeforeClass(dependsOnMethods = "springTestContextPrepareTestInstance")
  public void aPot() throws Exception {
    product("unknown-pot");
  }

  private JsonNode read() throws Exception {
    return body(upload("/api/v1/feeds/orders/files", "orders.csv", utf8(ORDERS)));
  }

  private void say(String name, String sku) throws Exception {
    act(HttpMethod.PUT, NAMES, "{\"name\":\"%s\",\"sku\":\"%s\"}".formatted(name, sku))
        .andExpect(status().isNoContent());
  }

  private List<String> said() throws Exception {
    return body(ask(NAMES))
        .path("items")
        .valueStream()
        .map(one -> one.path("name").asString() + " = " + one.path("sku").asString())
        .toList();
  }

  @Test
  public void aNameThatTheOwnerGivesAMeaningIsReadSoFromThenOn() throws Exception {
    JsonNode before = read();
    assertEquals(before.path("run").path("taken").asInt(), 1);
    assertEquals(before.path("problems").path(0).path("field").asString(), "sku");
    assertEquals(before.path("problems").path(0).path("value").asString(), "Topf groß (alt)");
    say("Topf groß (alt)", "unknown-pot-1");
    assertEquals(said(), List.of("Topf groß (alt) = unknown-pot-1"));
    JsonNode after = read();
    assertEquals(after.path("run").path("taken").asInt(), 2);
    assertEquals(after.path("run").path("wrong").asInt(), 0);
    assertEquals(body(ask("/api/v1/products/unknown-pot")).path("sold").path("units").asInt(), 3);
  }

  @Test(dependsOnMethods = "aNameThatTheOwnerGivesAMeaningIsReadSoFromThenOn")
  public void whatWasSaidCanBeTakenBack() throws Exception {
    // whatever its case and spaces
    act(HttpMethod.DELETE, NAMES + "?name={name}", "", " topf GROß (alt)")
        .andExpect(status().isNoContent());
    assertEquals(said(), List.of());
    assertEquals(read().path("run").path("taken").asInt(), 1);
  }

  @DataProvider
  Object[][] refused() {
    return new Object[][] {
      {"{\"name\":\" \",\"sku\":\"unknown-pot-1\"}"},
      {"{\"name\":\"Topf\",\"sku\":\"no-such\"}"},
      {"{\"name\":\"%s\",\"sku\":\"unknown-pot-1\"}".formatted("x".repeat(301))},
      {"{\"sku\":\"unknown-pot-1\"}"},
    };
  }

  @Test(dataProvider = "refused")
  public void whatMeansNothingIsRefused(String said) throws Exception {
    act(HttpMethod.PUT, NAMES, said).andExpect(status().isBadRequest());
  }
}
