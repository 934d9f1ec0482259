package nodyes.server.storefront;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Picked quotes, from what the owner sets to what a page gets. */
public class QuotesTest extends ServerTest {
  private static final String NODS = "/api/v1/layout/nods";
  private String id = "";

  @BeforeClass
  public void reviewed() throws Exception {
    product("quoted-pot");
    publish(
        bringIn(
            "Product,Rating,Words,Reviewer,Date,Language\n"
                + "quoted-pot,5,It keeps the soil moist for days on end,Ines,2026-11-01,en\n"
                + "quoted-pot,2,It came with a chip in the foot of it,Otto,2026-11-02,en\n"
                + "quoted-pot,4,Heavy enough to stay where the wind is,Mara,2026-11-03,en\n"
                + "quoted-pot,5,Nice,Rui,2026-11-04,en\n",
            "{}"));
  }

  private JsonNode added() throws Exception {
    JsonNode face =
        body(send(
                NODS,
                "{\"kind\":\"picked-quotes\",\"spot\":\"under-picture\",\"page\":\"PRODUCT\"}"))
            .path("face");
    id = face.path("id").asString();
    return face;
  }

  @AfterMethod(alwaysRun = true)
  public void withoutIt() throws Exception {
    if (!id.isEmpty()) {
      http.perform(
          org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete(
                  NODS + "/{id}", id)
              .header("Authorization", "Bearer " + KEY));
      send("/api/v1/layout/publish", "");
    }
  }

  private ResultActions set(JsonNode face, String... options) throws Exception {
    ObjectNode set = (ObjectNode) json.readTree(face.path("set").toString());
    ObjectNode own = ((ObjectNode) set.path("own")).putObject("options");
    for (int i = 0; i < options.length; i += 2) {
      own.put(options[i], options[i + 1]);
    }
    return http.perform(
        put(NODS + "/{id}", id)
            .header("Authorization", "Bearer " + KEY)
            .contentType(MediaType.APPLICATION_JSON)
            .content("{\"revision\":" + face.path("revision").asLong() + ",\"set\":" + set + "}"));
  }

  private JsonNode shown() throws Exception {
    send("/api/v1/layout/publish", "").andExpect(status().isOk());
    JsonNode page =
        body(http.perform(get("/embed/v1/page?kind=product&lang=en&product=quoted-pot")));
    return page.path("nods")
        .valueStream()
        .filter(nod -> nod.path("kind").asString().equals("picked-quotes"))
        .findFirst()
        .map(nod -> nod.path("content"))
        .orElse(json.createObjectNode());
  }

  private static List<String> reviewers(JsonNode content) {
    return content
        .path("quotes")
        .valueStream()
        .map(quote -> quote.path("reviewer").asString())
        .toList();
  }

  @Test
  public void theNewestThatFitWithWhatAllSayUnderThem() throws Exception {
    added();
    JsonNode content = shown();
    assertEquals(reviewers(content), List.of("Mara", "Ines"));
    // of all four, the blame among them
    assertEquals(content.path("foot").path("mean").asString(), "4.0");
    assertEquals(content.path("foot").path("count").asInt(), 4);
    assertEquals(content.path("quotes").get(0).path("origin").asString(), "broughtIn");
  }

  @Test
  public void thoseThatWereChosenInTheirOrder() throws Exception {
    JsonNode face = added();
    JsonNode stored = body(ask("/api/v1/reviews?product=quoted-pot&status=PUBLISHED"));
    String otto = idOf(stored, "Otto");
    String rui = idOf(stored, "Rui");
    set(face, "pick", "by-hand", "reviews", otto + "," + rui).andExpect(status().isOk());
    assertEquals(reviewers(shown()), List.of("Otto", "Rui"));
    // one that is held is quoted no more
    send("/api/v1/reviews/actions", "{\"ids\":[" + otto + "],\"to\":\"ON_HOLD\"}");
    assertEquals(reviewers(shown()), List.of("Rui"));
    send("/api/v1/reviews/actions", "{\"ids\":[" + otto + "],\"to\":\"PUBLISHED\"}");
  }

  private static String idOf(JsonNode stored, String reviewer) {
    return stored
        .path("items")
        .valueStream()
        .filter(line -> line.path("reviewer").asString().equals(reviewer))
        .findFirst()
        .orElseThrow()
        .path("id")
        .asString();
  }

  @Test
  public void wordsAreCutBetweenWordsAndAllOfThemComeAlong() throws Exception {
    JsonNode face = added();
    set(face, "longest", "20").andExpect(status().isOk());
    JsonNode quote = shown().path("quotes").get(0);
    assertEquals(quote.path("cut").asString(), "Heavy enough to stay");
    assertTrue(quote.path("words").asString().endsWith("where the wind is"));
  }

  @Test
  public void praiseAloneIsToldAtTheNodAndBeforePublishing() throws Exception {
    JsonNode face = added();
    assertFalse(face.path("hidesTheWhole").asBoolean());
    JsonNode saved = body(set(face, "foot", "no").andExpect(status().isOk())).path("face");
    assertTrue(saved.path("hidesTheWhole").asBoolean());
    send("/api/v1/layout/publish", "");
    JsonNode again = body(set(saved, "foot", "yes"));
    shown();
    set(again.path("face"), "foot", "no").andExpect(status().isOk());
    String changes = body(ask("/api/v1/layout")).path("unpublished").toString();
    assertTrue(
        changes.contains("now shows only high ratings, without the overall average"), changes);
    assertTrue(shown().path("foot").isMissingNode());
  }

  @Test
  public void whatCannotBeSetIsSaidByItsName() throws Exception {
    JsonNode face = added();
    set(face, "how-many", "99", "lay", "heap", "colour", "red")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("own.options.colour"))
        .andExpect(jsonPath("$.faults[1].field").value("own.options.how-many"))
        .andExpect(jsonPath("$.faults[1].reason").value("Enter a whole number from 1 to 24."))
        .andExpect(jsonPath("$.faults[2].field").value("own.options.lay"));
  }

  @Test
  public void thoseOfTheShopComeFromItsListingAndGoWithIt() throws Exception {
    JsonNode face = added();
    set(face, "pick", "of-the-shop").andExpect(status().isOk());
    assertEquals(reviewers(shown()), List.of());
    OutsideServer.says(
        "/places/quoted",
        "application/json",
        "{\"@type\":\"LocalBusiness\",\"name\":\"The shop\",\"url\":\"https://d.example/s\","
            + "\"aggregateRating\":{\"ratingValue\":4.4,\"reviewCount\":31},\"review\":["
            + "{\"@type\":\"Review\",\"reviewRating\":{\"ratingValue\":5},\"reviewBody\":\"Kind"
            + " people\",\"author\":\"Jonas\"}]}");
    http.perform(
            put("/api/v1/business-profile")
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_JSON)
                .content(
                    "{\"service\":\""
                        + OutsideServer.address("/places")
                        + "\",\"place\":\"quoted\",\"key\":\"k\",\"leastStars\":1,\"everyHours\":24}"))
        .andExpect(status().isOk());
    JsonNode content = shown();
    assertEquals(content.path("quotes").get(0).path("words").asString(), "Kind people");
    assertEquals(content.path("quotes").get(0).path("source").asString(), "d.example");
    assertEquals(content.path("foot").path("count").asInt(), 31);
    assertEquals(content.path("link").asString(), "https://d.example/s");
    http.perform(
        org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete(
                "/api/v1/business-profile")
            .header("Authorization", "Bearer " + KEY));
    assertEquals(reviewers(shown()), List.of());
  }
}
