package nodyes.server;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import nodyes.server.database.Database;
import nodyes.server.database.PristineShop;
import nodyes.server.people.Accounts;
import nodyes.server.reviewform.FormTokens;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Import;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import org.testng.annotations.BeforeClass;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** The whole server on a real SQLite file, asked as a machine with a key asks. */
@SpringBootTest(classes = NodYesServer.class)
@AutoConfigureMockMvc
@Import(StillClock.OfServer.class)
public abstract class ServerTest extends AbstractTestNGSpringContextTests {
  private static final int MOST_LOOKS = 3000;

  protected static final String KEY = "a-key-for-tests";

  @Autowired protected MockMvc http;
  @Autowired protected ObjectMapper json;
  @Autowired private FormTokens tokens;
  @Autowired private Accounts people;
  @Autowired private Database database;
  @Autowired protected StillClock stillClock;

  @DynamicPropertySource
  static void settings(DynamicPropertyRegistry registry) throws IOException {
    Path data = Files.createTempDirectory("nodyes-server");
    registry.add("nodyes.data", data::toString);
    registry.add("nodyes.api-key", () -> KEY);
    registry.add("nodyes.clock", () -> "2026-11-26T14:20:00Z");
    registry.add("nodyes.jobs", () -> "false");
    registry.add("nodyes.trusted-hosts", OutsideServer::host);
    registry.add("spring.mail.host", () -> "127.0.0.1");
    registry.add("nodyes.translator", () -> OutsideServer.address("/translate"));
  }

  /** The owner, signed in as a person signs in, on the back office's own page. */
  protected RequestPostProcessor owner() {
    return request -> {
      SignedIn owner = OWNERS.computeIfAbsent(people, _ -> signedIn());
      request.setCookies(owner.cookie());
      request.addHeader("Nodyes-Page", owner.page());
      return request;
    };
  }

  private record SignedIn(Cookie cookie, String page) {}

  /** One for each server that the tests share. */
  private static final Map<Accounts, SignedIn> OWNERS = new ConcurrentHashMap<>();

  private static final Map<Database, PristineShop> PRISTINE = new ConcurrentHashMap<>();

  /** Whether the shop has an owner at first; one without needs a server of its own. */
  protected boolean hasOwner() {
    return true;
  }

  /** A shop in which no other class has been, with its owner signed in. */
  @BeforeClass(alwaysRun = true, dependsOnMethods = "springTestContextPrepareTestInstance")
  public void aShopOfItsOwn() {
    if (hasOwner()) {
      OWNERS.computeIfAbsent(people, _ -> signedIn());
    }
    PRISTINE.computeIfAbsent(database, PristineShop::of).restore(database);
    stillClock.restore();
  }

