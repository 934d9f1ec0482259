package nodyes.server.people;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import jakarta.servlet.http.Cookie;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicInteger;
import nodyes.server.ServerTest;
import nodyes.server.database.Database;
import nodyes.server.web.Sha256;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** People join, sign in with a second step, change and forget passwords, and are signed out. */
public class AccountTest extends ServerTest {
  private static final String PASSWORD = "three pots of clay";
  private static final String FIREFOX =
      "Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0";

  @Autowired private Database database;
  @Autowired private Clock clock;
  @Autowired private Resets resets;
  @Autowired private Accounts people;
  @Autowired private AccountStore store;
  @Autowired private SignInStore signIns;

  private final AtomicInteger callers = new AtomicInteger();

  private record Here(Cookie cookie, String page) {}

  private MockHttpServletRequestBuilder json(MockHttpServletRequestBuilder request, Object body) {
    int from = callers.incrementAndGet();
    return request
        .with(
            sent -> {
              sent.setRemoteAddr("10.1." + from / 250 + "." + from % 250);
              return sent;
            })
        .contentType(MediaType.APPLICATION_JSON)
        .header("User-Agent", FIREFOX)
        .content(json.writeValueAsString(body));
  }

  private ResultActions as(Here who, MockHttpServletRequestBuilder request) throws Exception {
    return http.perform(request.cookie(who.cookie()).header("Nodyes-Page", who.page()));
  }

  /** Somebody who was invited and came. */
  private Here join(String name, Role role) throws Exception {
    String email = name + "@shop.example";
    String fragment =
        body(http.perform(
                    json(
                            post("/api/v1/people/invitations"),
                            Map.of("email", email, "role", role, "days", 7))
                        .with(owner()))
                .andExpect(status().isOk()))
            .path("fragment")
            .asString();
    String token = fragment.replace("#invitation=", "");
    http.perform(json(post("/api/v1/account/invitation"), Map.of("token", token)))
        .andExpect(jsonPath("$.email").value(email))
        .andExpect(jsonPath("$.role").value(role.name()));
    Here here =
        here(
            http.perform(
                    json(
                        post("/api/v1/account/invitation/taken"),
                        Map.of("token", token, "name", name, "password", PASSWORD)))
                .andExpect(status().isNoContent())
                .andReturn()
                .getResponse());
    http.perform(
            json(
                post("/api/v1/account/invitation/taken"),
                Map.of("token", token, "name", "again", "password", PASSWORD)))
        .andExpect(status().isUnprocessableContent());
    return here;
  }

  private Here here(MockHttpServletResponse answer) throws Exception {
    Cookie cookie = Objects.requireNonNull(answer.getCookie("nodyes"));
    return new Here(
        cookie, body(http.perform(get("/api/v1/session").cookie(cookie))).path("page").asString());
  }

  private ResultActions signIn(String name, String password, String code) throws Exception {
    return http.perform(
        json(
            post("/api/v1/session"),
            Map.of("email", name + "@shop.example", "password", password, "code", code)));
  }

  @Test
  public void whoReadsOnlyMayLookAndNothingElse() throws Exception {
    Here reader = join("tome", Role.READER);
    as(reader, get("/api/v1/reviews")).andExpect(status().isOk());
    as(reader, json(post("/api/v1/reviews/actions"), Map.of("ids", List.of(), "to", "ON_HOLD")))
        .andExpect(status().isForbidden());
    as(reader, get("/api/v1/people")).andExpect(status().isForbidden());
    as(reader, get("/api/v1/trail")).andExpect(status().isForbidden());
    Here desk = join("sofia", Role.DESK);
    as(desk, json(put("/api/v1/layout/kit"), Map.of())).andExpect(status().isForbidden());
  }

  /** A token of one sign-in is worth nothing with the cookie of another. */
  @Test
  public void aPageOfOneSignInCannotActForAnother() throws Exception {
    Here one = join("one", Role.EDITOR);
    Here other = join("other", Role.EDITOR);
    as(new Here(one.cookie(), other.page()), post("/api/v1/preview-tokens"))
        .andExpect(status().isForbidden());
    as(one, post("/api/v1/preview-tokens")).andExpect(status().isOk());
    for (String site : List.of("same-site", "cross-site")) {
      as(one, post("/api/v1/preview-tokens").header("Sec-Fetch-Site", site))
          .andExpect(status().isForbidden());
    }
    as(one, post("/api/v1/preview-tokens").header("Origin", "https://shop.localhost"))
        .andExpect(status().isForbidden());
    as(
            one,
            post("/api/v1/preview-tokens")
                .header("Host", "nods.shop.example")
                .header("Origin", "https://nods.shop.example"))
        .andExpect(status().isOk());
  }

