package nodyes.server.nods;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.patch;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Published reviews that no page shows, and placing them with one act. */
public class ShowReviewsTest extends ServerTest {
  private void switchTo(String nod, boolean on) throws Exception {
    http.perform(
            patch("/api/v1/layout/nods/{id}", nod)
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"on\":" + on + "}"))
        .andExpect(status().isOk());
  }

  @Test
  public void oneActPutsStarsAndReviewsOnProductPages() throws Exception {
    switchTo("reviews", false);
    switchTo("stars-product", false);
    JsonNode hidden = body(send("/api/v1/layout/publish", "{}"));
    assertFalse(hidden.path("showsReviews").asBoolean());
    JsonNode placed = body(send("/api/v1/layout/add-review-nods", "{}"));
    assertTrue(placed.path("showsReviews").asBoolean());
    assertEquals(placed.path("unpublished").size(), 0);
    assertEquals(
        placed.path("draft").valueStream().filter(nod -> nod.path("on").asBoolean()).count(), 3);
    assertTrue(placed.path("publishedVersion").asInt() > hidden.path("publishedVersion").asInt());
  }

  @Test
  public void whatIsOutsideIsListedWithHowToConnectIt() throws Exception {
    JsonNode services = body(ask("/api/v1/services")).path("services");
    assertEquals(services.size(), 4);
    for (JsonNode service : services) {
      assertFalse(service.path("standsFor").asString().isEmpty());
      assertFalse(service.path("connecting").asString().isEmpty());
      assertFalse(service.path("isStandIn").asBoolean());
    }
  }
}
