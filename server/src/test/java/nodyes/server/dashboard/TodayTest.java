package nodyes.server.dashboard;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import nodyes.core.suggestions.Suggestion;
import nodyes.core.suggestions.SuggestionRules;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import nodyes.server.dashboard.ActWords.ActView;
import nodyes.server.database.Database;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * It is 26 November, some minutes after 14:20 in Lisbon; other tests' reviews and orders are there
 * too.
 */
public class TodayTest extends ServerTest {
  private static final String NODS = "/api/v1/layout/nods";

  @Autowired private Database database;
  @Autowired private ShopStatusReader figures;

  private void leave() throws Exception {
    act(HttpMethod.DELETE, "/api/v1/feeds/orders", "");
  }

  private JsonNode today(String what) throws Exception {
    return body(ask("/api/v1/dashboard/" + what).andExpect(status().isOk()));
  }

  private void order(String number, String moment, String sku, int quantity) throws Exception {
    String line =
        "{\"orderNumber\":\"%s\",\"orderDate\":\"%s\",\"orderedItem\":[{\"orderQuantity\":%d,\"orderedItem\":{\"sku\":\"%s\"}}]}"
            .formatted(number, moment, quantity, sku);
    upload("/api/v1/orders/imports", "o.jsonl", utf8(line)).andExpect(status().isOk());
  }

  @Test
  public void nobodyElseIsTold() throws Exception {
    for (String what : List.of("suggestions", "history", "upcoming-changes", "top-seller")) {
      http.perform(get("/api/v1/dashboard/" + what)).andExpect(status().isUnauthorized());
    }
  }

  @Test
  public void yesterdayIsTheShopsDay() throws Exception {
    product("today-pot");
    JsonNode before = today("history");
    order("TODAY-1", "2026-11-25T00:00:00Z", "today-pot-1", 1);
    order("TODAY-2", "2026-11-25T23:59:59Z", "today-pot-1", 3);
    order("TODAY-3", "2026-11-24T23:59:59Z", "today-pot-1", 1);
    order("TODAY-4", "2026-11-26T00:00:00Z", "today-pot-1", 1);
    publish(
        bringIn(
            "Product,Rating,Words,Date\ntoday-pot,5,Written yesterday,2026-11-25\n"
                + "today-pot,1,Written on Monday,2026-11-23\n",
            "{}"));
    JsonNode after = today("history");
    assertEquals(after.path("yesterday").path("day").asString(), "2026-11-25");
    assertEquals(more(before, after, "/yesterday/orders"), 2);
    assertEquals(more(before, after, "/yesterday/reviews"), 1);
    assertEquals(after.path("weeks").size(), 12);
    assertEquals(after.at("/weeks/11/monday").asString(), "2026-11-23");
    assertEquals(more(before, after, "/weeks/11/reviews"), 2);
    assertEquals(more(before, after, "/weeks/10/reviews"), 0);
    assertTrue(
        after.path("min").asInt() <= after.at("/weeks/11/average").asInt(), after.toString());
  }

  private static long more(JsonNode before, JsonNode after, String at) {
    return after.at(at).asLong() - before.at(at).asLong();
  }

  /** The last of the means is the mean of all that are published, as the database adds them up. */
  @Test(dependsOnMethods = "yesterdayIsTheShopsDay")
  public void theLastMeanIsThatOfAllPublished() throws Exception {
    double all =
        database.read(
            sql ->
                sql.fetchSingle(
                        "select avg(rating_parts) / 12474000.0 from review where status ="
                            + " 'PUBLISHED' and (reviewed_on is null or reviewed_on < '2026-11-30')")
                    .get(0, Double.class));
    assertEquals(today("history").at("/weeks/11/average").asDouble(), all, 0.0051);
  }

  /** Of all acts: those of other tests may be worth more than the five that are told. */
  private Optional<ActView> act(String title) {
    return SuggestionRules.of(figures.now()).stream()
        .map(ActWords::of)
        .filter(one -> one.title().contains(title))
        .findFirst();
  }

  @Test
  public void atMostFiveAreToldAndTheOthersCounted() throws Exception {
    product("waiting-pot");
    bringIn("Product,Rating,Words\nwaiting-pot,3,It waits\n", "{}");
    JsonNode told = today("suggestions");
    int all = SuggestionRules.of(figures.now()).size();
    assertTrue(all > 0);
    assertEquals(told.path("acts").size(), Math.min(5, all));
    assertEquals(told.path("more").asInt(), all - told.path("acts").size());
  }

