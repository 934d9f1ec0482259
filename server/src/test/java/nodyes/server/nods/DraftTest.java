package nodyes.server.nods;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The draft through its own endpoints: changed in pieces, undone, published, gone back to. */
public class DraftTest extends ServerTest {
  private static final String NODS = "/api/v1/layout/nods";

  private ResultActions replace(String address, Object body, Object... values) throws Exception {
    return http.perform(
        put(address, values)
            .header("Authorization", "Bearer " + KEY)
            .contentType(MediaType.APPLICATION_JSON)
            .content(json.writeValueAsString(body)));
  }

  private JsonNode add(String kind, String spot) throws Exception {
    return body(
        send(NODS, "{\"kind\":\"%s\",\"spot\":\"%s\",\"page\":\"PRODUCT\"}".formatted(kind, spot)));
  }

  private JsonNode face(String id) throws Exception {
    return body(ask(NODS + "/{id}", id));
  }

  private ResultActions set(JsonNode face, JsonNode set) throws Exception {
    ObjectNode body = json.createObjectNode();
    body.set("revision", face.path("revision"));
    body.set("set", set);
    return replace(NODS + "/{id}", body, face.path("id").asString());
  }

  private ObjectNode copyOf(JsonNode face) {
    return (ObjectNode) face.path("set").deepCopy();
  }

  private List<String> ids() throws Exception {
    return body(ask("/api/v1/layout"))
        .path("draft")
        .valueStream()
        .map(nod -> nod.path("id").asString())
        .toList();
  }

  /** Leaves the draft as it is published, so that other classes find what they expect. */
  @AfterMethod
  public void back() throws Exception {
    JsonNode now = body(ask("/api/v1/layout"));
    for (JsonNode nod : now.path("draft")) {
      String id = nod.path("id").asString();
      if (!List.of("stars-product", "stars-card", "reviews").contains(id)) {
        http.perform(delete(NODS + "/{id}", id).header("Authorization", "Bearer " + KEY));
      }
    }
  }

  @Test
  public void aNodIsAddedCopiedMovedAndRemovedAndEachIsTakenBack() throws Exception {
    List<String> before = ids();
    JsonNode added = add("star-line", "under-buy");
    String id = added.path("face").path("id").asString();
    assertEquals(ids().getLast(), id);
    JsonNode copied = body(send(NODS + "/{id}/copy", "", id));
    String copy = copied.path("face").path("id").asString();
    assertEquals(ids().indexOf(copy), ids().indexOf(id) + 1);
    JsonNode moved =
        body(send(NODS + "/{id}/move", "{\"spot\":\"page-end\",\"before\":\"reviews\"}", copy));
    assertEquals(ids().indexOf(copy), ids().indexOf("reviews") - 1);
    assertEquals(face(copy).path("set").path("spot").asString(), "page-end");
    // only the newest step can be undone, one after the other
    send("/api/v1/layout/steps/{id}/undo", "", copied.path("step").path("id").asLong())
        .andExpect(status().isConflict());
    for (JsonNode step : List.of(moved, copied.path("step"), added.path("step"))) {
      send("/api/v1/layout/steps/{id}/undo", "", step.path("id").asLong())
          .andExpect(status().isOk());
    }
    assertEquals(ids(), before);
  }

  @Test
  public void whatIsRemovedComesBackWithAllThatWasSet() throws Exception {
    String id = add("review-wall", "page-end").path("face").path("id").asString();
    JsonNode face = face(id);
    ObjectNode set = copyOf(face);
    ((ObjectNode) set.path("own")).put("perPage", 12);
    set(face, set).andExpect(status().isOk());
    JsonNode kept = face(id).path("set");
    JsonNode step =
        body(http.perform(delete(NODS + "/{id}", id).header("Authorization", "Bearer " + KEY)));
    assertFalse(ids().contains(id));
    ask(NODS + "/{id}", id).andExpect(status().isNotFound());
    send("/api/v1/layout/steps/{id}/undo", "", step.path("id").asLong());
    assertEquals(face(id).path("set"), kept);
  }

