package nodyes.server.people;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertFalse;

import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class KeysTest extends ServerTest {
  private ResultActions asOwner(MockHttpServletRequestBuilder request) throws Exception {
    return http.perform(request.with(owner()).contentType(MediaType.APPLICATION_JSON));
  }

  @Test
  public void aKeyOpensTheDoorToAProgramUntilItIsTakenOut() throws Exception {
    String key =
        body(asOwner(
                    post("/api/v1/keys")
                        .content("{\"name\":\"the till\",\"scopes\":[\"PRODUCTS_IN\"]}"))
                .andExpect(status().isOk()))
            .path("key")
            .asString();
    http.perform(get("/api/v1/products").header("Authorization", "Bearer " + key))
        .andExpect(status().isOk());
    JsonNode keys = body(asOwner(get("/api/v1/keys")));
    assertFalse(keys.toString().contains(key), "a key is told once");
    long id = keys.path("items").path(0).path("id").asLong();
    asOwner(delete("/api/v1/keys/{id}", id)).andExpect(status().isNoContent());
    http.perform(get("/api/v1/products").header("Authorization", "Bearer " + key))
        .andExpect(status().isUnauthorized());
    asOwner(delete("/api/v1/keys/{id}", id)).andExpect(status().isNotFound());
  }

  @Test
  public void aProgramMakesNoKeysAndANameIsGiven() throws Exception {
    ask("/api/v1/keys").andExpect(status().isForbidden());
    send("/api/v1/keys", "{\"name\":\"mine\",\"scopes\":[\"ALL\"]}")
        .andExpect(status().isForbidden());
    asOwner(post("/api/v1/keys").content("{\"name\":\"  \",\"scopes\":[\"ALL\"]}"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("name"));
  }
}