  @Test(dependsOnMethods = "atMostFiveAreToldAndTheOthersCounted")
  public void whatWaitsIsCountedAsTheDeskCountsIt() throws Exception {
    ActView act = act("wait").orElseThrow();
    assertEquals(act.priority(), Suggestion.Priority.MISSING);
    assertEquals(act.size(), body(ask("/api/v1/reviews/counts")).at("/byStatus/PENDING").asLong());
    assertTrue(act.text().contains("The oldest is from Thu 26 Nov"), act.text());
    assertEquals(act.path(), "/reviews");
  }

  @Test
  public void aFeedThatFailsByItselfIsToldUntilItIsLeft() throws Exception {
    assertEquals(act("orders could not be read"), Optional.empty());
    act(
            HttpMethod.PUT,
            "/api/v1/feeds/{kind}",
            "{\"address\":\"%s\",\"everyHours\":6}"
                .formatted(OutsideServer.address("/no-such-file.jsonl")),
            "orders")
        .andExpect(status().isOk());
    send("/api/v1/feeds/orders/update", "");
    ActView act = act("orders could not be read on Thu 26 Nov").orElseThrow();
    assertEquals(act.priority(), Suggestion.Priority.INCORRECT);
    assertEquals(act.path(), "/catalogue/feeds");
    leave();
    assertEquals(act("orders could not be read"), Optional.empty());
  }

  @Test
  public void whatSellsMostInAWeekIsThereWithWhatItsPageShows() throws Exception {
    product("busiest-pot");
    order("TODAY-9", "2026-11-26T08:00:00Z", "busiest-pot-1", 100_000);
    JsonNode product = today("top-seller").path("product");
    assertEquals(product.path("slug").asString(), "busiest-pot");
    assertEquals(product.path("units").asLong(), 100_000);
    assertFalse(product.has("average"), "it has no reviews: " + product);
    assertEquals(
        act("The busiest-pot sells but has no reviews").orElseThrow().priority(),
        Suggestion.Priority.GROWTH);
  }

  @Test
  public void whatIsAheadNamesAPageAndTheMoment() throws Exception {
    product("ahead-pot");
    JsonNode face =
        body(send(NODS, "{\"kind\":\"countdown\",\"spot\":\"above-buy\",\"page\":\"PRODUCT\"}"))
            .path("face");
    var set = (ObjectNode) face.path("set").deepCopy();
    ((ObjectNode) set.path("own"))
        .put("name", "Until ten past")
        .putObject("ending")
        .put("ends", "at-moment")
        .put("end", "2026-11-26T15:10");
    saveNod(face, set);
    assertFalse(
        today("upcoming-changes").toString().contains("Until ten past"), "not published yet");
    send("/api/v1/layout/publish", "").andExpect(status().isOk());
    JsonNode ahead = today("upcoming-changes");
    assertEquals(ahead.path("zone").asString(), "Europe/Lisbon");
    JsonNode moment =
        ahead
            .path("moments")
            .valueStream()
            .filter(one -> one.path("instant").asString().equals("2026-11-26T15:10:00Z"))
            .findFirst()
            .orElseThrow(() -> new AssertionError(ahead.toString()));
    assertTrue(
        moment.path("text").asString().startsWith("Until ten past disappears from "),
        moment.toString());
    assertTrue(
        moment.path("path").asString().matches("/pages/product/[a-z0-9-]+\\?as=2026-11-26T15:10"),
        moment.toString());
  }

  @DataProvider
  Object[][] plans() {
    return new Object[][] {
      {"count(*) from shop_order where placed_at >= 1 and placed_at < 2", "order_by_time"},
      {
        "sum(rating_parts), count(*) from review where reviewed_on = '2026-11-25' and status <> 'SPAM'",
        "review_by_day"
      },
      {
        "sum(rating_parts), count(*) from review where status = 'PUBLISHED'"
            + " and (reviewed_on < '2026-09-07' or reviewed_on is null)",
        "COVERING INDEX review_by_status"
      },
      {
        "count(*), count(case when picture_count > 0 then 1 end),"
            + " count(case when rating_parts < 43659000 then 1 end), min(id)"
            + " from review where status = 'PENDING'",
        "COVERING INDEX review_by_status"
      },
    };
  }

  /** What each look at Today asks is found by an index, however many reviews there are. */
  @Test(dataProvider = "plans")
  public void whatIsAskedIsFoundByAnIndex(String query, String index) {
    String plan =
        database.read(
            sql -> sql.fetch("explain query plan select " + query).getValues("detail").toString());
    assertTrue(plan.contains(index), plan);
  }
}
