package nodyes.server.people;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.Clock;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Optional;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class KeysTest extends ServerTest {
  @Autowired private ApiKeys keys;
  @Autowired private Clock clock;

  private ResultActions asOwner(MockHttpServletRequestBuilder request) throws Exception {
    return http.perform(request.with(owner()).contentType(MediaType.APPLICATION_JSON));
  }

  @Test
  public void aKeyOpensTheDoorToAProgramUntilItIsTakenOut() throws Exception {
    String key =
        body(asOwner(
                    post("/api/v1/api-keys")
                        .content("{\"name\":\"the till\",\"scopes\":[\"PRODUCTS_IN\"]}"))
                .andExpect(status().isOk()))
            .path("key")
            .asString();
    http.perform(get("/api/v1/products").header("Authorization", "Bearer " + key))
        .andExpect(status().isOk());
    JsonNode keys = body(asOwner(get("/api/v1/api-keys")));
    assertFalse(keys.toString().contains(key), "a key is told once");
    long id = keys.path("items").path(0).path("id").asLong();
    asOwner(delete("/api/v1/api-keys/{id}", id)).andExpect(status().isNoContent());
    http.perform(get("/api/v1/products").header("Authorization", "Bearer " + key))
        .andExpect(status().isUnauthorized());
    asOwner(delete("/api/v1/api-keys/{id}", id)).andExpect(status().isNotFound());
  }

  @Test
  public void aProgramMakesNoKeysAndANameIsGiven() throws Exception {
    ask("/api/v1/api-keys").andExpect(status().isForbidden());
    send("/api/v1/api-keys", "{\"name\":\"mine\",\"scopes\":[\"ALL\"]}")
        .andExpect(status().isForbidden());
    asOwner(post("/api/v1/api-keys").content("{\"name\":\"  \",\"scopes\":[\"ALL\"]}"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("name"));
  }

  private String made(String scopes) throws Exception {
    return body(asOwner(
                post("/api/v1/api-keys")
                    .content("{\"name\":\"one\",\"scopes\":[%s],\"days\":30}".formatted(scopes)))
            .andExpect(status().isOk()))
        .path("key")
        .asString();
  }

  private ResultActions with(String key, MockHttpServletRequestBuilder request) throws Exception {
    return http.perform(request.header("Authorization", "Bearer " + key));
  }

  /** A key for one thing opened all of the back office but people and settings. */
  @Test
  public void aKeyOpensWhatItIsForAlone() throws Exception {
    String reads = made("\"REVIEWS_OUT\"");
    with(reads, get("/api/v1/reviews")).andExpect(status().isOk());
    with(reads, get("/api/v1/reviews/export/csv")).andExpect(status().isOk());
    with(reads, get("/api/v1/feeds")).andExpect(status().isForbidden());
    with(
            reads,
            post("/api/v1/layout/publish").contentType(MediaType.APPLICATION_JSON).content("{}"))
        .andExpect(status().isForbidden());
    with(made("\"PREVIEW\",\"PUBLISH\""), post("/api/v1/preview-tokens"))
        .andExpect(status().isOk());
    asOwner(post("/api/v1/api-keys").content("{\"name\":\"none\",\"scopes\":[]}"))
        .andExpect(status().isBadRequest());
  }

  @Test
  public void aKeyEndsAndTellsWhenItWasUsed() throws Exception {
    Instant now = clock.instant();
    keys.add(
        "over", EnumSet.of(Scope.ALL), "a-key-that-has-ended", Optional.of(now.minusSeconds(1)));
    with("a-key-that-has-ended", get("/api/v1/reviews")).andExpect(status().isUnauthorized());
    keys.add(
        "used", EnumSet.of(Scope.ALL), "a-key-that-is-used", Optional.of(now.plusSeconds(9999)));
    with("a-key-that-is-used", get("/api/v1/reviews")).andExpect(status().isOk());
    JsonNode lines = body(asOwner(get("/api/v1/api-keys"))).path("items");
    for (JsonNode line : lines) {
      if (line.path("name").asString().equals("over")) {
        assertTrue(line.path("isOver").asBoolean() && !line.has("usedAt"), line.toString());
      }
      if (line.path("name").asString().equals("used")) {
        assertTrue(!line.path("isOver").asBoolean() && line.has("usedAt"), line.toString());
      }
    }
  }
}
