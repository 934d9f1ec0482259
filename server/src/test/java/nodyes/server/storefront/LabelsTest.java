package nodyes.server.storefront;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Labels and badges, from what the owner sets and the shop sends to what a page gets. */
public class LabelsTest extends ServerTest {
  private static final String NODS = "/api/v1/layout/nods";
  private final List<String> added = new ArrayList<>();

  private static String pot(String slug, String price, String before) {
    return ("{\"productGroupID\":\"%s\",\"name\":\"Pot\",\"category\":\"Ranked\",\"image\":\"/x.svg\","
            + "\"releaseDate\":\"2026-11-20\",\"hasVariant\":[{\"sku\":\"%s-1\",\"name\":\"one\","
            + "\"inventoryLevel\":2,\"offers\":{\"price\":\"%s\",\"priceCurrency\":\"EUR\","
            + "\"priceSpecification\":[{\"price\":\"%s\",\"validFrom\":\"2026-05-01\"},"
            + "{\"price\":\"%s\",\"validFrom\":\"2026-11-20\"}]}}]}\n")
        .formatted(slug, slug, price, before, price);
  }

  @BeforeClass
  public void sold() throws Exception {
    upload(
            "/api/v1/catalogue/imports",
            "c.jsonl",
            utf8(pot("la", "25.00", "40.00") + pot("lb", "45.00", "45.00")))
        .andExpect(status().isOk());
    order("LO-1", "la-1", 12, "");
  }

  private void order(String number, String sku, int units, String more) throws Exception {
    upload(
            "/api/v1/orders/imports",
            "o.jsonl",
            utf8(
                "{\"orderNumber\":\"%s\",\"orderDate\":\"2026-11-20T10:00:00Z\"%s,\"orderedItem\":[{\"orderQuantity\":%d,\"orderedItem\":{\"sku\":\"%s\"}}]}"
                    .formatted(number, more, units, sku)))
        .andExpect(status().isOk());
  }

  private JsonNode add(String kind, String spot) throws Exception {
    JsonNode face =
        body(send(
                NODS,
                "{\"kind\":\"%s\",\"spot\":\"%s\",\"page\":\"LISTING\"}".formatted(kind, spot)))
            .path("face");
    added.add(face.path("id").asString());
    return face;
  }

  @AfterMethod(alwaysRun = true)
  public void withoutThem() throws Exception {
    for (String id : added) {
      http.perform(delete(NODS + "/{id}", id).header("Authorization", "Bearer " + KEY));
    }
    added.clear();
    send("/api/v1/layout/publish", "");
  }

  private ResultActions set(JsonNode face, ObjectNode set) throws Exception {
    return http.perform(
        put(NODS + "/{id}", face.path("id").asString())
            .header("Authorization", "Bearer " + KEY)
            .contentType(MediaType.APPLICATION_JSON)
            .content("{\"revision\":" + face.path("revision").asLong() + ",\"set\":" + set + "}"));
  }

  private ObjectNode setOf(JsonNode face) throws Exception {
    return (ObjectNode) json.readTree(face.path("set").toString());
  }

  /** What a listing of both gets of the nods of this test, by product. */
  private List<String> shown(String more) throws Exception {
    JsonNode page =
        body(http.perform(get("/embed/v1/page?kind=listing&lang=en&product=la,lb" + more)));
    return page.path("nods")
        .valueStream()
        .filter(nod -> added.contains(nod.path("id").asString()))
        .map(
            nod ->
                nod.path("product").asString()
                    + " "
                    + nod.path("content").path("word").asString("")
                    + nod.path("content").path("values")
                    + nod.path("content")
                        .path("items")
                        .valueStream()
                        .map(item -> item.path("title").asString())
                        .toList())
        .toList();
  }

  private void publish() throws Exception {
    send("/api/v1/layout/publish", "").andExpect(status().isOk());
  }

