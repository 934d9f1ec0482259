package nodyes.server.nods;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What was published, one version after another, and the ways back. */
public class VersionsTest extends ServerTest {
  private final List<String> nods = new ArrayList<>();

  @BeforeClass
  public void publishSome() throws Exception {
    publish("");
    for (String spot : new String[] {"under-buy", "under-buy", "page-end"}) {
      JsonNode added =
          body(
              send(
                      "/api/v1/layout/nods",
                      "{\"kind\":\"visitor-count\",\"spot\":\"%s\",\"page\":\"PRODUCT\"}"
                          .formatted(spot))
                  .andExpect(status().isOk()));
      nods.add(added.path("face").path("id").asString());
    }
  }

  private int publish(String note) throws Exception {
    JsonNode made =
        body(
            send("/api/v1/layout/publish", "{\"note\":\"" + note + "\"}")
                .andExpect(status().isOk()));
    return made.path("publishedVersion").asInt();
  }

  private void turn(String nod, boolean on) throws Exception {
    act(HttpMethod.PATCH, "/api/v1/layout/nods/{id}", "{\"on\":" + on + "}", nod)
        .andExpect(status().isOk());
  }

  private JsonNode drafted() throws Exception {
    return body(ask("/api/v1/layout")).path("draft");
  }

  /** Whatever was done between two versions, going back to one brings all of it back. */
  @Test
  public void eachVersionComesBackAsItWas() throws Exception {
    var random = new Random(43);
    Map<Integer, JsonNode> published = new HashMap<>();
    for (int i = 0; i < 6; i++) {
      turn(nods.get(random.nextInt(nods.size())), random.nextBoolean());
      if (random.nextBoolean()) {
        send(
                "/api/v1/layout/nods/{id}/move",
                "{\"spot\":\"" + (random.nextBoolean() ? "above-buy" : "page-end") + "\"}",
                nods.get(random.nextInt(nods.size())))
            .andExpect(status().isOk());
      }
      published.put(publish("step " + i), drafted());
    }
    for (int version : published.keySet()) {
      JsonNode back = body(send("/api/v1/layout/versions/{v}/restore", "", version));
      assertTrue(back.path("version").asInt() > version, "going back is a version of its own");
      assertEquals(drafted(), published.get(version));
      ask("/api/v1/layout").andExpect(jsonPath("$.unpublished.length()").value(0));
    }
  }

  @Test
  public void theListTellsWhatEachVersionChangedTheNewestFirst() throws Exception {
    turn(nods.getFirst(), true);
    publish("all on");
    turn(nods.getFirst(), false);
    int version = publish("one off");
    JsonNode newest = body(ask("/api/v1/layout/versions?size=1")).path("items").path(0);
    assertEquals(newest.path("version").asInt(), version);
    assertEquals(newest.path("note").asString(), "one off");
    assertEquals(newest.path("changes").size(), 1, newest.toString());
    assertTrue(newest.path("changes").path(0).path("text").asString().endsWith("paused"));
    JsonNode second = body(ask("/api/v1/layout/versions?size=1&page=2"));
    assertEquals(second.path("items").path(0).path("note").asString(), "all on");
    assertTrue(second.path("total").asInt() >= 3);
  }

  @Test
  public void oneNodIsPutBackAndTheOthersStay() throws Exception {
    turn(nods.get(0), true);
    turn(nods.get(1), true);
    publish("both on");
    turn(nods.get(0), false);
    turn(nods.get(1), false);
    int version = publish("both off");
    send("/api/v1/layout/versions/{v}/nods/{id}/undo", "", version, nods.getFirst())
        .andExpect(status().isOk());
    Map<String, Boolean> on = new HashMap<>();
    drafted().forEach(nod -> on.put(nod.path("id").asString(), nod.path("on").asBoolean()));
    assertEquals(on.get(nods.get(0)), Boolean.TRUE);
    assertEquals(on.get(nods.get(1)), Boolean.FALSE);
  }

  @Test
  public void whatIsRemovedComesBackWithItsVersion() throws Exception {
    int version = publish("before it went");
    String gone = nods.getLast();
    act(HttpMethod.DELETE, "/api/v1/layout/nods/{id}", "", gone).andExpect(status().isOk());
    publish("it went");
    ask("/api/v1/layout/nods/{id}", gone).andExpect(status().isNotFound());
    send("/api/v1/layout/versions/{v}/restore", "", version).andExpect(status().isOk());
    ask("/api/v1/layout/nods/{id}", gone).andExpect(status().isOk());
  }

  @Test
  public void versionsThatAreNoneAreSaidToBeNone() throws Exception {
    send("/api/v1/layout/versions/99999/restore", "").andExpect(status().isNotFound());
    send("/api/v1/layout/versions/99999/nods/a/undo", "").andExpect(status().isNotFound());
    send("/api/v1/layout/publish", "{\"note\":\"" + "x".repeat(201) + "\"}")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("note"));
  }
}
