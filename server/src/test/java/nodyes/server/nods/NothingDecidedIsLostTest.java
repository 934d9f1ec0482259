package nodyes.server.nods;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Going back to a version went straight to shoppers and threw the draft away, and of many steps
 * only the newest could be undone.
 */
public class NothingDecidedIsLostTest extends ServerTest {
  private static final String VERSIONS = "/api/v1/layout/versions";
  private int begin;
  private String nod;

  @BeforeMethod
  public void aNodThatIsPublished() throws Exception {
    begin = publish();
    nod =
        body(send(
                "/api/v1/layout/nods",
                "{\"kind\":\"visitor-count\",\"spot\":\"under-buy\",\"page\":\"PRODUCT\"}"))
            .path("face")
            .path("id")
            .asString();
    turn(true);
    publish();
  }

  @AfterMethod(alwaysRun = true)
  public void asItWas() throws Exception {
    send(VERSIONS + "/{v}/restore", "", begin).andExpect(status().isOk());
  }

  private int publish() throws Exception {
    return body(send("/api/v1/layout/publish", "{\"note\":\"\"}").andExpect(status().isOk()))
        .path("publishedVersion")
        .asInt();
  }

  private JsonNode now() throws Exception {
    return body(ask("/api/v1/layout").andExpect(status().isOk()));
  }

  private void turn(boolean on) throws Exception {
    act(HttpMethod.PATCH, "/api/v1/layout/nods/{id}", "{\"on\":" + on + "}", nod)
        .andExpect(status().isOk());
  }

  private void move(String spot) throws Exception {
    send("/api/v1/layout/nods/{id}/move", "{\"spot\":\"" + spot + "\"}", nod)
        .andExpect(status().isOk());
  }

  @Test
  public void aVersionGoesIntoTheDraftAndShoppersKeepWhatTheyHave() throws Exception {
    int published = now().path("publishedVersion").asInt();
    List<String> told = new ArrayList<>();
    body(ask(VERSIONS + "/{v}/changes", begin))
        .path("changes")
        .forEach(change -> told.add(change.path("text").asString()));
    assertEquals(told.size(), 1, told.toString());
    send(VERSIONS + "/{v}/into-draft", "", begin).andExpect(status().isOk());
    JsonNode after = now();
    assertEquals(after.path("publishedVersion").asInt(), published);
    assertEquals(after.path("unpublished").size(), 1, after.path("unpublished").toString());
    assertFalse(after.path("draft").toString().contains("\"" + nod + "\""));
  }

  @Test
  public void theDraftThatGaveWayIsHadBack() throws Exception {
    move("page-end");
    JsonNode typed = now().path("draft");
    send(VERSIONS + "/{v}/into-draft", "", begin).andExpect(status().isOk());
    JsonNode kept = body(ask(VERSIONS + "/drafts")).path("drafts").path(0);
    assertTrue(kept.path("message").asString().contains("version " + begin), kept.toString());
    assertEquals(kept.path("changes").size(), 1, kept.toString());
    send(VERSIONS + "/drafts/{id}/restore", "", kept.path("id").asLong())
        .andExpect(status().isOk());
    assertEquals(now().path("draft"), typed);
    send(VERSIONS + "/drafts/987654/restore", "").andExpect(status().isNotFound());
  }

  @Test
  public void nodsAndDeliveryAreTakenBackApart() throws Exception {
    JsonNode typed = now().path("draft");
    send(VERSIONS + "/{v}/into-draft?part=DELIVERY", "", begin).andExpect(status().isOk());
    assertEquals(now().path("draft"), typed);
    send(VERSIONS + "/{v}/into-draft?part=NODS", "", begin).andExpect(status().isOk());
    assertFalse(now().path("draft").toString().contains("\"" + nod + "\""));
    send(VERSIONS + "/{v}/into-draft?part=HALF", "", begin).andExpect(status().isBadRequest());
  }

  /** Every change of a nod was told as 'Changed', whatever it was and whichever nod. */
  @Test
  public void aStepSaysWhatItChangedOfWhich() throws Exception {
    turn(false);
    String words = now().path("lastStep").path("message").asString();
    assertTrue(words.matches(".+ \\(.+\\) paused"), words);
  }

  /** As many steps as were made since the last publication, back and again, in their order. */
  @Test
  public void everyStepSinceThePublicationGoesBackAndAgain() throws Exception {
    List<JsonNode> states = new ArrayList<>();
    states.add(now().path("draft"));
    String[] spots = {"page-end", "above-buy", "under-buy"};
    for (int i = 0; i < 24; i++) {
      if (i % 2 == 0) {
        move(spots[i / 2 % 3]);
      } else {
        turn(i % 4 == 3);
      }
      states.add(now().path("draft"));
    }
    for (int i = states.size() - 2; i >= 0; i--) {
      long step = now().path("lastStep").path("id").asLong();
      send("/api/v1/layout/steps/{id}/undo", "", step).andExpect(status().isOk());
      assertEquals(now().path("draft"), states.get(i), "step " + i);
    }
    for (int i = 1; i < states.size(); i++) {
      send("/api/v1/layout/steps/again", "").andExpect(status().isOk());
      assertEquals(now().path("draft"), states.get(i), "again " + i);
    }
    send("/api/v1/layout/steps/again", "").andExpect(status().isConflict());
  }

  @Test
  public void whatIsPublishedOffersNoStepsAndWhatIsDoneAnewNothingToDoAgain() throws Exception {
    turn(false);
    long step = now().path("lastStep").path("id").asLong();
    send("/api/v1/layout/steps/{id}/undo", "", step).andExpect(status().isOk());
    move("page-end");
    send("/api/v1/layout/steps/again", "").andExpect(status().isConflict());
    long moved = now().path("lastStep").path("id").asLong();
    publish();
    assertTrue(now().path("lastStep").isNull() || now().path("lastStep").isMissingNode());
    send("/api/v1/layout/steps/{id}/undo", "", moved).andExpect(status().isConflict());
  }
}