  @Test
  public void aPriceDropIsTheSameOnThePageAsInTheCatalogue() throws Exception {
    add("price-drop-label", "on-picture");
    publish();
    assertEquals(shown(""), List.of("la off{\"percentOff\":{\"percent\":37}}[]"));
    http.perform(get("/embed/v1/page?kind=listing&lang=de&product=la"))
        .andExpect(jsonPath("$.words['price-drop-label'].off").value("{percentOff} günstiger"));
  }

  @Test
  public void whatANewNodWouldComeToIsAskedWithoutAddingIt() throws Exception {
    ask("/api/v1/page?kind=listing&product=lb&trial=price-drop-label")
        .andExpect(jsonPath("$.nods.length()").value(1))
        .andExpect(jsonPath("$.nods[0].shown").value(false))
        .andExpect(
            jsonPath("$.nods[0].because")
                .value("Not shown. The price has not dropped. This nod needs at least 1% off."));
    ask("/api/v1/page?kind=listing&product=lb&trial=no-such-kind")
        .andExpect(status().isBadRequest());
  }

  @Test
  public void anOrderMovesABestsellerAtOnceAndACancellationMovesItBack() throws Exception {
    add("bestseller-label", "on-picture");
    publish();
    String category = "bestIn{\"category\":{\"text\":\"Ranked\"}}[]";
    assertEquals(shown(""), List.of("la " + category));
    order("LO-2", "lb-1", 13, "");
    assertEquals(shown(""), List.of("lb " + category));
    order("LO-2", "lb-1", 13, ",\"orderStatus\":\"https://schema.org/OrderCancelled\"");
    assertEquals(shown(""), List.of("la " + category));
    JsonNode page = body(http.perform(get("/embed/v1/page?kind=listing&lang=en&product=la")));
    assertEquals(
        page.path("validUntil").asString().substring(0, 19),
        "2026-12-20T00:00:00",
        "the day on which its sales of 20 November no longer count, at the shop's midnight");
  }

  @Test
  public void wordsPutInAnyValueAndAreHeldBackWhereOneIsUnknown() throws Exception {
    JsonNode face = add("own-label", "above-title");
    ObjectNode set = setOf(face);
    set.putObject("wording").putObject("en").put("own", "{stock} left in {country}");
    set(face, set).andExpect(status().isOk());
    publish();
    assertEquals(shown(""), List.of());
    assertEquals(shown("&country=PT").size(), 2);
    assertTrue(shown("&country=PT").getFirst().contains("{\"country\":\"PT\"}"));
    JsonNode again = body(ask(NODS + "/{id}", face.path("id").asString()));
    ObjectNode wrong = setOf(again);
    wrong.putObject("wording").putObject("en").put("own", "{stok} left");
    JsonNode saved = body(set(again, wrong).andExpect(status().isOk()));
    assertEquals(saved.path("face").path("unsayable").path(0).path("nearest").asString(), "stock");
  }

  @DataProvider
  Object[][] rules() {
    return new Object[][] {
      {"{\"kind\":\"PERCENT_OFF_BETWEEN\",\"least\":37}", List.of("la")},
      {"{\"kind\":\"PERCENT_OFF_BETWEEN\",\"least\":39}", List.of()},
      {"{\"kind\":\"STOCK_BETWEEN\",\"least\":1,\"most\":2}", List.of("la", "lb")},
      {"{\"kind\":\"STOCK_BETWEEN\",\"least\":3}", List.of()},
      {"{\"kind\":\"SOLD_AT_LEAST\",\"count\":12,\"window\":30}", List.of("la")},
      {"{\"kind\":\"SOLD_AT_LEAST\",\"count\":1,\"window\":6}", List.of()},
      {"{\"kind\":\"RANK_AT_MOST\",\"count\":1,\"window\":30,\"inShop\":false}", List.of("la")},
      {"{\"kind\":\"PUBLISHED_WITHIN\",\"window\":7}", List.of("la", "lb")},
      {"{\"kind\":\"PUBLISHED_WITHIN\",\"window\":6}", List.of()},
      {"{\"kind\":\"PRODUCT_IN\",\"names\":[\"lb\"]}", List.of("lb")},
      {"{\"kind\":\"BRAND_IN\",\"names\":[\"Quillwort\"]}", List.of()},
      {"{\"kind\":\"HAS_PICTURE\"}", List.of("la", "lb")},
    };
  }

