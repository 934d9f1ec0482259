package nodyes.server.people;

import static java.util.Objects.requireNonNull;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import jakarta.servlet.http.Cookie;
import java.util.Optional;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.Test;

/** With a server of its own, which has no owner yet. */
@TestPropertySource(properties = "nodyes.mail-from=sessions@shop.example")
public class SessionTest extends ServerTest {
  @Autowired private Accounts people;

  private ResultActions sends(String address, String body, String from) throws Exception {
    return http.perform(
        post(address)
            .with(
                request -> {
                  request.setRemoteAddr(from);
                  return request;
                })
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  @Override
  protected boolean hasOwner() {
    return false;
  }

  @Test
  public void theBackOfficeIsClosedToStrangers() throws Exception {
    for (String address : new String[] {"/api/v1/reviews", "/api/v1/shop", "/api/v1/layout"}) {
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
  }

  @Test
  public void theFirstRunMakesTheOwnerWithTheCodeOnce() throws Exception {
    http.perform(get("/api/v1/session")).andExpect(jsonPath("$.state").value("FIRST_RUN"));
    String owner =
        "{\"code\":\"%s\",\"name\":\"Rita\",\"email\":\"Rita@shop.example\",\"password\":\"%s\","
            + "\"zone\":\"Asia/Tokyo\"}";
    sends("/api/v1/first-run", owner.formatted("AAAA-BBBB-CCCC", "a long enough one"), "10.0.0.1")
        .andExpect(status().isForbidden());
    Optional<String> code = people.firstRunCode();
    sends("/api/v1/first-run", owner.formatted(code.orElseThrow(), "short"), "10.0.0.1")
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("password"));
    String typed = code.orElseThrow().toLowerCase(java.util.Locale.ROOT).replace("-", " ");
    Cookie session =
        signedIn(
            sends("/api/v1/first-run", owner.formatted(typed, "a long enough one"), "10.0.0.1")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.name").value("Rita"))
                .andExpect(jsonPath("$.role").value("OWNER")));
    http.perform(get("/api/v1/shop").cookie(session))
        .andExpect(jsonPath("$.zone").value("Asia/Tokyo"))
        .andExpect(jsonPath("$.currency").value("JPY"));
    http.perform(get("/api/v1/reviews").cookie(session)).andExpect(status().isOk());
    sends("/api/v1/first-run", owner.formatted(typed, "a long enough one"), "10.0.0.1")
        .andExpect(status().isConflict());

    http.perform(delete("/api/v1/session").cookie(session).header("Nodyes-Page", page(session)))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.state").value("SIGNED_OUT"));
    http.perform(get("/api/v1/reviews").cookie(session)).andExpect(status().isUnauthorized());
    String signIn = "{\"email\":\"rita@SHOP.example\",\"password\":\"%s\"}";
    sends("/api/v1/session", signIn.formatted("a wrong one here"), "10.0.0.2")
        .andExpect(status().isUnauthorized());
    Cookie another =
        signedIn(
            sends("/api/v1/session", signIn.formatted("a long enough one"), "10.0.0.2")
                .andExpect(status().isOk()));
    http.perform(get("/api/v1/reviews").cookie(another)).andExpect(status().isOk());
    http.perform(post("/api/v1/preview-tokens").cookie(another))
        .andExpect(status().isForbidden())
        .andExpect(jsonPath("$.detail").value(containsString("What you typed is still there")));
    http.perform(
            post("/api/v1/preview-tokens").cookie(another).header("Nodyes-Page", page(another)))
        .andExpect(status().isOk());
    Account stored = people.check("rita@shop.example", "a long enough one").orElseThrow();
    assertTrue(!stored.passwordHash().contains("long enough"));
    assertEquals(stored.email(), "rita@shop.example");
  }

  private static Cookie signedIn(ResultActions answer) {
    return requireNonNull(answer.andReturn().getResponse().getCookie("nodyes"));
  }

  private String page(Cookie session) throws Exception {
    return body(http.perform(get("/api/v1/session").cookie(session))).path("page").asString();
  }

  @Test
  public void guessingIsSlowedDown() throws Exception {
    String body = "{\"email\":\"x@shop.example\",\"password\":\"guess\"}";
    for (int i = 0; i < 5; i++) {
      sends("/api/v1/session", body, "10.0.0.99").andExpect(status().isUnauthorized());
    }
    sends("/api/v1/session", body, "10.0.0.99")
        .andExpect(status().isTooManyRequests())
        .andExpect(header().string("Retry-After", "1"));
    sends("/api/v1/session", body, "10.0.0.98").andExpect(status().isUnauthorized());
  }
}
