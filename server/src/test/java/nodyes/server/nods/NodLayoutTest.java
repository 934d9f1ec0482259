package nodyes.server.nods;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.patch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import nodyes.server.ServerTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.Test;

public class NodLayoutTest extends ServerTest {
  private ResultActions change(String address, String body) throws Exception {
    var request = address.contains("/spots/") ? put(address) : patch(address);
    return http.perform(
        request
            .header("Authorization", "Bearer a-key-for-tests")
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  @Test
  public void aChangeStaysInTheDraftUntilItIsPublished() throws Exception {
    send("/api/v1/layout/publish", "").andExpect(jsonPath("$.unpublished.length()").value(0));
    change("/api/v1/layout/nods/reviews", "{\"on\":false}").andExpect(status().isOk());
    ask("/api/v1/layout")
        .andExpect(
            jsonPath("$.unpublished[0].text").value("Review wall (at the end of the page) paused"));
    change("/api/v1/layout/nods/reviews", "{\"on\":true}");
    ask("/api/v1/layout").andExpect(jsonPath("$.unpublished.length()").value(0));
    change("/api/v1/layout/nods/no-such-nod", "{\"on\":true}").andExpect(status().isNotFound());
  }

  @Test
  public void aSpotCanBePointedAt() throws Exception {
    change(
            "/api/v1/layout/spots/beside-the-price",
            "{\"page\":\"PRODUCT\",\"selector\":\".price\",\"side\":\"AFTER\"}")
        .andExpect(status().isOk());
    String token = body(send("/api/v1/preview-tokens", "")).path("token").asString();
    http.perform(
            org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get(
                "/embed/v1/page?kind=product&draft=true&preview=" + token))
        .andExpect(jsonPath("$.spots[0].selector").value(".price"))
        .andExpect(jsonPath("$.spots[0].side").value("after"));
    change(
            "/api/v1/layout/spots/Beside!",
            "{\"page\":\"PRODUCT\",\"selector\":\"p\",\"side\":\"AFTER\"}")
        .andExpect(status().isBadRequest());
  }

  @Test
  public void theOwnerIsToldWhyEachNodShowsOrDoesNot() throws Exception {
    product("lonely-pot");
    ask("/api/v1/page?kind=product&product=lonely-pot")
        .andExpect(jsonPath("$.zone").value("Europe/Lisbon"))
        .andExpect(jsonPath("$.nods[?(@.nod == 'stars-product')].shown").value(false))
        .andExpect(
            jsonPath("$.nods[?(@.nod == 'stars-product')].because")
                .value("Not shown. No published reviews yet."));
  }
}
