package nodyes.server.reviews;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Finding reviews on the desk, and what is done to one. */
public class DeskTest extends ServerTest {
  private static final String HEAD = "Product,Rating,Words,Reviewer,Country,Date,Language\n";

  private ResultActions change(String address, String body, Object... values) throws Exception {
    return http.perform(
        put(address, values)
            .header("Authorization", "Bearer " + KEY)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  private JsonNode one(String product, String row) throws Exception {
    product(product);
    long batch = bringIn(HEAD + row, "{}").path("id").asLong();
    return body(ask("/api/v1/reviews?batch={id}", batch)).path("items").path(0);
  }

  private long found(String product, String text) throws Exception {
    return body(ask("/api/v1/reviews?product={p}&q={q}", product, text)).path("total").asLong();
  }

  @DataProvider
  public Object[][] searches() {
    return new Object[][] {
      {"varanda", 1},
      {"VARANDA inverno", 1},
      {"varan", 1},
      {"lascá", 1},
      {"fensterbank", 1},
      {"grosse", 0},
      {"大きさ", 1},
      {"釉薬", 1},
      {"الزهرية", 1},
      {"Haruka", 1},
      {"inverno fensterbank", 0},
      {"\"*() AND OR NOT NEAR", 0},
      {"'; drop table review --", 0},
      {"😀", 0},
      {"", 4},
    };
  }

  @Test(dataProvider = "searches")
  public void wordsAreFoundInEveryLanguage(String text, int reviews) throws Exception {
    if (body(ask("/api/v1/reviews?product=found-pot")).path("total").asInt() == 0) {
      product("found-pot");
      bringIn(
          HEAD
              + "found-pot,5,Um inverno inteiro na varanda e nem uma lasca,Inês,PT,2026-01-02,pt\n"
              + "found-pot,4,Genau richtig für die Fensterbank,Mila,DE,2026-01-03,de\n"
              + "found-pot,5,大きさも色もとてもいいです。釉薬が美しい,Haruka,JP,2026-01-04,ja\n"
              + "found-pot,3,الزهرية جميلة وثقيلة,Samir,EG,2026-01-05,ar\n",
          "{}");
    }
    assertEquals(found("found-pot", text), reviews, text);
  }

  @Test
  public void filtersNarrowTogether() throws Exception {
    product("filter-pot");
    bringIn(
        HEAD
            + "filter-pot,5,One,A,PT,2026-01-02,pt\n"
            + "filter-pot,1,Two,B,DE,2026-02-02,de\n"
            + "filter-pot,1,,C,DE,2026-03-02,\n",
        "{}");
    String base = "/api/v1/reviews?product=filter-pot";
    assertEquals(body(ask(base + "&stars=1")).path("total").asInt(), 2);
    assertEquals(body(ask(base + "&country=DE&language=de")).path("total").asInt(), 1);
    assertEquals(body(ask(base + "&flag=NO_WORDS")).path("total").asInt(), 1);
    assertEquals(body(ask(base + "&from=2026-02-01&to=2026-02-28")).path("total").asInt(), 1);
    assertEquals(body(ask(base + "&pictures=true")).path("total").asInt(), 0);
    assertEquals(body(ask(base + "&origin=IMPORTED&status=PENDING")).path("total").asInt(), 3);
    JsonNode facets = body(ask("/api/v1/reviews/facets"));
    assertTrue(facets.path("languages").toString().contains("\"de\""));
    JsonNode standing = body(ask("/api/v1/reviews/by-product?q=filter-pot")).path("items").path(0);
    assertEquals(standing.path("waiting").asInt(), 3);
    assertEquals(standing.path("published").asInt(), 0);
  }

  @Test
  public void allThatIsDoneToAReviewIsRemembered() throws Exception {
    JsonNode line =
        one(
            "told-pot",
            "told-pot,4,Write to eva@mail.example for a picture,Eva Maier,DE,2026-01-02,en\n");
    long id = line.path("id").asLong();
    assertEquals(line.path("contacts").path(0).path("kind").asString(), "EMAIL");

    JsonNode hidden = body(change("/api/v1/reviews/{id}/contacts", "{\"hidden\":true}", id));
    assertEquals(hidden.path("wordsShown").asString(), "Write to […] for a picture");
    assertEquals(hidden.path("text").asString(), line.path("text").asString());
    JsonNode named = body(change("/api/v1/reviews/{id}/name", "{\"form\":\"INITIALS\"}", id));
    assertEquals(named.path("reviewer").asString(), "E. M.");
    assertEquals(named.path("rawReviewer").asString(), "Eva Maier");
    change("/api/v1/reviews/{id}/featured", "{\"featured\":true}", id).andExpect(status().isOk());
    JsonNode replied = body(change("/api/v1/reviews/{id}/reply", "{\"text\":\" Thank you \"}", id));
    assertEquals(replied.path("reply").asString(), "Thank you");
    send("/api/v1/reviews/actions", "{\"ids\":[" + id + "],\"to\":\"SPAM\"}");
    String history = body(ask("/api/v1/reviews/{id}/history", id)).toString();
    for (String what :
        new String[] {"CONTACTS_HIDDEN", "NAME_SHOWN_AS", "FEATURED", "REPLIED", "SPAM"}) {
      assertTrue(history.contains("\"" + what + "\""), what + " in " + history);
    }
    change("/api/v1/reviews/{id}/variant", "{\"title\":\"9 cm\"}", id)
        .andExpect(status().isUnprocessableContent());
    change("/api/v1/reviews/{id}/variant", "{\"title\":\"24 cm\"}", id).andExpect(status().isOk());
    change("/api/v1/reviews/999999/featured", "{\"featured\":true}")
        .andExpect(status().isNotFound());
    change("/api/v1/reviews/{id}/reply", "{\"text\":\"" + "x".repeat(3001) + "\"}", id)
        .andExpect(status().isUnprocessableContent());
  }

  @Test
  public void aReviewIsTranslatedOnceAndAFailingTranslatorIsSaid() throws Exception {
    JsonNode line = one("spoken-pot", "spoken-pot,5,Muito bonito,Rui,PT,2026-01-02,pt\n");
    long id = line.path("id").asLong();
    OutsideServer.forgets("/translate");
    send("/api/v1/reviews/{id}/translation", "{\"to\":\"en\"}", id)
        .andExpect(status().isUnprocessableContent());
    OutsideServer.says("/translate", "application/json", "{\"text\":\"Very lovely\"}");
    JsonNode made = body(send("/api/v1/reviews/{id}/translation", "{\"to\":\"en\"}", id));
    assertEquals(made.path("words").asString(), "Very lovely");
    OutsideServer.forgets("/translate");
    JsonNode kept = body(send("/api/v1/reviews/{id}/translation", "{\"to\":\"en\"}", id));
    assertEquals(kept.path("words").asString(), "Very lovely");
    send("/api/v1/reviews/{id}/translation", "{\"to\":\"<x>\"}", id)
        .andExpect(status().isUnprocessableContent());
  }

  /** A translation that was made before a telephone number was hidden kept telling it. */
  @Test
  public void whatIsHiddenLaterIsNoPartOfATranslationThatWasMadeBefore() throws Exception {
    JsonNode line =
        one("private-pot", "private-pot,5,Liga-me: +351 912 345 678,Rui,PT,2026-01-03,pt\n");
    long id = line.path("id").asLong();
    change("/api/v1/reviews/{id}/contacts", "{\"hidden\":false}", id).andExpect(status().isOk());
    OutsideServer.says(
        "/translate", "application/json", "{\"text\":\"Call me: +351 912 345 678\"}");
    String told = body(send("/api/v1/reviews/{id}/translation", "{\"to\":\"en\"}", id)).toString();
    assertTrue(told.contains("912"), told);
    change("/api/v1/reviews/{id}/contacts", "{\"hidden\":true}", id).andExpect(status().isOk());
    OutsideServer.says("/translate", "application/json", "{\"text\":\"Call me: […]\"}");
    String after = body(send("/api/v1/reviews/{id}/translation", "{\"to\":\"en\"}", id)).toString();
    assertFalse(after.contains("912"), after);
    OutsideServer.forgets("/translate");
    assertEquals(
        body(send("/api/v1/reviews/{id}/translation", "{\"to\":\"en\"}", id)).toString(), after);
  }
}