  @Test(dataProvider = "rules")
  public void conditionsOnTheTradeNarrowWhoShowsIt(String rule, List<String> products)
      throws Exception {
    JsonNode face = add("own-label", "on-picture");
    ObjectNode set = setOf(face);
    set.set("audience", json.readTree("{\"kind\":\"ALL_OF\",\"parts\":[" + rule + "]}"));
    JsonNode saved = body(set(face, set).andExpect(status().isOk()));
    assertEquals(
        saved.path("face").path("set").path("audience").path("parts").path(0).path("kind"),
        json.readTree(rule).path("kind"));
    publish();
    assertEquals(shown("").stream().map(one -> one.substring(0, 2)).toList(), products);
  }

  @DataProvider
  Object[][] wrongRules() {
    return new Object[][] {
      {"{\"kind\":\"PERCENT_OFF_BETWEEN\"}", "audience.1"},
      {"{\"kind\":\"PERCENT_OFF_BETWEEN\",\"least\":101}", "audience.1.least"},
      {"{\"kind\":\"STOCK_BETWEEN\",\"least\":5,\"most\":2}", "audience.1.most"},
      {"{\"kind\":\"STOCK_BETWEEN\",\"least\":1.5}", "audience.1.least"},
      {"{\"kind\":\"SOLD_AT_LEAST\",\"count\":3}", "audience.1.window"},
      {"{\"kind\":\"PUBLISHED_WITHIN\",\"window\":400}", "audience.1.window"},
      {"{\"kind\":\"PRODUCT_IN\",\"names\":[]}", "audience.1.names"},
    };
  }

  @Test(dataProvider = "wrongRules")
  public void aConditionThatCannotBeIsRefusedWhereItIs(String rule, String field) throws Exception {
    JsonNode face = add("own-label", "on-picture");
    ObjectNode set = setOf(face);
    set.set("audience", json.readTree("{\"kind\":\"ALL_OF\",\"parts\":[" + rule + "]}"));
    set(face, set)
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value(field));
  }

  @Test
  public void promisesGoOutWhereTheyHoldInTheReadersLanguage() throws Exception {
    JsonNode face = add("trust-badges", "page-end");
    ObjectNode set = setOf(face);
    ((ObjectNode) set.path("own"))
        .set(
            "promises",
            json.readTree(
                "[{\"about\":\"RETURNS\",\"drawing\":\"back\",\"link\":\"/returns\",\"countries\":[\"PT\"],"
                    + "\"words\":{\"en\":{\"title\":\"Back for free\",\"line\":\"\"},\"pt\":{\"title\":\"Devolução grátis\",\"line\":\"\"}}},"
                    + "{\"about\":\"MAKING\",\"drawing\":\"none\",\"link\":\"\",\"countries\":[],"
                    + "\"words\":{\"en\":{\"title\":\"No plastic\",\"line\":\"\"}}}]"));
    set(face, set).andExpect(status().isOk());
    publish();
    assertEquals(shown("").getFirst(), "la []".replace("[]", "") + "[No plastic]");
    assertTrue(shown("&country=PT").getFirst().endsWith("[Back for free, No plastic]"));
    JsonNode portuguese =
        body(http.perform(get("/embed/v1/page?kind=listing&lang=pt&country=PT&product=la")));
    assertTrue(portuguese.toString().contains("Devolução grátis"));
    JsonNode again = body(ask(NODS + "/{id}", face.path("id").asString()));
    ObjectNode wrong = setOf(again);
    ((ObjectNode) wrong.path("own").path("promises").path(0)).put("link", "javascript:alert(1)");
    set(again, wrong)
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("own"));
  }
}
