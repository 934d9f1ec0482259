package nodyes.server.pages;

import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.util.List;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the owner says of cards, and how far it goes on the shop's listings. */
public class LearnedCardsTest extends ServerTest {
  private static final String LEFT_OUT = "/api/v1/layout/pages/left-out";
  private static final String LISTING =
      "<main><ul><li class=good><a href=/p/taught-pot>Pot</a><li class=good><a"
          + " href=/p/taught-jar>Jar</a><li class=good><a href=/p/no-product-of-ours>Voucher</a><li"
          + " class=good>Soon</ul><p><a href=/p/taught-pot>Read about the pot</a></main>";

  @BeforeClass
  public void aConnectedShop() throws Exception {
    connect("/p/{product}");
    product("taught-pot");
    product("taught-jar");
    ObjectNode shop = (ObjectNode) body(ask("/api/v1/shop"));
    shop.put("listingPath", "/all-of/{category}");
    http.perform(
            put("/api/v1/shop")
                .with(owner())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(shop)))
        .andExpect(status().isOk());
  }

  private ResultActions leaveOut(String selector) throws Exception {
    return http.perform(
        post(LEFT_OUT)
            .with(owner())
            .contentType(MediaType.APPLICATION_JSON)
            .content("{\"selector\":\"" + selector + "\"}"));
  }

  private ResultActions takeIn(String selector) throws Exception {
    return http.perform(delete(LEFT_OUT).param("selector", selector).with(owner()));
  }

  private List<JsonNode> listings() throws Exception {
    return body(http.perform(get("/api/v1/page/check/listings").with(owner()))
            .andExpect(status().isOk()))
        .path("listings")
        .valueStream()
        .toList();
  }

  /** What is known of the first category's page, which is this. */
  private String known(String html) throws Exception {
    String path = listings().getFirst().path("path").asString();
    OutsideServer.says(path, "text/html", "<!doctype html>" + html);
    JsonNode listing = listings().getFirst();
    return listing.path("known").asInt() + " of " + listing.path("cards").asInt();
  }

  @Test
  public void cardsAreFoundByTheirLinksUntilOneIsPointedAt() throws Exception {
    assertEquals(known(LISTING), "2 of 3", "by links, also of what is not sold");
    http.perform(
            put("/api/v1/layout/pages/landmarks/CARD")
                .with(owner())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"selector\":\"li.good\"}"))
        .andExpect(status().isOk());
    assertEquals(known(LISTING), "2 of 4", "and what looks like a card, with no product behind it");
    leaveOut("li:has(a[href='/p/no-product-of-ours'])").andExpect(status().isOk());
    leaveOut("li:last-child").andExpect(status().isOk());
    assertEquals(known(LISTING), "2 of 2");
    takeIn("li:last-child").andExpect(status().isOk());
    assertEquals(known(LISTING), "2 of 3");
    takeIn("li:has(a[href='/p/no-product-of-ours'])").andExpect(status().isOk());
    http.perform(delete("/api/v1/layout/pages/landmarks/CARD").with(owner()))
        .andExpect(status().isOk());
  }

  @Test
  public void twoProductsBehindOneCardAreNobodysCard() throws Exception {
    assertEquals(
        known(
            "<main><b data-nod-product=taught-pot></b><b data-nod-product=taught-pot></b></main>"),
        "1 of 1",
        "marks count once each");
    http.perform(
            put("/api/v1/layout/pages/landmarks/CARD")
                .with(owner())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"selector\":\".pair\"}"))
        .andExpect(status().isOk());
    assertEquals(
        known("<p class=pair><a href=/p/taught-pot>Pot</a> and <a href=/p/taught-jar>jar</a>"),
        "0 of 1");
    http.perform(delete("/api/v1/layout/pages/landmarks/CARD").with(owner()))
        .andExpect(status().isOk());
  }

  @Test
  public void aListingThatDoesNotOpenIsToldWithWhy() throws Exception {
    JsonNode second = listings().get(1);
    assertEquals(second.path("path").asString().startsWith("/all-of/"), true, second.toString());
    assertEquals(second.path("failure").asString("").isEmpty(), false, second.toString());
    assertEquals(listings().getLast().path("path").asString(), "/", "and the home page");
  }

  @Test
  public void whatIsNoSelectorLeavesNothingOut() throws Exception {
    leaveOut("li[[").andExpect(status().isBadRequest());
    takeIn("never-left-out").andExpect(status().isNotFound());
  }

  @Test
  public void whatWasLeftOutIsSentToPagesAsDraftedAndIsSaidInTheSteps() throws Exception {
    leaveOut("aside.advert").andExpect(status().isOk());
    http.perform(get("/api/v1/layout/pages").with(owner()))
        .andExpect(content().string(containsString("\"leftOut\":[\"aside.advert\"]")));
    http.perform(get("/api/v1/layout").with(owner()))
        .andExpect(content().string(containsString("No product card: aside.advert")));
    takeIn("aside.advert").andExpect(status().isOk());
  }
}
