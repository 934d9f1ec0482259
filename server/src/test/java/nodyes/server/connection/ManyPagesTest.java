package nodyes.server.connection;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.stream.IntStream;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A shop with many pages, and with names in its addresses that are not ours. */
public class ManyPagesTest extends ServerTest {
  private static final String PAGES = "/api/v1/connection/pages?size=200";
  private String key = "";

  @BeforeClass
  public void aShopWithSevenPagesBuiltAlike() throws Exception {
    key = connect("/goods/{product}.html");
    for (int i = 1; i <= 7; i++) {
      product("many-pot-" + i);
      seen("/goods/many-pot-" + i + ".html");
    }
    seen("/goods/many-pot-1.html");
  }

  private void seen(String at) throws Exception {
    http.perform(
            post("/embed/v1/seen")
                .contentType(MediaType.TEXT_PLAIN)
                .header("Origin", "http://" + OutsideServer.host())
                .header("User-Agent", "Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101")
                .content(
                    "{\"shop\":\"%s\",\"at\":\"%s\",\"signs\":{\"address\":\"%s\"}}"
                        .formatted(key, at, at)))
        .andExpect(status().isNoContent());
  }

  private List<JsonNode> pages(String query) throws Exception {
    return body(ask(PAGES + query)).path("items").valueStream().toList();
  }

  @Test
  public void pagesBuiltAlikeAreOneRowThatCanBeUnfolded() throws Exception {
    List<JsonNode> alike =
        pages("").stream().filter(page -> !page.path("shape").asString("").isEmpty()).toList();
    assertEquals(alike.size(), 1, alike.toString());
    JsonNode row = alike.getFirst();
    assertEquals(row.path("shape").asString(), "/goods/….html");
    List<JsonNode> unfolded = pages("&shape=/goods/….html");
    assertEquals(row.path("pages").asInt(), unfolded.size());
    assertEquals(
        row.path("views").asInt(),
        unfolded.stream().mapToInt(page -> page.path("views").asInt()).sum(),
        "of all of them");
    List<String> ours =
        unfolded.stream()
            .map(page -> page.path("product").path("slug").asString())
            .filter(slug -> slug.startsWith("many-pot-"))
            .sorted()
            .toList();
    assertEquals(ours, IntStream.rangeClosed(1, 7).mapToObj(i -> "many-pot-" + i).toList());
  }

  @Test
  public void whatNeedsTheOwnerIsFoldedIntoNothing() throws Exception {
    seen("/goods/not-sold.html");
    JsonNode page =
        pages("").stream()
            .filter(one -> one.path("address").asString().equals("/goods/not-sold.html"))
            .findFirst()
            .orElseThrow();
    assertEquals(page.path("missing").asString(), "No product has this name.");
    assertEquals(page.path("shape").asString(""), "");
  }

  @Test
  public void aProductIsLookedAtUnderTheNameThatAddressesHaveForIt() throws Exception {
    product("numbered-pot");
    String asked = "/api/v1/connection/product-pages/numbered-pot";
    assertEquals(
        body(ask(asked)).path("name").asString(), "numbered-pot", "as long as none is known");
    http.perform(
            put("/api/v1/connection/names")
                .with(owner())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"name\":\"90417\",\"product\":\"numbered-pot\"}"))
        .andExpect(status().isNoContent());
    assertEquals(body(ask(asked)).path("name").asString(), "90417", "as the owner said");
    seen("/goods/numbered-pot-1.html"); // its SKU
    body(ask(PAGES));
    assertEquals(
        body(ask(asked)).path("name").asString(), "numbered-pot-1", "as its page was seen last");
  }
}