  private SignedIn signedIn() {
    try {
      MockHttpServletResponse answer =
          http.perform(
                  post("/api/v1/first-run")
                      .contentType(MediaType.APPLICATION_JSON)
                      .content(
                          json.writeValueAsString(
                              Map.of(
                                  "code", people.firstRunCode().orElseThrow(),
                                  "name", "Rita",
                                  "email", "rita@shop.example",
                                  "password", "a sentence of hers"))))
              .andExpect(status().isOk())
              .andReturn()
              .getResponse();
      return new SignedIn(
          Objects.requireNonNull(answer.getCookie("nodyes")),
          json.readTree(answer.getContentAsByteArray()).path("page").asString());
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  /** The shop is at the server outside, its products where a pattern says; its public key. */
  protected String connect(String productPath) throws Exception {
    ObjectNode shop = (ObjectNode) body(ask("/api/v1/shop"));
    shop.put("address", "http://" + OutsideServer.host());
    shop.put("productPath", productPath);
    http.perform(
            put("/api/v1/shop")
                .with(owner())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(shop)))
        .andExpect(status().isOk());
    return shop.path("publicKey").asString();
  }

  protected ResultActions ask(String address, Object... values) throws Exception {
    return http.perform(get(address, values).header("Authorization", "Bearer " + KEY));
  }

  protected ResultActions send(String address, String body, Object... values) throws Exception {
    return http.perform(
        post(address, values)
            .header("Authorization", "Bearer " + KEY)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  /** Any other act, with JSON or without. */
  protected ResultActions act(HttpMethod method, String address, String body, Object... values)
      throws Exception {
    return http.perform(
        request(method, address, values)
            .header("Authorization", "Bearer " + KEY)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  /** Sets what a nod is, as it was seen in its face. */
  protected JsonNode saveNod(JsonNode face, JsonNode set) throws Exception {
    var change = json.createObjectNode().put("revision", face.path("revision").asLong());
    ResultActions saved =
        act(
            HttpMethod.PUT,
            "/api/v1/layout/nods/{id}",
            change.set("set", set).toString(),
            face.path("id").asString());
    return body(saved.andExpect(status().isOk()));
  }

  protected ResultActions upload(String address, String name, byte[] content) throws Exception {
    return http.perform(
        multipart(address)
            .file(new MockMultipartFile("file", name, "text/csv", content))
            .header("Authorization", "Bearer " + KEY));
  }

  protected JsonNode body(ResultActions answer) throws Exception {
    return json.readTree(answer.andReturn().getResponse().getContentAsByteArray());
  }

  /** Adds a product with one variant, SKU {@code slug-1}. */
  protected void product(String slug) throws Exception {
    String line =
        """
        {"@type":"ProductGroup","productGroupID":"%s","name":"The %s","category":"Pots > Big pots",\
        "keywords":["heavy"],"hasVariant":[{"@type":"Product","sku":"%s-1","name":"24 cm",\
        "offers":{"price":"29.00","priceCurrency":"EUR"}}]}
        """
            .formatted(slug, slug, slug);
    JsonNode result = body(upload("/api/v1/catalogue/imports", "catalogue.jsonl", utf8(line)));
    if (result.path("taken").asInt() != 1) {
      throw new IllegalStateException(result.toString());
    }
  }

  /** A token for a review of a product, as of a form that was filled in for two minutes. */
  protected String formToken(String product) {
    return tokens.opened(product, Duration.ofMinutes(2));
  }

  /** Looks at a file, reads it in and waits for its end. */
  protected JsonNode bringIn(String content, String choices) throws Exception {
    return bringIn(utf8(content), choices);
  }

  protected JsonNode bringIn(byte[] content, String choices) throws Exception {
    long id = body(upload("/api/v1/imports", "reviews.csv", content)).path("id").asLong();
    String permitted = choices.replaceFirst("^\\{(?=.)", "{\"permitted\":true,").replace(",}", "}");
    send("/api/v1/imports/{id}/start", permitted, id);
    return until(
        () -> body(ask("/api/v1/imports/{id}", id)),
        batch -> !batch.path("state").asString().equals("RUNNING"));
  }

  /** Looks again until something is so; a minute at most. */
  protected static <T> T until(Callable<T> looking, Predicate<T> isSo) throws Exception {
    T seen = looking.call();
    for (int i = 0; i < MOST_LOOKS && !isSo.test(seen); i++) {
      Thread.sleep(20);
      seen = looking.call();
    }
    if (!isSo.test(seen)) {
      throw new IllegalStateException("not so after a minute: " + seen);
    }
    return seen;
  }

  /** Asks until an answer holds a text. */
  protected JsonNode awaited(String address, String text, Object... values) throws Exception {
    return until(() -> body(ask(address, values)), answer -> answer.toString().contains(text));
  }

  /** Publishes all reviews of an import. */
  protected void publish(JsonNode batch) throws Exception {
    JsonNode waiting =
        body(ask("/api/v1/reviews?status=PENDING&size=200&batch={id}", batch.path("id").asLong()));
    String ids =
        String.join(
            ",", waiting.path("items").valueStream().map(r -> r.path("id").asString()).toList());
    send("/api/v1/reviews/actions", "{\"ids\":[" + ids + "],\"to\":\"PUBLISHED\"}");
  }

  protected static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }
}