  @Test
  public void aSecondStepIsSetUpAskedForAndEachCodeCountsOnce() throws Exception {
    Here duarte = join("duarte", Role.EDITOR);
    as(
            duarte,
            json(
                post("/api/v1/account/second-step"),
                Map.of("password", "This is not the code the app shows now")))
        .andExpect(status().isBadRequest());
    JsonNode offer =
        body(
            as(duarte, json(post("/api/v1/account/second-step"), Map.of("password", PASSWORD)))
                .andExpect(status().isOk()));
    String secret = offer.path("secret").asString();
    assertTrue(
        offer.path("address").asString().contains("%3Aduarte%40shop.example?secret=" + secret));
    as(
            duarte,
            json(
                put("/api/v1/account/second-step"),
                Map.of("offer", offer.path("offer").asString(), "code", "000000")))
        .andExpect(status().isBadRequest());
    JsonNode codes =
        body(as(
                    duarte,
                    json(
                        put("/api/v1/account/second-step"),
                        Map.of(
                            "offer",
                            offer.path("offer").asString(),
                            "code",
                            Totp.code(secret, clock.instant()))))
                .andExpect(status().isOk()))
            .path("codes");
    assertEquals(codes.size(), 10);

    signIn("duarte", PASSWORD, "")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.state").value("SECOND_STEP"));
    // the code that set it up was used by that
    signIn("duarte", PASSWORD, Totp.code(secret, clock.instant()))
        .andExpect(status().isUnauthorized());
    signIn("duarte", PASSWORD, Totp.code(secret, clock.instant().plusSeconds(30)))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.state").value("SIGNED_IN"));
    signIn("duarte", PASSWORD, Totp.code(secret, clock.instant().plusSeconds(30)))
        .andExpect(status().isUnauthorized());
    String recovery = codes.path(0).asString().toLowerCase(java.util.Locale.ROOT);
    signIn("duarte", PASSWORD, recovery).andExpect(status().isOk());
    signIn("duarte", PASSWORD, recovery).andExpect(status().isUnauthorized());
    JsonNode account = body(as(duarte, get("/api/v1/account")));
    assertEquals(account.path("codesLeft").asInt(), 9);
    assertFalse(account.toString().contains(secret));
  }

  @Test
  public void whoMustHaveASecondStepSetsItUpBeforeAnythingElse() throws Exception {
    Here person = join("due", Role.DESK);
    Here reader = join("free", Role.READER);
    http.perform(
            json(
                    put("/api/v1/people/rule"),
                    Map.of("secondStep", "WHO_CHANGES", "days", 14, "isTold", true))
                .with(owner()))
        .andExpect(status().isUnprocessableContent())
        .andExpect(
            jsonPath("$.detail")
                .value("Set up two-step sign-in for yourself before you require it of others."));
    store.setRule(new SignInRule(SignInRule.Who.WHO_CHANGES, 14, true));
    try {
      as(person, get("/api/v1/session")).andExpect(jsonPath("$.state").value("SECOND_STEP_DUE"));
      as(person, get("/api/v1/reviews"))
          .andExpect(status().isForbidden())
          .andExpect(jsonPath("$.detail").value("Set up two-step sign-in first."));
      as(person, get("/api/v1/account")).andExpect(status().isOk());
      as(reader, get("/api/v1/reviews")).andExpect(status().isOk());
    } finally {
      store.setRule(SignInRule.FIRST);
    }
    as(person, get("/api/v1/reviews")).andExpect(status().isOk());
  }

