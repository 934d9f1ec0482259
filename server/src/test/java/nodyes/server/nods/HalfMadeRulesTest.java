package nodyes.server.nods;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A condition without its category, {@code {"kind":"IN_CATEGORY","names":[]}}, was refused: it was
 * gone with Done, and so was every word that was typed beside it.
 */
public class HalfMadeRulesTest extends ServerTest {
  private static final String NOD = "/api/v1/layout/nods/{id}";
  private static final String HALF =
      """
      {"kind":"ALL_OF","parts":[
        {"kind":"REVIEWS_AT_LEAST","count":5},{"kind":"IN_CATEGORY","names":[]}]}
      """;
  private static final String WHOLE =
      """
      {"kind":"ALL_OF","parts":[
        {"kind":"REVIEWS_AT_LEAST","count":5},{"kind":"IN_CATEGORY","names":["Pots"]}]}
      """;
  private String id;

  @BeforeMethod
  public void aNod() throws Exception {
    id =
        body(send(
                "/api/v1/layout/nods",
                "{\"kind\":\"stock-line\",\"spot\":\"under-buy\",\"page\":\"PRODUCT\"}"))
            .path("face")
            .path("id")
            .asString();
  }

  @AfterMethod(alwaysRun = true)
  public void gone() throws Exception {
    act(HttpMethod.DELETE, NOD, "", id).andExpect(status().isOk());
  }

  private JsonNode face() throws Exception {
    return body(ask(NOD, id).andExpect(status().isOk()));
  }

  private ObjectNode ruled(String rule) throws Exception {
    ObjectNode set = (ObjectNode) face().path("set").deepCopy();
    set.set("audience", json.readTree(rule));
    return set;
  }

  private ResultActions put(String address, long revision, JsonNode set) throws Exception {
    ObjectNode body = json.createObjectNode().put("revision", revision);
    body.set("set", set);
    return act(HttpMethod.PUT, address, body.toString(), id);
  }

  private ResultActions keep(JsonNode set) throws Exception {
    return put(NOD + "/half-made", face().path("revision").asLong(), set);
  }

  private String waiting() throws Exception {
    return body(ask("/api/v1/layout")).path("unsayable").toString();
  }

  @Test
  public void itIsThereAgainAndSaysWhatItLacks() throws Exception {
    ObjectNode set = ruled(HALF);
    put(NOD, face().path("revision").asLong(), set).andExpect(status().isBadRequest());
    keep(set).andExpect(status().isOk());
    JsonNode kept = face();
    assertEquals(kept.path("set").path("audience").path("parts").size(), 2, kept.toString());
    assertEquals(
        kept.path("missing").path(0).path("field").asString(), "audience.2.names", kept.toString());
  }

  @Test
  public void itAppliesNowhereAndTheRestIsSaved() throws Exception {
    ObjectNode set = ruled(HALF);
    ((ObjectNode) set.path("wording")).putObject("en").put("left.other", "{n} of them are left");
    keep(set).andExpect(status().isOk());
    assertEquals(
        face().path("set").path("wording").path("en").path("left.other").asString(),
        "{n} of them are left");
    // without the half condition the words are there, and the rule is the one that was
    put(NOD, face().path("revision").asLong(), unruled()).andExpect(status().isOk());
    JsonNode whole = face();
    assertEquals(whole.path("missing").size(), 0);
    assertEquals(
        whole.path("set").path("wording").path("en").path("left.other").asString(),
        "{n} of them are left");
  }

  private ObjectNode unruled() throws Exception {
    return ruled("{\"kind\":\"ALL_OF\",\"parts\":[]}");
  }

  /** Words too long cost the words alone, not the condition that was made beside them. */
  @Test
  public void eachPartIsSavedOrKeptByItself() throws Exception {
    ObjectNode set = ruled(WHOLE);
    ((ObjectNode) set.path("wording")).putObject("en").put("left.other", "x".repeat(401));
    keep(set).andExpect(status().isOk());
    JsonNode kept = face();
    assertEquals(kept.path("set").path("audience").path("parts").size(), 2, kept.toString());
    assertEquals(
        kept.path("set").path("wording").path("en").path("left.other").asString().length(), 401);
    assertEquals(kept.path("missing").path(0).path("field").asString(), "wording.en.left.other");
  }

  @Test
  public void itStaysWhenTheNodIsPausedMovedOrTakenBack() throws Exception {
    keep(ruled(HALF)).andExpect(status().isOk());
    act(HttpMethod.PATCH, NOD, "{\"on\":false}", id).andExpect(status().isOk());
    send(NOD + "/move", "{\"spot\":\"page-end\"}", id).andExpect(status().isOk());
    JsonNode after = face();
    assertEquals(after.path("missing").size(), 1, after.toString());
    assertEquals(after.path("set").path("audience").path("parts").size(), 2);
    assertEquals(after.path("set").path("spot").asString(), "page-end");
  }

  @Test
  public void publishWaitsUntilItIsWhole() throws Exception {
    keep(ruled(HALF)).andExpect(status().isOk());
    assertTrue(waiting().contains("is not finished"), waiting());
    send("/api/v1/layout/publish", "{\"note\":\"\"}").andExpect(status().isUnprocessableContent());
    keep(ruled(WHOLE)).andExpect(status().isOk());
    assertTrue(!waiting().contains("is not finished"), waiting());
    assertEquals(face().path("missing").size(), 0);
    assertEquals(face().path("set").path("audience").path("parts").size(), 2);
  }

  @Test
  public void takingTheHalfConditionOutAgainLeavesNothingHalfMade() throws Exception {
    ObjectNode before = (ObjectNode) face().path("set");
    keep(ruled(HALF)).andExpect(status().isOk());
    put(NOD, face().path("revision").asLong(), before).andExpect(status().isOk());
    assertEquals(face().path("missing").size(), 0);
    assertTrue(!waiting().contains("is not finished"), waiting());
  }

  @Test
  public void whatAnotherWindowChangedIsNotOverwritten() throws Exception {
    long seen = face().path("revision").asLong();
    ObjectNode set = ruled(HALF);
    act(HttpMethod.PATCH, NOD, "{\"on\":false}", id).andExpect(status().isOk());
    put(NOD + "/half-made", seen, set).andExpect(status().isConflict());
  }
}
