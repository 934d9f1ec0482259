package nodyes.server.nods;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import java.util.ArrayList;
import java.util.List;
import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A nod that is copied, and each step that can be undone. */
public class CopyTest extends ServerTest {
  private final List<String> made = new ArrayList<>();

  @AfterMethod
  public void asItWas() throws Exception {
    for (String id : made) {
      act(HttpMethod.DELETE, "/api/v1/layout/nods/{id}", "", id);
    }
    made.clear();
  }

  private JsonNode added(String kind, String spot) throws Exception {
    JsonNode saved =
        body(
            send(
                    "/api/v1/layout/nods",
                    "{\"kind\":\"%s\",\"spot\":\"%s\",\"page\":\"PRODUCT\"}".formatted(kind, spot))
                .andExpect(status().isOk()));
    made.add(saved.path("face").path("id").asString());
    return saved;
  }

  private List<String> drafted() throws Exception {
    return body(ask("/api/v1/layout"))
        .path("draft")
        .valueStream()
        .map(nod -> nod.path("id").asString())
        .toList();
  }

  @Test
  public void aCopySaysAndLooksTheSameAndStandsBehindIt() throws Exception {
    JsonNode first = added("stock-line", "above-buy");
    String id = first.path("face").path("id").asString();
    ObjectNode set = (ObjectNode) first.path("face").path("set");
    ((ObjectNode) set.path("wording")).putObject("en").put("left.other", "{n} of them are left");
    ((ObjectNode) set.path("look").path("values")).put("ink", "#123456");
    JsonNode changed = saveNod(first.path("face"), set);
    JsonNode copy = body(send("/api/v1/layout/nods/{id}/copy", "", id).andExpect(status().isOk()));
    String other = copy.path("face").path("id").asString();
    made.add(other);
    assertNotEquals(other, id);
    assertEquals(copy.path("face").path("set"), changed.path("face").path("set"));
    List<String> nods = drafted();
    assertEquals(nods.indexOf(other), nods.indexOf(id) + 1, nods.toString());
  }

  @Test
  public void aCopyIsTakenBackByItsStepAlone() throws Exception {
    String id = added("visitor-count", "under-buy").path("face").path("id").asString();
    List<String> before = drafted();
    JsonNode copy = body(send("/api/v1/layout/nods/{id}/copy", "", id));
    assertEquals(drafted().size(), before.size() + 1);
    send("/api/v1/layout/steps/{id}/undo", "", copy.path("step").path("id").asLong())
        .andExpect(status().isOk());
    assertEquals(drafted(), before);
  }

  @Test
  public void whatIsNotInTheDraftCannotBeCopied() throws Exception {
    send("/api/v1/layout/nods/no-such-nod/copy", "")
        .andExpect(status().isNotFound())
        .andExpect(jsonPath("$.detail").isString());
  }
}
