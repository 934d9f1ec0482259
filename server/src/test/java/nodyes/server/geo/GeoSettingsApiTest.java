package nodyes.server.geo;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import nodyes.server.ServerTest;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** Which proxy is trusted with the shopper's country. */
public class GeoSettingsApiTest extends ServerTest {
  @AfterMethod(alwaysRun = true)
  public void trustNone() throws Exception {
    trust("");
  }

  private ResultActions trust(String header) throws Exception {
    return act(
        HttpMethod.PUT,
        "/api/v1/geo",
        json.writeValueAsString(new GeoSettingsApi.WhereSet(header)));
  }

  @Test
  public void aHeaderIsTrustedUntilItIsNotAnyMore() throws Exception {
    trust(" X-Country ")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.header").value("X-Country"));
    ask("/api/v1/geo").andExpect(jsonPath("$.header").value("X-Country"));
    trust("").andExpect(status().isOk()).andExpect(jsonPath("$.header").value(""));
  }

  /** Names by RFC 9110, section 5.1: a token. */
  @Test
  public void whatIsNoNameOfAHeaderIsRefused() throws Exception {
    for (String wrong : new String[] {"two words", "Länder", "a:b", "x\r\ny", "(x)"}) {
      trust(wrong).andExpect(status().isBadRequest());
    }
    ask("/api/v1/geo").andExpect(jsonPath("$.header").value(""));
    http.perform(get("/api/v1/geo")).andExpect(status().isUnauthorized());
  }
}
