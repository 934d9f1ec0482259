package nodyes.server.nods;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Input: a label of the owner's own words, '50% off' in English and 'Nur noch wenige Stücke' in
 * German, on every product. Nothing computed them, and neither the editor nor Proof said so.
 */
public class OwnLabelClaimsTest extends ServerTest {
  private static final String NODS = "/api/v1/layout/nods";
  private String own = "";
  private String computed = "";

  @Test
  public void theEditorOffersTheLabelThatComputesIt() throws Exception {
    JsonNode face =
        body(send(NODS, "{\"kind\":\"own-label\",\"spot\":\"on-picture\",\"page\":\"PRODUCT\"}"))
            .path("face");
    own = face.path("id").asString();
    var set = (ObjectNode) face.path("set").deepCopy();
    ObjectNode wording = set.putObject("wording");
    wording.putObject("en").put("own", "50% off");
    wording.putObject("de").put("own", "Nur noch wenige Stücke");
    wording.putObject("pt").put("own", "Feito à mão");
    ObjectNode change = json.createObjectNode().put("revision", face.path("revision").asLong());
    change.set("set", set);
    JsonNode stated =
        body(http.perform(
                MockMvcRequestBuilders.put(NODS + "/{id}", own)
                    .header("Authorization", "Bearer " + KEY)
                    .contentType("application/json")
                    .content(change.toString())))
            .path("face")
            .path("stated");
    assertEquals(stated.size(), 2, stated.toString());
    assertEquals(stated.path(0).path("language").asString(), "de");
    assertEquals(stated.path(0).path("kind").asString(), "low-stock-label");
    assertEquals(stated.path(1).path("kind").asString(), "price-drop-label");
  }

  @Test(dependsOnMethods = "theEditorOffersTheLabelThatComputesIt")
  public void proofListsItByLanguage() throws Exception {
    send("/api/v1/layout/publish", "").andExpect(status().isOk());
    String doubts = ask("/api/v1/evidence/claims").andReturn().getResponse().getContentAsString();
    assertTrue(doubts.contains("In English it states a percentage: “50% off”"), doubts);
    assertTrue(
        doubts.contains("In German it says that little is left: “Nur noch wenige Stücke”"), doubts);
    assertFalse(doubts.contains("Feito"), doubts);
    assertTrue(doubts.contains("\"rule\":\"Label without a condition\""), doubts);
  }

  @Test(dependsOnMethods = "proofListsItByLanguage")
  public void oneStepPutsTheComputingLabelInItsPlace() throws Exception {
    send(NODS + "/" + own + "/computed", "{\"kind\":\"bestseller-label\"}")
        .andExpect(status().isUnprocessableContent());
    JsonNode made = body(send(NODS + "/" + own + "/computed", "{\"kind\":\"price-drop-label\"}"));
    computed = made.path("face").path("id").asString();
    assertEquals(made.path("face").path("set").path("spot").asString(), "on-picture");
    assertFalse(body(ask(NODS + "/" + own)).path("set").path("on").asBoolean(), "it is paused");
    send("/api/v1/layout/steps/" + made.path("step").path("id").asLong() + "/undo", "")
        .andExpect(status().isOk());
    assertTrue(body(ask(NODS + "/" + own)).path("set").path("on").asBoolean(), "and back");
    ask(NODS + "/" + computed).andExpect(status().isNotFound());
  }
}
