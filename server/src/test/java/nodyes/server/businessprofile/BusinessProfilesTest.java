package nodyes.server.businessprofile;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Instant;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class BusinessProfilesTest extends ServerTest {
  private static final String PLACE = "/places/the-shop";

  @Autowired private BusinessProfiles listing;

  private ResultActions connect(int leastStars, String key) throws Exception {
    return http.perform(
        put("/api/v1/business-profile")
            .header("Authorization", "Bearer " + KEY)
            .contentType(MediaType.APPLICATION_JSON)
            .content(
                "{\"service\":\""
                    + OutsideServer.address("/places")
                    + "\",\"place\":\"the-shop\","
                    + key
                    + "\"leastStars\":"
                    + leastStars
                    + ",\"everyHours\":24}"));
  }

  private static String place(String words) {
    var reviews = new StringBuilder();
    for (int stars = 1; stars <= 7; stars++) {
      reviews
          .append(stars == 1 ? "" : ",")
          .append("{\"@type\":\"Review\",\"reviewRating\":{\"ratingValue\":")
          .append(Math.min(5, stars))
          .append("},\"reviewBody\":\"")
          .append(words)
          .append("\"}");
    }
    return "{\"@type\":\"LocalBusiness\",\"name\":\"The shop\",\"url\":\"https://d.example/s\","
        + "\"aggregateRating\":{\"ratingValue\":4.4,\"reviewCount\":31},\"review\":["
        + reviews
        + "]}";
  }

  @Test
  public void upToFiveReviewsOfTheShopAreKeptThoughTheDirectoryFails() throws Exception {
    OutsideServer.says(PLACE, "application/json", place("First"));
    connect(3, "").andExpect(status().isUnprocessableContent());
    JsonNode view = body(connect(3, "\"key\":\"its-key\",").andExpect(status().isOk()));
    assertEquals(OutsideServer.keyFor(PLACE), "Bearer its-key");
    assertFalse(view.toString().contains("its-key"));
    assertEquals(view.path("rating").asDouble(), 4.4);
    assertEquals(view.path("items").size(), 3);
    assertEquals(view.path("hidden").asInt(), 2);
    assertEquals(view.path("link").asString(), "https://d.example/s");
    assertEquals(body(ask("/api/v1/reviews?q=First")).path("total").asInt(), 0);

    OutsideServer.says(PLACE, "application/json", "{\"oops\":");
    send("/api/v1/business-profile/refresh", "{}").andExpect(status().isBadGateway());
    OutsideServer.forgets(PLACE);
    JsonNode failed = body(ask("/api/v1/business-profile")).path("listing");
    assertEquals(failed.path("items").size(), 3);
    assertTrue(failed.path("failure").asString().contains("cannot read"));

    OutsideServer.says(PLACE, "application/json", place("Second"));
    listing.refreshIfDue(Instant.parse("2026-11-26T15:00:00Z"));
    assertTrue(body(ask("/api/v1/business-profile")).toString().contains("First"));
    listing.refreshIfDue(Instant.parse("2026-11-28T15:00:00Z"));
    assertTrue(body(ask("/api/v1/business-profile")).toString().contains("Second"));
    assertEquals(body(connect(1, "")).path("items").size(), 5);

    http.perform(delete("/api/v1/business-profile").header("Authorization", "Bearer " + KEY))
        .andExpect(status().isNoContent());
    ask("/api/v1/business-profile").andExpect(jsonPath("$.listing").doesNotExist());
  }

  /** The key of one directory was sent to whatever address was given next. */
  @Test
  public void theKeyOfOneHostIsNotToldToAnother() throws Exception {
    OutsideServer.says(PLACE, "application/json", place("Bound"));
    connect(3, "\"key\":\"its-key\",").andExpect(status().isOk());
    String elsewhere = OutsideServer.address("/places").replace("127.0.0.1", "localhost");
    http.perform(
            put("/api/v1/business-profile")
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_JSON)
                .content(
                    "{\"service\":\"%s\",\"place\":\"the-shop\",\"leastStars\":3,\"everyHours\":24}"
                        .formatted(elsewhere)))
        .andExpect(status().isUnprocessableContent())
        .andExpect(
            jsonPath("$.detail")
                .value(
                    org.hamcrest.Matchers.containsString(
                        "Enter the key from this directory. The key of another directory is not sent to it")));
    listing.disconnect();
  }
}