  @Test
  public void twoWindowsDoNotOverwriteEachOther() throws Exception {
    String id = add("star-line", "under-buy").path("face").path("id").asString();
    JsonNode seen = face(id);
    ObjectNode one = copyOf(seen);
    one.put("on", false);
    set(seen, one).andExpect(status().isOk());
    ObjectNode other = copyOf(seen);
    other.put("spot", "above-buy");
    set(seen, other)
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("Nothing was")));
    assertEquals(face(id).path("set").path("spot").asString(), "under-buy");
    set(face(id), other).andExpect(status().isOk());
  }

  @Test
  public void whatCannotBeTakenIsSaidByItsPathAndChangesNothing() throws Exception {
    String id = add("review-wall", "page-end").path("face").path("id").asString();
    JsonNode face = face(id);
    ObjectNode set = copyOf(face);
    set.putArray("pages");
    ObjectNode look = (ObjectNode) set.path("look");
    ((ObjectNode) look.path("values")).put("ink", "reddish").put("pair", "No such pair");
    look.put("css", "p { color: red }\nbody { display: none }");
    ((ObjectNode) set.path("own")).put("perPage", 1);
    ((ObjectNode) set.path("wording")).putObject("de").put("no-such-word", "x");
    JsonNode refused = body(set(face, set).andExpect(status().isBadRequest()));
    String faults = refused.path("faults").toString();
    for (String part :
        List.of(
            "\"pages\"",
            "look.values.ink",
            "look.values.pair",
            "Line 2: “body”",
            "2 to 100 reviews",
            "wording.de.no-such-word")) {
      assertTrue(faults.contains(part), part + " in " + faults);
    }
    assertEquals(face(id).path("revision"), face.path("revision"));
  }

  @Test
  public void aPeriodThatEndsBeforeItStartsIsRefusedWhereItStands() throws Exception {
    String id = add("star-line", "under-buy").path("face").path("id").asString();
    JsonNode face = face(id);
    ObjectNode set = copyOf(face);
    set.set(
        "audience",
        json.readTree(
            """
            {"kind":"ALL_OF","parts":[{"kind":"REVIEWS_AT_LEAST","count":3},\
            {"kind":"ANY_OF","parts":[{"kind":"BETWEEN","from":"2026-12-02T09:00",\
            "to":"2026-12-01T09:00"}]}]}"""));
    set(face, set)
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("audience.2.1.to"))
        .andExpect(
            jsonPath("$.faults[0].reason")
                .value(org.hamcrest.Matchers.containsString("The end is before the start")));
  }

  @Test
  public void conditionsComeBackAsTheyWereSetOnTheShopsClock() throws Exception {
    String id = add("star-line", "under-buy").path("face").path("id").asString();
    JsonNode face = face(id);
    ObjectNode set = copyOf(face);
    JsonNode rule =
        json.readTree(
            """
            {"kind":"ANY_OF","parts":[\
            {"kind":"RATING_AT_LEAST","count":5,"stars":4.2},\
            {"kind":"IN_CATEGORY","names":["planters","seeds"]},\
            {"kind":"PRICE_BETWEEN","least":10.00,"most":30.00},\
            {"kind":"BETWEEN","from":"2026-07-01T09:00"},\
            {"kind":"DAILY","from":"09:00","to":"18:00","days":["MONDAY","SUNDAY"]},\
            {"kind":"ALL_OF","parts":[{"kind":"COUNTRY_IN","names":["PT"]},\
            {"kind":"LANGUAGE_IN","names":["pt"]},{"kind":"HAS_TAG","names":["heavy"]}]}]}""");
    set.set("audience", rule);
    set(face, set).andExpect(status().isOk());
    assertEquals(face(id).path("set").path("audience"), rule);
  }

  @Test
  public void anUnknownValueIsNamedKeepsTheLastGoodWordsAndCannotBePublished() throws Exception {
    product("worded-pot");
    publish(bringIn("Product,Stars,Words\nworded-pot,5,Very good\n", "{}"));
    JsonNode face = face("stars-product");
    ObjectNode set = copyOf(face);
    ((ObjectNode) set.path("wording")).putObject("de").put("reviews.one", "{n} Stimme");
    set(face, set).andExpect(status().isOk());
    send("/api/v1/layout/publish", "{\"note\":\"German words\"}").andExpect(status().isOk());
    ObjectNode wrong = set.deepCopy();
    ((ObjectNode) wrong.path("wording").path("de")).put("reviews.one", "{nn} Stimmen");
    JsonNode saved = body(set(face("stars-product"), wrong)).path("face");
    JsonNode unsayable = saved.path("unsayable").path(0);
    assertEquals(unsayable.path("value").asString(), "nn");
    assertEquals(unsayable.path("nearest").asString(), "n");
    send("/api/v1/layout/publish", "")
        .andExpect(status().isUnprocessableContent())
        .andExpect(jsonPath("$.detail").value(org.hamcrest.Matchers.containsString("{nn}")));
    JsonNode draft = preview("&draft=true");
    assertEquals(
        draft.path("dress").path("stars-product").path("words").path("reviews.one").asString(),
        "{n} Stimme");
    set(face("stars-product"), copyOf(face)).andExpect(status().isOk());
    send("/api/v1/layout/publish", "").andExpect(status().isOk());
  }

  private JsonNode preview(String more) throws Exception {
    String token = body(send("/api/v1/preview-tokens", "")).path("token").asString();
    return body(
        http.perform(
            get("/embed/v1/page?kind=product&product=worded-pot&lang=de&preview=" + token + more)));
  }

  @Test
  public void versionsAreListedLookedAtAndGoneBackTo() throws Exception {
    int first =
        body(send("/api/v1/layout/publish", "{\"note\":\"as it was\"}"))
            .path("publishedVersion")
            .asInt();
    JsonNode face = face("reviews");
    ObjectNode set = copyOf(face);
    set.put("on", false);
    set(face, set);
    int second = body(send("/api/v1/layout/publish", "")).path("publishedVersion").asInt();
    ask("/api/v1/layout/versions")
        .andExpect(jsonPath("$.items[0].version").value(second))
        .andExpect(
            jsonPath("$.items[0].changes[0].text")
                .value("Review wall (at the end of the page) paused"))
        .andExpect(jsonPath("$.items[1].note").value("as it was"));
    ask("/api/v1/page?kind=product&product=worded-pot&version=" + first)
        .andExpect(jsonPath("$.nods[?(@.nod == 'reviews')].on").value(true));
    // one nod's change alone, in the draft
    send("/api/v1/layout/versions/{v}/nods/reviews/undo", "", second).andExpect(status().isOk());
    assertTrue(face("reviews").path("set").path("on").asBoolean());
    int third =
        body(send("/api/v1/layout/versions/{v}/restore", "", first)).path("version").asInt();
    assertEquals(third, second + 1);
    ask("/api/v1/layout").andExpect(jsonPath("$.unpublished.length()").value(0));
    send("/api/v1/layout/versions/9999/restore", "").andExpect(status().isNotFound());
  }

  @Test
  public void theBrandKitReachesEveryNodUntilOneDiffers() throws Exception {
    product("worded-pot");
    JsonNode saved =
        body(
            replace(
                "/api/v1/layout/kit",
                json.readTree(
                    """
                    {"values":{"star":"#112233","ground":"#ffffff"},\
                    "pairs":[{"name":"Pale","ground":"#ffffff","words":"#bbbbbb"}]}""")));
    JsonNode contrast = saved.path("kit").path("pairs").path(0).path("contrast");
    assertFalse(contrast.path("passes").asBoolean());
    assertEquals(contrast.path("ratio").asString(), "1.9");
    replace("/api/v1/layout/kit", json.readTree("{\"values\":{\"star\":\"starry\"},\"pairs\":[]}"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("values.star"));
    send("/api/v1/layout/steps/{id}/undo", "", saved.path("step").path("id").asLong());
    ask("/api/v1/layout/kit").andExpect(jsonPath("$.pairs.length()").value(0));
  }

  @Test
  public void aSpotOfTheOwnersIsMadeUsedAndForgotten() throws Exception {
    String spot = "/api/v1/layout/spots/by-the-sink";
    replace(
            spot,
            json.readTree("{\"page\":\"PRODUCT\",\"selector\":\"p >>> a\",\"side\":\"AFTER\"}"))
        .andExpect(status().isBadRequest());
    replace(spot, json.readTree("{\"page\":\"PRODUCT\",\"selector\":\".sink\",\"side\":\"AFTER\"}"))
        .andExpect(status().isOk());
    String id = add("star-line", "by-the-sink").path("face").path("id").asString();
    http.perform(delete(spot).header("Authorization", "Bearer " + KEY))
        .andExpect(status().isUnprocessableContent());
    http.perform(delete(NODS + "/{id}", id).header("Authorization", "Bearer " + KEY));
    http.perform(delete(spot).header("Authorization", "Bearer " + KEY)).andExpect(status().isOk());
    http.perform(delete(spot).header("Authorization", "Bearer " + KEY))
        .andExpect(status().isNotFound());
  }
}
