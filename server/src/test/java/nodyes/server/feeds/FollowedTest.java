package nodyes.server.feeds;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** An address that products or orders are fetched from. */
public class FollowedTest extends ServerTest {
  @AfterMethod(alwaysRun = true)
  public void leave() throws Exception {
    act(HttpMethod.DELETE, "/api/v1/feeds/orders", "");
  }

  private ResultActions follow(String kind, String address, int hours) throws Exception {
    return act(
        HttpMethod.PUT,
        "/api/v1/feeds/{kind}",
        "{\"address\":\"%s\",\"everyHours\":%d}".formatted(address, hours),
        kind);
  }

  private JsonNode followed() throws Exception {
    for (JsonNode one : body(ask("/api/v1/feeds")).path("items")) {
      if (one.path("kind").asString().equals("ORDERS")) {
        return one;
      }
    }
    return json.missingNode();
  }

  @Test
  public void whatIsFollowedIsAskedAndTellsWhen() throws Exception {
    product("followed-pot");
    OutsideServer.says(
        "/orders.jsonl",
        "application/json",
        "{\"orderNumber\":\"F-1\",\"orderDate\":\"2026-11-20T10:00:00Z\",\"orderedItem\":"
            + "[{\"orderQuantity\":2,\"orderedItem\":{\"sku\":\"followed-pot-1\"}}]}\n"
            + "{\"orderNumber\":\"F-2\",\"orderDate\":\"soon\",\"orderedItem\":"
            + "[{\"orderQuantity\":2,\"orderedItem\":{\"sku\":\"followed-pot-1\"}}]}\n");
    follow("orders", OutsideServer.address("/orders.jsonl"), 6).andExpect(status().isOk());
    assertEquals(followed().path("everyHours").asInt(), 6);
    JsonNode run = body(send("/api/v1/feeds/orders/update", "").andExpect(status().isOk()));
    assertEquals(run.path("run").path("taken").asInt(), 1, run.toString());
    assertEquals(run.path("run").path("wrong").asInt(), 1, run.toString());
    assertEquals(run.path("problems").path(0).path("line").asInt(), 2, run.toString());
    JsonNode again = body(ask("/api/v1/feeds/runs/{id}", run.path("run").path("id").asLong()));
    assertEquals(again, run);
    assertEquals(followed().path("askedAt").asString().substring(0, 10), "2026-11-26");
  }

  @Test
  public void anotherAddressTakesThePlaceOfTheFirst() throws Exception {
    follow("orders", OutsideServer.address("/one.jsonl"), 1).andExpect(status().isOk());
    follow("orders", OutsideServer.address("/two.jsonl"), 168).andExpect(status().isOk());
    assertEquals(followed().path("address").asString(), OutsideServer.address("/two.jsonl"));
    assertEquals(followed().path("everyHours").asInt(), 168);
    act(HttpMethod.DELETE, "/api/v1/feeds/orders", "").andExpect(status().isOk());
    assertEquals(followed().isMissingNode(), true);
    send("/api/v1/feeds/orders/update", "").andExpect(status().isNotFound());
  }

  @Test
  public void whatCannotBeFollowedIsRefusedByName() throws Exception {
    for (int hours : new int[] {0, -1, 100_000}) {
      follow("orders", OutsideServer.address("/o.jsonl"), hours)
          .andExpect(status().isBadRequest())
          .andExpect(jsonPath("$.faults[0].field").value("everyHours"));
    }
    for (String address :
        new String[] {"", "two words", "ftp://shop.example/o", "file:///etc", "http://"}) {
      int status = follow("orders", address, 6).andReturn().getResponse().getStatus();
      assertTrue(status >= 400 && status < 500, "“" + address + "” was " + status);
    }
    follow("reviews", OutsideServer.address("/o.jsonl"), 6).andExpect(status().isNotFound());
    ask("/api/v1/feeds/runs/999999").andExpect(status().isNotFound());
    assertEquals(followed().isMissingNode(), true);
  }
}
