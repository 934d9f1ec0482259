package nodyes.server.pages;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The shop's live pages, looked at; and why a nod is not on one. */
public class PageCheckTest extends ServerTest {
  private ObjectNode before;
  private String key;

  @BeforeClass
  public void connect() throws Exception {
    before = (ObjectNode) body(ask("/api/v1/shop"));
    key = before.path("publicKey").asString();
    ObjectNode connected = before.deepCopy();
    connected.put("address", "http://" + OutsideServer.host());
    connected.put("productPath", "/products/{product}");
    save(connected);
    product("checked-pot");
    publish(bringIn("Product,Stars,Words\nchecked-pot,5,Very good\n", "{}"));
    send("/api/v1/layout/publish", "");
  }

  private void save(JsonNode settings) throws Exception {
    http.perform(
            put("/api/v1/shop")
                .with(owner())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(settings)))
        .andExpect(status().isOk());
  }

  private void page(String head, String body) {
    OutsideServer.says(
        "/products/checked-pot",
        "text/html",
        "<!doctype html><html>" + head + "<body>" + body + "</body></html>");
  }

  private String script() {
    return "<script src=\"https://office.example/nodyes.js\" data-shop=\"" + key + "\"></script>";
  }

  private static final String MARKED =
      "<main data-nod-page=\"product\" data-nod-product=\"checked-pot\">"
          + "<h1>Pot</h1><div data-nod-spot=\"under-title\"></div>%s</main>";

  private JsonNode check() throws Exception {
    return body(ask("/api/v1/page/check?kind=product&of=checked-pot"));
  }

  @Test
  public void aPageWithAllOnItHasNothingToMend() throws Exception {
    page(script(), MARKED.formatted("<div data-nod-spot=\"page-end\"></div>"));
    JsonNode found = check();
    assertTrue(found.path("hasScript").asBoolean());
    assertEquals(found.path("marks").size(), 0);
    assertEquals(found.path("missing").size(), 0, found.toString());
    assertEquals(found.path("framing").asString(), "");
    assertEquals(found.path("spots").toString(), "[\"under-title\",\"page-end\"]");
  }

  @Test
  public void aPageOfEachKindIsLookedAt() throws Exception {
    page(script(), MARKED.formatted("<div data-nod-spot=\"page-end\"></div>"));
    JsonNode pages = body(ask("/api/v1/page/check/all")).path("pages");
    var kinds = new java.util.TreeSet<String>();
    for (JsonNode one : pages) {
      kinds.add(one.path("kind").asString());
      assertTrue(
          one.path("address").asString().startsWith("http://" + OutsideServer.host() + "/"),
          one.toString());
      boolean isThere = one.path("failure").asString("").isEmpty();
      assertEquals(one.path("hasScript").asBoolean(), isThere, one.toString());
    }
    assertTrue(kinds.containsAll(java.util.List.of("BASKET", "HOME", "PRODUCT")), kinds + "");
    assertFalse(kinds.contains("CONFIRMATION"), "each of those is of one shopper");
  }

  @Test
  public void whatIsMissingIsNamed() throws Exception {
    page("", "<main data-nod-page=\"listing\"><h1 data-nod-spot=\"above-title\">Pot</h1></main>");
    JsonNode found = check();
    assertFalse(found.path("hasScript").asBoolean());
    assertTrue(found.path("marks").toString().contains("data-nod-page="), found.toString());
    assertTrue(found.path("missing").toString().contains("page-end"), found.toString());
    page("<script src=\"/nodyes.js\" data-shop=\"another\"></script>", "<main></main>");
    assertFalse(check().path("hasScript").asBoolean(), "another shop's script is not ours");
  }

  @Test
  public void aPageThatMarksNoPlaceHasThoseThatAreFound() throws Exception {
    page(script(), "<main data-nod-page=\"product\" data-nod-product=\"checked-pot\"></main>");
    assertEquals(check().path("missing").size(), 0);
  }

  @Test
  public void aPageWithoutMarksThatIsKnownByItsAddressHasNothingToMend() throws Exception {
    page(script(), "<main><h1>Pot</h1></main>");
    JsonNode found = check();
    assertEquals(found.path("marks").size(), 0, found.toString());
    assertEquals(found.path("missing").size(), 0, "the script finds the spots itself");
  }

  @Test
  public void aPageWhoseProductIsNotInTheCatalogueSaysSo() throws Exception {
    OutsideServer.says(
        "/products/uncatalogued-pot",
        "text/html",
        script()
            + "<script type=\"application/ld+json\">{\"@type\":\"Product\",\"sku\":\"NOBODYS\"}</script>");
    JsonNode found = body(ask("/api/v1/page/check?kind=product&of=uncatalogued-pot"));
    assertTrue(found.path("marks").toString().contains("not in your catalogue"), found.toString());
    // its data names what is known, although its address does not
    OutsideServer.says(
        "/products/uncatalogued-pot",
        "text/html",
        script()
            + "<script type=\"application/ld+json\">{\"@graph\":[{\"@type\":\"Product\",\"productID\":\"checked-pot\"}]}</script>");
    found = body(ask("/api/v1/page/check?kind=product&of=uncatalogued-pot"));
    assertEquals(found.path("marks").size(), 0, found.toString());
  }

  @Test
  public void aPageThatIsNotThereIsSaidToBeSo() throws Exception {
    ask("/api/v1/page/check?kind=product&of=no-such-page")
        .andExpect(jsonPath("$.failure").value(containsString("no page at this address")));
    ask("/api/v1/page/check?kind=nonsense").andExpect(status().isBadRequest());
  }

  @Test
  public void whyANodIsNotHereIsAnsweredFromScriptToConditions() throws Exception {
    String why = "/api/v1/page/diagnosis?kind=product&product=checked-pot&nod=reviews";
    page(script(), MARKED.formatted("<div data-nod-spot=\"page-end\"></div>"));
    ask(why).andExpect(jsonPath("$.shows").value(true));
    page(script(), MARKED.formatted(""));
    ask(why)
        .andExpect(jsonPath("$.shows").value(false))
        .andExpect(jsonPath("$.answer").value(containsString("no spot “page-end”")));
    page("", MARKED.formatted("<div data-nod-spot=\"page-end\"></div>"));
    ask(why).andExpect(jsonPath("$.answer").value(containsString("The script is not on")));
    product("unreviewed-pot");
    OutsideServer.says(
        "/products/unreviewed-pot",
        "text/html",
        script() + MARKED.formatted("<div data-nod-spot=\"page-end\"></div>"));
    ask("/api/v1/page/diagnosis?kind=product&product=unreviewed-pot&nod=reviews")
        .andExpect(jsonPath("$.shows").value(true));
    ask("/api/v1/page/diagnosis?kind=product&product=unreviewed-pot&nod=stars-product")
        .andExpect(jsonPath("$.answer").value(containsString("No published reviews yet")));
    ask("/api/v1/page/diagnosis?kind=product&product=checked-pot&nod=no-such-nod")
        .andExpect(status().isNotFound());
  }

  @Test
  public void howFarANodReachesIsCountedBeforeItIsKept() throws Exception {
    JsonNode all =
        body(send("/api/v1/page/reach", "{\"nod\":\"stars-product\",\"kind\":\"product\"}"));
    JsonNode few =
        body(
            send(
                "/api/v1/page/reach",
                """
                {"nod":"stars-product","kind":"product","audience":{"kind":"ALL_OF","parts":[\
                {"kind":"REVIEWS_AT_LEAST","count":100000}]}}"""));
    assertTrue(all.path("products").asInt() >= 1, all.toString());
    assertEquals(few.path("products").asInt(), 0);
    assertEquals(few.path("alone").path("1").asInt(), 0);
    assertTrue(few.path("misses").toString().contains("This nod needs at least 100,000."));
    assertEquals(few.path("of"), all.path("of"));
  }

  /** In a Portuguese shop it was English of Portugal, which writes 4,5 of 5 stars. */
  @Test
  public void aNeutralPageIsInEnglishThatWritesNumbersAsEnglishDoes() throws Exception {
    http.perform(get("/embed/neutral/product?product=checked-pot"))
        .andExpect(content().string(containsString("<html lang=\"en-GB\">")));
  }

  @Test
  public void theNeutralPageCarriesTheScriptAndEscapesWhatItNames() throws Exception {
    http.perform(get("/embed/neutral/product?product=checked-pot"))
        .andExpect(status().isOk())
        .andExpect(header().string("X-Frame-Options", "SAMEORIGIN"))
        .andExpect(
            header().string("Content-Security-Policy", containsString("frame-ancestors 'self'")))
        .andExpect(content().string(containsString("data-nod-spot=\"page-end\"")));
    http.perform(get("/embed/neutral/nonsense")).andExpect(status().isNotFound());
  }

  @Test
  public void theScriptIsSeenWhenTheShopsOwnPageAsks() throws Exception {
    http.perform(
        get("/embed/v1/page?kind=product&product=checked-pot&lang=en&shop=" + key)
            .header("Origin", "http://" + OutsideServer.host()));
    ask("/api/v1/onboarding")
        .andExpect(jsonPath("$.scriptSeenAt").exists())
        .andExpect(jsonPath("$.reviews").value(org.hamcrest.Matchers.greaterThan(0)))
        .andExpect(jsonPath("$.nodsOn").value(org.hamcrest.Matchers.greaterThan(0)));
  }

  @Test
  public void aLinkToTheDraftEndsAfterADayAndAChangedOneIsNone() throws Exception {
    JsonNode shared = body(send("/api/v1/preview-tokens/share", ""));
    // the clock of tests runs on from 14:20 on the 26th
    Instant ends = Instant.parse(shared.path("endsAt").asString());
    assertTrue(ends.isAfter(Instant.parse("2026-11-27T14:19:59Z")), ends.toString());
    assertTrue(ends.isBefore(Instant.parse("2026-11-27T16:20:00Z")), ends.toString());
    String token = shared.path("token").asString();
    String page = "/embed/v1/page?kind=product&product=checked-pot&lang=en&draft=true&preview=";
    http.perform(get(page + token)).andExpect(status().isOk());
    http.perform(get(page + token + "x"))
        .andExpect(status().isForbidden())
        .andExpect(header().string("Access-Control-Allow-Origin", "*"));
  }

  @Test
  public void aTrialShowsANewNodAlone() throws Exception {
    String token = body(send("/api/v1/preview-tokens", "")).path("token").asString();
    http.perform(
            get(
                "/embed/v1/page?kind=product&product=checked-pot&lang=en&trial=star-line&preview="
                    + token))
        .andExpect(jsonPath("$.nods[*].kind").value(hasItem("star-line")))
        .andExpect(jsonPath("$.nods.length()").value(1));
  }
}
