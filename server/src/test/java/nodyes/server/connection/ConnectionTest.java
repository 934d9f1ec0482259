package nodyes.server.connection;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.Duration;
import java.util.List;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What the shop's pages report, and what the owner reads of it. */
public class ConnectionTest extends ServerTest {
  private static final String BROWSER = "Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101";
  private String key = "";
  private String origin = "";

  @BeforeClass
  public void aConnectedShop() throws Exception {
    origin = "http://" + OutsideServer.host();
    key = connect("/p/{product}");
    product("fern-jar");
    product("slate-pot");
  }

  private ResultActions report(String from, String agent, String text) throws Exception {
    return http.perform(
        post("/embed/v1/seen")
            .contentType(MediaType.TEXT_PLAIN)
            .header("Origin", from)
            .header("User-Agent", agent)
            .content(text));
  }

  private void seen(String at, String rest) throws Exception {
    report(origin, BROWSER, "{\"shop\":\"%s\",\"at\":\"%s\",%s}".formatted(key, at, rest))
        .andExpect(status().isNoContent());
  }

  private List<JsonNode> pages() throws Exception {
    return body(ask("/api/v1/connection/pages?size=200")).path("items").valueStream().toList();
  }

  private JsonNode page(String address) throws Exception {
    return pages().stream()
        .filter(page -> page.path("address").asString().equals(address))
        .findFirst()
        .orElseThrow(() -> new AssertionError("not seen: " + address));
  }

  @Test
  public void aPageIsShownWithWhatItIsKnownBy() throws Exception {
    seen("/p/fern-jar", "\"signs\":{\"address\":\"/p/fern-jar\"},\"lacking\":[]");
    seen("/p/fern-jar", "\"signs\":{\"address\":\"/p/fern-jar\"},\"lacking\":[]");
    JsonNode page = page("/p/fern-jar");
    assertEquals(page.path("kind").asString(), "PRODUCT");
    assertEquals(page.path("sign").asString(), "ADDRESS");
    assertEquals(page.path("named").asString(), "fern-jar");
    assertEquals(page.path("product").path("slug").asString(), "fern-jar");
    assertEquals(page.path("views").asInt(), 2);
    assertEquals(page.path("missing").asString(""), "");
    JsonNode connection = body(ask("/api/v1/connection"));
    assertTrue(connection.path("known").asInt() >= 2);
    assertEquals(
        connection.path("bySign").valueStream().mapToInt(one -> one.path("views").asInt()).sum(),
        connection.path("known").asInt(),
        "the parts add up");
    assertEquals(connection.path("isSilent").asBoolean(), false);
  }

