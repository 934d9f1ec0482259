package nodyes.server.access;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nodyes.server.RunningServer;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Sign-in, changes from other pages, keys, votes and views as callers meet them: on a real port,
 * with the real heap and a real HTTP client, nothing of the server within reach.
 */
public class DoorsOnARealPortTest {
  private static final String PASSWORD = "three pots of clay";
  private static final String NEW_PASSWORD = "four pots of clay now";
  private static final JsonMapper JSON = JsonMapper.shared();

  private RunningServer server;
  private Seat owner;
  private long review;

  /** A browser that is signed in: what it sends along with each request. */
  private record Seat(String cookie, String page) {}

  @BeforeClass
  public void open() throws Exception {
    server = new RunningServer("--nodyes.proxies=127.0.0.1");
    owner =
        seat(
            sent(
                "POST",
                "/api/v1/first-run",
                Map.of(
                    "code",
                    server.firstRunCode(),
                    "name",
                    "Rita",
                    "email",
                    "rita@shop.example",
                    "password",
                    PASSWORD),
                Map.of()));
    review = published();
  }

  @AfterClass(alwaysRun = true)
  public void close() {
    server.close();
  }

  private HttpResponse<String> sent(
      String method, String path, Object body, Map<String, String> headers) throws Exception {
    HttpRequest.Builder request =
        server
            .request(path)
            .header("Content-Type", "application/json")
            .method(method, HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)));
    headers.forEach(request::header);
    return server.send(request);
  }

  private static JsonNode json(HttpResponse<String> answer) {
    return JSON.readTree(answer.body());
  }

  private static Seat seat(HttpResponse<String> answer) {
    assertEquals(answer.statusCode(), 200, answer.body());
    String cookie =
        answer.headers().allValues("Set-Cookie").stream()
            .filter(one -> one.contains("nodyes="))
            .findFirst()
            .orElseThrow();
    return new Seat(cookie.substring(0, cookie.indexOf(';')), json(answer).path("page").asString());
  }

  private HttpResponse<String> signIn(String password, String from) throws Exception {
    return sent(
        "POST",
        "/api/v1/session",
        Map.of("email", "rita@shop.example", "password", password),
        Map.of("X-Forwarded-For", from));
  }

  private HttpResponse<String> as(Seat seat, String method, String path, Object body)
      throws Exception {
    return sent(method, path, body, Map.of("Cookie", seat.cookie(), "Nodyes-Page", seat.page()));
  }

  private HttpResponse<String> get(String path, String header, String value) throws Exception {
    return server.send(server.request(path).header(header, value));
  }

  private long published() throws Exception {
    Path products = Files.createTempFile("products", ".jsonl");
    Files.writeString(
        products,
        """
        {"@type":"Product","productID":"pot","sku":"pot-1","name":"Pot","offers":{"price":"29.00","priceCurrency":"EUR"}}
        """);
    assertEquals(
        json(server.upload("/api/v1/catalogue/imports", products)).path("taken").asInt(), 1);
    Path reviews = Files.createTempFile("reviews", ".csv");
    Files.writeString(reviews, "Product,Rating,Words\npot,5,Keeps the water well\n");
    long id = json(server.upload("/api/v1/imports", reviews)).path("id").asLong();
    server.post("/api/v1/imports/" + id + "/start", "{\"permitted\":true}");
    long found = 0;
    for (int i = 0; i < 500 && found == 0; i++) {
      Thread.sleep(20);
      found =
          json(server.get("/api/v1/reviews?product=pot")).path("items").path(0).path("id").asLong();
    }
    server.post("/api/v1/reviews/actions", "{\"ids\":[" + found + "],\"to\":\"PUBLISHED\"}");
    return found;
  }

  @DataProvider
  Object[][] foreign() {
    return new Object[][] {
      {Map.of("Origin", "https://evil.example")},
      {Map.of("Origin", "null")},
      {Map.of("Origin", "http://127.0.0.1:1")},
      {Map.of("Sec-Fetch-Site", "same-site")},
      {Map.of("Sec-Fetch-Site", "cross-site")},
      {Map.of("Sec-Fetch-Site", "none")},
    };
  }

  @Test(dataProvider = "foreign")
  public void aChangeThatAnotherPageSendsIsNotDone(Map<String, String> said) throws Exception {
    var headers = new HashMap<>(said);
    headers.put("Cookie", owner.cookie());
    headers.put("Nodyes-Page", owner.page());
    HttpResponse<String> answer =
        sent("POST", "/api/v1/api-keys", Map.of("name", "x", "scopes", List.of("ALL")), headers);
    assertEquals(answer.statusCode(), 403, answer.body());
  }

  @Test
  public void aChangeWithoutThePagesTokenOrWithAPlantedOneIsNotDone() throws Exception {
    Map<String, Object> key = Map.of("name", "x", "scopes", List.of("ALL"));
    for (String cookie :
        List.of(
            owner.cookie(), owner.cookie() + "; XSRF-TOKEN=mine; _page=mine; Nodyes-Page=mine")) {
      for (String page : List.of("mine", "", owner.page().toUpperCase(Locale.ROOT))) {
        HttpResponse<String> answer =
            sent("POST", "/api/v1/api-keys", key, Map.of("Cookie", cookie, "Nodyes-Page", page));
        assertEquals(answer.statusCode(), 403, answer.body());
      }
      assertEquals(
          sent("POST", "/api/v1/api-keys?_page=" + owner.page(), key, Map.of("Cookie", cookie))
              .statusCode(),
          403);
    }
  }

  @Test
  public void aKeyOpensWhatItIsForUntilItIsRemoved() throws Exception {
    HttpResponse<String> made =
        as(
            owner,
            "POST",
            "/api/v1/api-keys",
            Map.of("name", "the till", "scopes", List.of("REVIEWS_OUT")));
    String bearer = "Bearer " + json(made).path("key").asString();
    assertEquals(get("/api/v1/reviews", "Authorization", bearer).statusCode(), 200);
    assertEquals(get("/api/v1/shop", "Authorization", bearer).statusCode(), 403);
    assertEquals(get("/api/v1/people", "Authorization", bearer).statusCode(), 403);
    assertEquals(
        sent(
                "POST",
                "/api/v1/reviews/actions",
                Map.of("ids", List.of(review), "to", "REJECTED"),
                Map.of("Authorization", bearer))
            .statusCode(),
        403);
    long id =
        json(get("/api/v1/api-keys", "Cookie", owner.cookie()))
            .path("items")
            .path(0)
            .path("id")
            .asLong();
    assertEquals(as(owner, "DELETE", "/api/v1/api-keys/" + id, Map.of()).statusCode(), 204);
    assertEquals(get("/api/v1/reviews", "Authorization", bearer).statusCode(), 401);
  }

  @Test
  public void aNewPasswordSignsOutEveryOtherDeviceAndSoDoesSigningOut() throws Exception {
    Seat elsewhere = seat(signIn(PASSWORD, "198.51.100.1"));
    Seat here = seat(signIn(PASSWORD, "198.51.100.2"));
    assertEquals(
        as(
                here,
                "PUT",
                "/api/v1/account/password",
                Map.of("current", PASSWORD, "password", NEW_PASSWORD))
            .statusCode(),
        204);
    assertEquals(get("/api/v1/reviews", "Cookie", here.cookie()).statusCode(), 200);
    assertEquals(get("/api/v1/reviews", "Cookie", elsewhere.cookie()).statusCode(), 401);
    assertEquals(signIn(PASSWORD, "198.51.100.3").statusCode(), 401);
    owner = seat(signIn(NEW_PASSWORD, "198.51.100.3"));
    assertEquals(as(here, "DELETE", "/api/v1/session", Map.of()).statusCode(), 200);
    assertEquals(get("/api/v1/reviews", "Cookie", here.cookie()).statusCode(), 401);
    assertEquals(get("/api/v1/reviews", "Cookie", owner.cookie()).statusCode(), 200);
  }

  private HttpResponse<String> vote(String voter, String from, String origin) throws Exception {
    return sent(
        "POST",
        "/embed/v1/reviews/" + review + "/votes",
        Map.of("voter", voter, "says", "HELPFUL"),
        Map.of("X-Forwarded-For", from, "Origin", origin));
  }

  @Test
  public void aNetworkHasOneVoteHoweverManyItSaysItIs() throws Exception {
    String shop = "https://shop.example";
    ObjectNode settings = (ObjectNode) json(server.get("/api/v1/shop"));
    assertEquals(as(owner, "PUT", "/api/v1/shop", settings.put("address", shop)).statusCode(), 200);
    assertEquals(
        vote("%032x".formatted(1), "2001:db8:7::1", "https://evil.example").statusCode(), 403);
    for (int i = 1; i <= 5; i++) {
      HttpResponse<String> answer = vote("%032x".formatted(i), "2001:db8:7::" + i, shop);
      assertEquals(answer.statusCode(), 200, answer.body());
      assertEquals(json(answer).path("helpful").asInt(), 1, "after " + i);
    }
    assertEquals(
        json(vote("%032x".formatted(9), "2001:db8:8::1", shop)).path("helpful").asInt(), 2);
  }

  @Test
  public void aNumberOfShoppersThatNoPublishedNodShowsIsNotTold() throws Exception {
    for (String asked : List.of("0", "1", "-5")) {
      HttpResponse<String> answer =
          server.send(
              server
                  .request("/embed/v1/views")
                  .header("Content-Type", "text/plain")
                  .header("Origin", "https://shop.example")
                  .header("User-Agent", "Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Firefox/140.0")
                  .POST(
                      HttpRequest.BodyPublishers.ofString(
                          """
                          {"visit":"%032x","viewed":"pot","asked":[{"product":"pot","window":"DAY","quietUnder":%s}]}"""
                              .formatted(4711, asked))));
      assertEquals(answer.statusCode(), 200, answer.body());
      assertTrue(!answer.body().contains("\"number\":"), answer.body());
    }
  }
}
