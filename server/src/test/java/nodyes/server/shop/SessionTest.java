package nodyes.server.shop;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.Test;

public class SessionTest extends ServerTest {
  @Autowired private People people;

  private ResultActions sends(String address, String body, String from, MockHttpSession session)
      throws Exception {
    return http.perform(
        post(address)
            .with(csrf())
            .with(
                request -> {
                  request.setRemoteAddr(from);
                  return request;
                })
            .session(session)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  @Test
  public void theBackOfficeIsClosedToStrangers() throws Exception {
    for (String address : new String[] {"/api/v1/reviews", "/api/v1/shop", "/api/v1/arrangement"}) {
      http.perform(get(address))
          .andExpect(status().isUnauthorized())
          .andExpect(header().string("Content-Type", "application/problem+json"));
      http.perform(get(address).header("Authorization", "Bearer wrong"))
          .andExpect(status().isUnauthorized());
    }
    http.perform(get("/api/v1/session")).andExpect(jsonPath("$.name").doesNotExist());
  }

  @Test
  public void aMachineMayNotChangeTheShop() throws Exception {
    ask("/api/v1/shop").andExpect(status().isOk());
    http.perform(
            org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put("/api/v1/shop")
                .header("Authorization", "Bearer a-key-for-tests")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{}"))
        .andExpect(status().isForbidden());
  }

  @Test
  public void pagesOfTheBackOfficeRunNothingForeign() throws Exception {
    http.perform(get("/api/v1/session"))
        .andExpect(
            header()
                .string(
                    "Content-Security-Policy",
                    allOf(
                        containsString("script-src 'self'"),
                        containsString("frame-ancestors 'none'"),
                        containsString("object-src 'none'"))))
        .andExpect(header().string("X-Content-Type-Options", "nosniff"));
  }

  /**
   * A page whose session had ended was told that something is not allowed, and to load it again.
   */
  @Test
  public void whereTheSessionEndedItIsSignInThatIsAsked() throws Exception {
    http.perform(post("/api/v1/preview-tokens")).andExpect(status().isUnauthorized());
    http.perform(post("/api/v1/preview-tokens").with(user("Rita").roles("OWNER")))
        .andExpect(status().isForbidden())
        .andExpect(jsonPath("$.detail").value(containsString("what you typed is still there")));
  }

  @Test
  public void theFirstRunMakesTheOwnerWithTheCodeOnce() throws Exception {
    var session = new MockHttpSession();
    http.perform(get("/api/v1/session")).andExpect(jsonPath("$.state").value("FIRST_RUN"));
    String owner =
        "{\"code\":\"%s\",\"name\":\"Rita\",\"email\":\"Rita@shop.example\",\"password\":\"%s\","
            + "\"zone\":\"Asia/Tokyo\"}";
    sends(
            "/api/v1/first-run",
            owner.formatted("AAAA-BBBB-CCCC", "a long enough one"),
            "10.0.0.1",
            session)
        .andExpect(status().isForbidden());
    Optional<String> code = people.firstRunCode();
    sends("/api/v1/first-run", owner.formatted(code.orElseThrow(), "short"), "10.0.0.1", session)
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("password"));
    String typed = code.orElseThrow().toLowerCase(java.util.Locale.ROOT).replace("-", " ");
    sends("/api/v1/first-run", owner.formatted(typed, "a long enough one"), "10.0.0.1", session)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.name").value("Rita"));
    http.perform(get("/api/v1/shop").session(session))
        .andExpect(jsonPath("$.zone").value("Asia/Tokyo"))
        .andExpect(jsonPath("$.currency").value("JPY"));
    http.perform(get("/api/v1/reviews").session(session)).andExpect(status().isOk());
    sends("/api/v1/first-run", owner.formatted(typed, "a long enough one"), "10.0.0.1", session)
        .andExpect(status().isConflict());

    http.perform(delete("/api/v1/session").with(csrf()).session(session));
    var another = new MockHttpSession();
    String signIn = "{\"email\":\"rita@SHOP.example\",\"password\":\"%s\"}";
    sends("/api/v1/session", signIn.formatted("a wrong one here"), "10.0.0.2", another)
        .andExpect(status().isUnauthorized());
    sends("/api/v1/session", signIn.formatted("a long enough one"), "10.0.0.2", another)
        .andExpect(status().isOk());
    http.perform(get("/api/v1/reviews").session(another)).andExpect(status().isOk());
    http.perform(post("/api/v1/preview-tokens").session(another)).andExpect(status().isForbidden());
    Person stored = people.check("rita@shop.example", "a long enough one").orElseThrow();
    assertTrue(!stored.passwordHash().contains("long enough"));
    assertEquals(stored.email(), "rita@shop.example");
  }

  @Test
  public void guessingIsSlowedDown() throws Exception {
    String body = "{\"email\":\"x@shop.example\",\"password\":\"guess\"}";
    int last = 0;
    for (int i = 0; i < 11; i++) {
      last =
          sends("/api/v1/session", body, "10.0.0.99", new MockHttpSession())
              .andReturn()
              .getResponse()
              .getStatus();
    }
    assertEquals(last, 429);
  }
}