  @Test
  public void whatNeedsTheOwnerComesFirstAndIsPutRightByAWord() throws Exception {
    String signs = "\"signs\":{\"address\":\"/sets/winter\",\"data\":\"id:7104\"}";
    seen("/sets/winter", signs);
    seen("/journal", "\"signs\":{\"address\":\"/journal\"}");
    List<Boolean> lacking =
        pages().stream().map(page -> !page.path("missing").asString("").isEmpty()).toList();
    assertEquals(lacking.lastIndexOf(true) + 1, lacking.indexOf(false), "in front of the others");
    JsonNode page = page("/sets/winter");
    assertEquals(page.path("missing").asString(), "No product has this number.");
    assertEquals(page.path("name").asString(), "id:7104");
    assertEquals(page("/journal").path("missing").asString(""), "", "an article is no error");
    http.perform(
            put("/api/v1/connection/names")
                .with(owner())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"name\":\"id:7104\",\"product\":\"slate-pot\"}"))
        .andExpect(status().isNoContent());
    http.perform(get("/embed/v1/page?lang=en&address=/sets/winter&data=id:7104"))
        .andExpect(jsonPath("$.page.product").value("slate-pot"));
    seen("/sets/winter", signs);
    assertEquals(page("/sets/winter").path("missing").asString(""), "");
    assertEquals(
        body(ask("/api/v1/connection/names")).path("items").get(0).path("slug").asString(),
        "slate-pot");
    http.perform(delete("/api/v1/connection/names?name=id:7104").with(owner()))
        .andExpect(status().isNoContent());
    http.perform(delete("/api/v1/connection/names?name=id:7104").with(owner()))
        .andExpect(status().isNotFound());
    http.perform(get("/embed/v1/page?lang=en&address=/sets/winter&data=id:7104"))
        .andExpect(jsonPath("$.page.product").doesNotExist());
  }

  @Test
  public void marksAreTheFirstSign() throws Exception {
    seen(
        "/any/where",
        "\"kind\":\"listing\",\"products\":[\"fern-jar\",\"slate-pot\",\"no-such\"],\"lacking\":[]");
    JsonNode page = page("/any/where");
    assertEquals(page.path("sign").asString(), "MARKS");
    assertEquals(page.path("cards").asInt(), 3);
    assertEquals(page.path("knownCards").asInt(), 2);
    assertEquals(page.path("missing").asString(), "1 card leads to an unknown product.");
    seen("/marked", "\"kind\":\"product\",\"products\":[\"no-such\"]");
    assertEquals(page("/marked").path("missing").asString(), "No product has this name.");
  }

  @Test
  public void nodsWithoutAPlaceAreSaid() throws Exception {
    seen("/p/slate-pot", "\"signs\":{\"address\":\"/p/slate-pot\"},\"lacking\":[\"under-price\"]");
    JsonNode page = page("/p/slate-pot");
    assertEquals(page.path("missing").asString(), "1 place was not found.");
    assertEquals(page.path("lacking").toString(), "[\"under-price\"]");
  }

  @Test
  public void whatOthersSendIsNotKept() throws Exception {
    String text = "{\"shop\":\"%s\",\"at\":\"/made-up\",\"signs\":{\"address\":\"/made-up\"}}";
    report("https://elsewhere.example", BROWSER, text.formatted(key));
    report(origin, BROWSER, text.formatted("another"));
    report(origin, "curl/8.0", text.formatted(key));
    report(origin, BROWSER, "no report").andExpect(status().isNoContent());
    report(origin, BROWSER, "null").andExpect(status().isNoContent());
    report(origin, BROWSER, text.formatted(key).replace("/made-up", "javascript:made-up"));
    report(origin, BROWSER, text.formatted(key).replace("/made-up", "/Call 555, made-up"));
    report(origin, BROWSER, "{\"shop\":\"" + key + "\",\"at\":\"/made-up\",\"lacking\":[null]}");
    assertTrue(
        pages().stream().noneMatch(page -> page.path("address").asString().contains("made-up")));
  }

  @Test
  public void whatIsNoAddressIsNoneAlsoAmongTheSigns() throws Exception {
    seen("/plain-page", "\"signs\":{\"address\":\"javascript:alert(1)\"}");
    List<String> all = pages().stream().map(page -> page.path("address").asString()).toList();
    assertTrue(all.contains("/plain-page"), all.toString());
    assertTrue(all.stream().allMatch(one -> one.startsWith("/")), all.toString());
  }

  @Test
  public void noSecretOfAShopperIsKept() throws Exception {
    seen("/password/9fK2mPq8Zx4LtR7vWc1Bn5", "\"signs\":{}");
    seen("/thank-you/Q-22157", "\"kind\":\"confirmation\",\"products\":[]");
    List<String> all = pages().stream().map(page -> page.path("address").asString()).toList();
    assertTrue(all.containsAll(List.of("/password/…", "/thank-you/…")), all.toString());
    assertTrue(all.stream().noneMatch(one -> one.contains("9fK2") || one.contains("22157")));
  }

  @Test
  public void theAddressOfOneProductTellsOfAll() throws Exception {
    OutsideServer.says(
        "/p/fern-jar",
        "text/html",
        "<a href=/c/planters>Planters</a><a href=/cart>Basket</a><a href=/p/slate-pot>Pot</a>");
    OutsideServer.says("/p/slate-pot", "text/html", "<h1>Slate pot</h1>");
    JsonNode read =
        body(
            http.perform(
                    post("/api/v1/connection/reading")
                        .with(owner())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"address\":\"%s/p/fern-jar\"}".formatted(origin)))
                .andExpect(status().isOk()));
    assertEquals(read.path("productPath").asString(), "/p/{product}");
    assertEquals(read.path("origin").asString(), origin);
    assertEquals(read.path("basketPath").asString(), "/cart");
    assertEquals(
        read.path("parts").valueStream().map(part -> part.path("role").asString()).toList(),
        List.of("SAME", "PRODUCT"));
    assertTrue(read.path("tried").toString().contains("/p/slate-pot"), read.toString());
    for (String address : new String[] {"", "http://exa mple", origin + "/about"}) {
      http.perform(
              post("/api/v1/connection/reading")
                  .with(owner())
                  .contentType(MediaType.APPLICATION_JSON)
                  .content("{\"address\":\"%s\"}".formatted(address)))
          .andExpect(status().isBadRequest())
          .andExpect(jsonPath("$.faults[0].field").value("address"));
    }
  }

  @Test
  public void aNameThatMeansNothingOrNoProductIsRefused() throws Exception {
    for (String body :
        new String[] {
          "{\"name\":\"\",\"product\":\"slate-pot\"}", "{\"name\":\"id:1\",\"product\":\"no-such\"}"
        }) {
      http.perform(
              put("/api/v1/connection/names")
                  .with(owner())
                  .contentType(MediaType.APPLICATION_JSON)
                  .content(body))
          .andExpect(status().isBadRequest());
    }
  }

  @Test(dependsOnMethods = "aPageIsShownWithWhatItIsKnownBy", priority = 1)
  public void aShopThatFallsSilentIsSaidAndForgottenAfterAWeek() throws Exception {
    ask("/api/v1/connection");
    stillClock.pass(Duration.ofHours(30));
    assertEquals(body(ask("/api/v1/connection")).path("isSilent").asBoolean(), true);
    stillClock.pass(Duration.ofDays(8));
    seen("/later", "\"signs\":{\"address\":\"/later\"}");
    assertEquals(pages().size(), 1);
  }
}
