package nodyes.server.storefront;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.PageKind;
import nodyes.server.ServerTest;
import nodyes.server.database.Database;
import nodyes.server.database.TablesRead;
import nodyes.server.nods.Nods;
import nodyes.server.pages.ViewpointParser;
import nodyes.server.reviews.Reviews;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Whatever is written, the next shopper gets what an answer made from nothing says. */
public class KeptIsAsGoodAsNewTest extends ServerTest {
  private static final String PAGE =
      "/embed/v1/page?kind=product&product=kept-pot&lang=en&country=PT";

  @Autowired private Database database;
  @Autowired private PageResponses responses;
  @Autowired private Reviews reviews;
  @Autowired private Nods nods;
  @Autowired private Clock clock;

  private List<Long> ids;

  @BeforeClass
  public void fill() throws Exception {
    product("kept-pot");
    product("kept-jar");
    JsonNode batch =
        bringIn(
            "Product,Rating,Words,Reviewer\n"
                + "kept-pot,5,First,Rui Alves\n"
                + "kept-pot,3,Second,Ana Reis\n"
                + "kept-jar,1,Of the jar,Ivo\n",
            "{}");
    publish(batch);
    ids = new ArrayList<>();
    body(ask("/api/v1/reviews?batch={b}&product=kept-pot", batch.path("id").asLong()))
        .path("items")
        .forEach(one -> ids.add(one.path("id").asLong()));
    act(HttpMethod.PATCH, "/api/v1/layout/nods/stars-product", "{\"on\":true}");
    send("/api/v1/layout/publish", "");
  }

  private String page() throws Exception {
    return http.perform(get(PAGE)).andReturn().getResponse().getContentAsString();
  }

  /** The same answer, made without looking at what is kept. */
  private String fromNothing() {
    var viewpoint =
        ViewpointParser.of(
            new ViewpointParser.Asked("product", "kept-pot", null, "PT", "en"), clock.instant());
    return new String(
        responses.published(new AskedPage(viewpoint, null), CachedResponse.KeptBy.ALL).plain(),
        StandardCharsets.UTF_8);
  }

  interface Write {
    void run() throws Exception;
  }

  @DataProvider
  Object[][] writes() {
    return new Object[][] {
      {"a review is held", write(() -> move("ON_HOLD"))},
      {"a review comes back", write(() -> move("PUBLISHED"))},
      {"a reply", write(() -> review("reply", "{\"text\":\"Thank you.\"}"))},
      {"a review goes first", write(() -> review("featured", "{\"featured\":true}"))},
      {"another form of a name", write(() -> review("name", "{\"form\":\"INITIALS\"}"))},
      {"a picture comes", write(this::pictured)},
      {"a vote", write(this::vote)},
      {"products are grouped", write(() -> grouped("[\"kept-jar\"]"))},
      {"products are parted", write(() -> grouped("[]"))},
      {"a nod goes off", write(() -> turn(false))},
      {"a nod comes on", write(() -> turn(true))},
    };
  }

  private static Write write(Write write) {
    return write;
  }

  private void move(String to) throws Exception {
    send("/api/v1/reviews/actions", "{\"ids\":[%d],\"to\":\"%s\"}".formatted(ids.getFirst(), to));
  }

  private void review(String what, String body) throws Exception {
    int status =
        act(HttpMethod.PUT, "/api/v1/reviews/{id}/" + what, body, ids.getFirst())
            .andReturn()
            .getResponse()
            .getStatus();
    assertEquals(status, 200, what);
  }

  private void pictured() {
    reviews.detail(ids.getFirst(), Map.of(), List.of("kept.webp"));
  }

  /** From a network of its own: so many votes are taken of one. */
  private void vote() throws Exception {
    http.perform(
            post("/embed/v1/reviews/{id}/votes", ids.getLast())
                .header("Origin", "http://localhost")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"voter\":\"0123456789abcdef0123\",\"says\":\"HELPFUL\"}")
                .with(
                    request -> {
                      request.setRemoteAddr("203.0.113.77");
                      return request;
                    }))
        .andExpect(status().isOk());
  }

  private void grouped(String others) throws Exception {
    act(HttpMethod.PUT, "/api/v1/review-groups/kept-pot", "{\"others\":" + others + "}");
  }

  private void turn(boolean on) throws Exception {
    act(HttpMethod.PATCH, "/api/v1/layout/nods/stars-product", "{\"on\":" + on + "}");
    send("/api/v1/layout/publish", "");
  }

  @Test(dataProvider = "writes")
  public void aWriteIsSeenByTheNextShopper(String what, Write write) throws Exception {
    String before = page();
    write.run();
    assertNotEquals(page(), before, what);
    assertEquals(page(), fromNothing(), what);
  }

  @DataProvider
  Object[][] kinds() {
    return List.of(NodKind.values()).stream()
        .map(kind -> new Object[] {kind})
        .toArray(Object[][]::new);
  }

  /** What a page is made of is looked up in the statements that are run while it is made. */
  @Test(dataProvider = "kinds")
  public void aPageReadsOnlyWhatItsRevisionsSpeakOf(NodKind kind) {
    var topics = new TreeSet<>(PageResponseCache.WITH_SALES);
    topics.addAll(PageResponseCache.BY_PRODUCT);
    for (PageKind page : PageKind.values()) {
      var viewpoint =
          ViewpointParser.of(
              new ViewpointParser.Asked(page.wireName(), "kept-pot", null, "PT", "en"),
              clock.instant());
      var layout = nods.trial(kind.wireName(), page);
      assertEquals(
          TablesRead.unwatched(
              database, topics, () -> responses.preview(new AskedPage(viewpoint, null), layout)),
          Set.of());
    }
  }
}