  @Test
  public void anotherPasswordSignsAllOtherDevicesOut() throws Exception {
    Here here = join("anna", Role.EDITOR);
    Here elsewhere =
        here(signIn("anna", PASSWORD, "").andExpect(status().isOk()).andReturn().getResponse());
    JsonNode devices = body(as(here, get("/api/v1/account"))).path("signIns");
    assertEquals(devices.size(), 2);
    assertEquals(devices.path(0).path("device").asString(), "Firefox, Linux");
    as(
            here,
            json(
                put("/api/v1/account/password"),
                Map.of("current", "not this one", "password", "four pots of clay now")))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("current"));
    as(
            here,
            json(
                put("/api/v1/account/password"),
                Map.of("current", PASSWORD, "password", "passwordpassword")))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value("password"));
    as(
            here,
            json(
                put("/api/v1/account/password"),
                Map.of("current", PASSWORD, "password", "four pots of clay now")))
        .andExpect(status().isNoContent());
    as(here, get("/api/v1/reviews")).andExpect(status().isOk());
    as(elsewhere, get("/api/v1/reviews")).andExpect(status().isUnauthorized());
    signIn("anna", PASSWORD, "").andExpect(status().isUnauthorized());
    Here again = here(signIn("anna", "four pots of clay now", "").andReturn().getResponse());
    as(again, post("/api/v1/account/sign-ins/end-others")).andExpect(status().isNoContent());
    as(here, get("/api/v1/reviews")).andExpect(status().isUnauthorized());
  }

  @Test
  public void aLinkForANewPasswordWorksOnce() throws Exception {
    Here here = join("resets", Role.EDITOR);
    Account person = people.find("resets@shop.example").orElseThrow();
    String token = resets.token(person);
    Map<String, String> given = Map.of("token", token, "password", "five pots of clay now");
    http.perform(
            json(
                post("/api/v1/account/reset/password"),
                Map.of("token", token + "x", "password", "five pots of clay now")))
        .andExpect(status().isUnprocessableContent());
    http.perform(json(post("/api/v1/account/reset/password"), given))
        .andExpect(status().isNoContent());
    http.perform(json(post("/api/v1/account/reset/password"), given))
        .andExpect(status().isUnprocessableContent());
    as(here, get("/api/v1/reviews")).andExpect(status().isUnauthorized());
    signIn("resets", "five pots of clay now", "").andExpect(status().isOk());
  }

  @Test
  public void whetherAnAddressIsKnownIsNotTold() throws Exception {
    join("known", Role.READER);
    String known =
        body(http.perform(
                json(post("/api/v1/account/reset"), Map.of("email", "known@shop.example"))))
            .toString();
    assertEquals(
        body(http.perform(
                json(post("/api/v1/account/reset"), Map.of("email", "unknown@shop.example"))))
            .toString(),
        known);
  }

  @Test
  public void anOwnerEndsOthersAndOneOwnerStays() throws Exception {
    Here gone = join("gone", Role.EDITOR);
    JsonNode view = body(http.perform(get("/api/v1/people").with(owner())));
    long id = id(view, "gone");
    http.perform(delete("/api/v1/people/{id}/sign-ins", id).with(owner()))
        .andExpect(status().isNoContent());
    as(gone, get("/api/v1/reviews")).andExpect(status().isUnauthorized());
    http.perform(delete("/api/v1/people/{id}", id).with(owner())).andExpect(status().isNoContent());
    signIn("gone", PASSWORD, "").andExpect(status().isUnauthorized());
    long self = id(view, "Rita");
    http.perform(delete("/api/v1/people/{id}", self).with(owner()))
        .andExpect(status().isUnprocessableContent());
    http.perform(
            json(put("/api/v1/people/{id}/role", self), Map.of("role", "READER")).with(owner()))
        .andExpect(status().isUnprocessableContent());
    JsonNode trail = body(http.perform(get("/api/v1/trail?q=gone").with(owner())));
    assertTrue(trail.toString().contains("removed gone"), trail.toString());
    assertTrue(trail.toString().contains("signed gone out everywhere"), trail.toString());
    JsonNode german =
        body(
            http.perform(
                get("/api/v1/trail?q=Hat gone entfernt")
                    .header("Accept-Language", "de")
                    .with(owner())));
    assertEquals(german.at("/items/0/did").asString(), "hat gone entfernt");
    assertEquals(german.path("items").size(), 1);
    String csv =
        http.perform(get("/api/v1/trail.csv?who=Rita").with(owner()))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertTrue(csv.startsWith("at,who,place,did\r\n"), csv);
    assertTrue(csv.contains(",Rita,People,removed gone\r\n"), csv);
  }

  /** What was kept before lines had messages is told as it was written. */
  @Test
  public void anOldLineOfTheTrailIsToldAsItWasWritten() throws Exception {
    database.change(
        sql ->
            sql.execute(
                "insert into trail(done_at, who, place, did) values (1, 'Olga', 'Pages', 'moved a"
                    + " nod, {once}')"));
    JsonNode lines = body(http.perform(get("/api/v1/trail?who=Olga").with(owner())));
    assertEquals(lines.at("/items/0/did").asString(), "moved a nod, {once}");
    JsonNode names =
        body(
            http.perform(get("/api/v1/trail/names").header("Accept-Language", "de").with(owner())));
    assertTrue(names.path("places").toString().contains("\"Seiten\""), names.toString());
  }

  /** Fourteen days without use, and ninety in any case. */
  @Test
  public void aSignInEndsByItself() throws Exception {
    join("ends", Role.READER);
    Account person = people.find("ends@shop.example").orElseThrow();
    long lately = Duration.ofDays(13).toMillis();
    long idle = Duration.ofDays(15).toMillis();
    long old = Duration.ofDays(91).toMillis();
    assertEquals(statusOf(person, lately, lately), 200);
    assertEquals(statusOf(person, old - Duration.ofDays(2).toMillis(), lately), 200);
    assertEquals(statusOf(person, idle, idle), 401);
    assertEquals(statusOf(person, old, 1), 401);
  }

  private int statusOf(Account person, long since, long seen) throws Exception {
    String token = "a-token-" + since + "-" + seen;
    Instant now = clock.instant();
    long id =
        signIns.add(
            person.id(),
            Sha256.hex(Sha256.of(token), 32),
            "Firefox, Linux",
            now.minusMillis(since));
    signIns.seen(Map.of(id, now.minusMillis(seen)));
    return http.perform(get("/api/v1/reviews").cookie(new Cookie("nodyes", token)))
        .andReturn()
        .getResponse()
        .getStatus();
  }

  private static long id(JsonNode view, String name) {
    return view.path("people")
        .valueStream()
        .filter(one -> one.path("name").asString().equals(name))
        .findFirst()
        .orElseThrow()
        .path("id")
        .asLong();
  }
}
