package nodyes.server.moderation;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nodyes.server.ServerTest;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Reviews moved from state to state, one or many at a time, and moved back. */
public class MovesTest extends ServerTest {
  private static final int REVIEWS = 24;
  private static final String[] STATES = {"PUBLISHED", "ON_HOLD", "SPAM", "PENDING"};
  private long batch;
  private List<Long> ids;

  @BeforeClass
  public void fill() throws Exception {
    product("moved-pot");
    var rows = new StringBuilder("Product,Rating,Words\n");
    for (int i = 0; i < REVIEWS; i++) {
      rows.append("moved-pot,%d,The words of number %d\n".formatted(1 + i % 5, i));
    }
    batch = bringIn(rows.toString(), "{}").path("id").asLong();
    ids = new ArrayList<>(states().keySet());
    assertEquals(ids.size(), REVIEWS);
  }

  private Map<Long, String> states() throws Exception {
    var states = new TreeMap<Long, String>();
    for (JsonNode one : body(ask("/api/v1/reviews?batch={b}&size=100", batch)).path("items")) {
      states.put(one.path("id").asLong(), one.path("status").asString());
    }
    return states;
  }

  private JsonNode move(List<Long> some, String to, String more) throws Exception {
    String list = some.stream().map(String::valueOf).collect(Collectors.joining(","));
    return body(
        send("/api/v1/reviews/actions", "{\"ids\":[%s],\"to\":\"%s\"%s}".formatted(list, to, more))
            .andExpect(status().isOk()));
  }

  /** Whatever was done, taking each step back from the last to the first leads to the start. */
  @Test
  public void takenBackStepByStepItIsAsItWas() throws Exception {
    var random = new Random(17);
    var before = new ArrayDeque<Map<Long, String>>();
    Deque<Long> moves = new ArrayDeque<>();
    for (int i = 0; i < 12; i++) {
      before.push(states());
      var some = new ArrayList<>(ids);
      Collections.shuffle(some, random);
      String to = STATES[random.nextInt(STATES.length)];
      List<Long> moved = some.subList(0, 1 + random.nextInt(6));
      moves.push(move(moved, to, "").path("move").asLong());
      Map<Long, String> now = states();
      moved.forEach(id -> assertEquals(now.get(id), to));
      before
          .element()
          .forEach((id, state) -> assertTrue(moved.contains(id) || state.equals(now.get(id))));
    }
    while (!moves.isEmpty()) {
      send("/api/v1/reviews/actions/{id}/undo", "", moves.pop()).andExpect(status().isOk());
      assertEquals(states(), before.pop());
    }
  }

  @Test
  public void publishedOnesAloneAreCountedForShoppers() throws Exception {
    List<Long> some = ids.subList(0, 5);
    JsonNode first = move(some, "PUBLISHED", "");
    JsonNode standing = body(ask("/api/v1/reviews/by-product?q=moved-pot")).path("items").path(0);
    assertEquals(standing.path("published").asInt(), 5);
    assertEquals(standing.path("waiting").asInt(), REVIEWS - 5);
    JsonNode counts = body(ask("/api/v1/reviews/counts"));
    assertTrue(counts.path("byStatus").path("PENDING").asInt() >= REVIEWS - 5, counts.toString());
    send("/api/v1/reviews/actions/{id}/undo", "", first.path("move").asLong());
    assertEquals(
        body(ask("/api/v1/reviews/by-product?q=moved-pot"))
            .path("items")
            .path(0)
            .path("published")
            .asInt(),
        0);
  }

  /** A review may be left out for what it is, never for how few stars it gives. */
  @Test
  public void leavingOutNeedsAReasonThatIsNoOpinion() throws Exception {
    String one = "{\"ids\":[" + ids.getFirst() + "],\"to\":\"LEFT_OUT\"%s}";
    send("/api/v1/reviews/actions", one.formatted("")).andExpect(status().is4xxClientError());
    send("/api/v1/reviews/actions", one.formatted(",\"reason\":\"TOO_FEW_STARS\""))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail").isString());
    JsonNode moved = move(ids.subList(0, 1), "LEFT_OUT", ",\"reason\":\"A_COPY\"");
    JsonNode line = body(ask("/api/v1/reviews/{id}", ids.getFirst()));
    assertEquals(line.path("leftOutReason").asString(), "A_COPY");
    send("/api/v1/reviews/actions/{id}/undo", "", moved.path("move").asLong());
    assertTrue(
        body(ask("/api/v1/reviews/{id}", ids.getFirst())).path("leftOutReason").isMissingNode());
  }

  @Test
  public void whatIsNotThereIsNotMoved() throws Exception {
    Map<Long, String> before = states();
    send("/api/v1/reviews/actions", "{\"ids\":[],\"to\":\"ON_HOLD\"}")
        .andExpect(status().is4xxClientError());
    send("/api/v1/reviews/actions", "{\"ids\":[1],\"to\":\"GONE\"}")
        .andExpect(status().isBadRequest());
    send("/api/v1/reviews/actions/999999/undo", "").andExpect(status().isNotFound());
    assertEquals(states(), before);
  }
}
