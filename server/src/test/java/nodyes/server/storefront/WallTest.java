package nodyes.server.storefront;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.options;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewOrder;
import nodyes.server.OutsideServer;
import nodyes.server.ServerTest;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.database.Database;
import nodyes.server.publishedreviews.PublishedReviewFilter;
import nodyes.server.publishedreviews.PublishedReviews;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.test.web.servlet.ResultActions;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class WallTest extends ServerTest {
  private static final int REVIEWS = 40;

  @Autowired private PublishedReviews published;
  @Autowired private Catalogue catalogue;
  @Autowired private Database database;
  private int caller;

  @BeforeClass
  public void manyReviews() throws Exception {
    product("walled-pot");
    var random = new Random(4);
    var lines = new ArrayList<>(List.of("Product,Rating,Words,Reviewer,Date,Language,Variant"));
    for (int i = 0; i < REVIEWS; i++) {
      lines.add(
          "walled-pot,%d,%s number %d,R%d,2026-0%d-1%d,%s,%s"
              .formatted(
                  1 + random.nextInt(5),
                  i % 4 == 0 ? "The glaze is lovely" : "Stands well",
                  i,
                  i,
                  1 + random.nextInt(5),
                  random.nextInt(5),
                  i % 3 == 0 ? "pt-PT" : "en",
                  i % 2 == 0 ? "24 cm" : ""));
    }
    publish(bringIn(String.join("\n", lines) + "\n", "{}"));
    for (Review review : all(ReviewOrder.NEWEST)) {
      for (int i = random.nextInt(4); i > 0; i--) {
        vote(review.id().value(), voter(i), random.nextBoolean() ? "HELPFUL" : "NOT_HELPFUL")
            .andExpect(status().isOk());
      }
    }
  }

  private List<Review> all(ReviewOrder order) {
    long id = catalogue.id(new nodyes.core.common.Slug("walled-pot")).orElseThrow();
    return published.page(id, PublishedReviewFilter.ALL, order, 1, 100).items();
  }

  private static String voter(int i) {
    return "0123456789abcdef-" + i;
  }

  /** Each from an address of its own, which the limit counts by. */
  private ResultActions vote(long review, String voter, String says) throws Exception {
    caller++;
    return vote(review, voter, says, "10.0.%d.%d".formatted(caller / 250, caller % 250));
  }

  private ResultActions vote(long review, String voter, String says, String address)
      throws Exception {
    return http.perform(
        post("/embed/v1/reviews/{id}/votes", review)
            .header("Origin", "http://localhost")
            .with(
                (MockHttpServletRequest request) -> {
                  request.setRemoteAddr(address);
                  return request;
                })
            .contentType(MediaType.APPLICATION_JSON)
            .content("{\"voter\":\"%s\",\"says\":\"%s\"}".formatted(voter, says)));
  }

  @Test
  public void theStoredOrderIsThatOfTheRules() {
    for (ReviewOrder order : ReviewOrder.values()) {
      List<Review> found = all(order);
      assertEquals(found.size(), REVIEWS);
      assertEquals(found, found.stream().sorted(order.comparator()).toList(), order.name());
    }
  }

  private JsonNode asked(String filter) throws Exception {
    return body(ask("/embed/v1/reviews?product=walled-pot&size=100" + filter));
  }

  @Test
  public void filtersTakeWhatTheySay() throws Exception {
    assertEquals(asked("").path("total").asInt(), REVIEWS);
    assertEquals(asked("&language=pt").path("total").asInt(), 14);
    assertEquals(asked("&words=glaze lov").path("total").asInt(), 10);
    assertEquals(asked("&words=glaze&language=pt").path("total").asInt(), 4);
    assertEquals(asked("&pictured=true").path("total").asInt(), 0);
    assertEquals(asked("&bought=true").path("total").asInt(), 0);
    int low = asked("&stars=1,2").path("total").asInt();
    int high = asked("&stars=3,4,5").path("total").asInt();
    assertEquals(low + high, REVIEWS);
    assertTrue(low > 0 && high > 0);
    asked("&stars=1,2&order=LOWEST")
        .path("reviews")
        .valueStream()
        .forEach(review -> assertTrue(review.path("stars").asDouble() < 2.5));
    ask("/embed/v1/reviews?product=walled-pot&order=SIDEWAYS").andExpect(status().isBadRequest());
    ask("/embed/v1/reviews?product=walled-pot&words=" + "x".repeat(121))
        .andExpect(status().isBadRequest());
    ask("/embed/v1/reviews?product=no-such-pot").andExpect(jsonPath("$.total").value(0));
  }

  @DataProvider
  public Object[][] orders() {
    return new Object[][] {
      {"review_published", "reviewed_on desc, id desc"},
      {"review_helpful", "helpfulness desc, reviewed_on desc, id desc"},
      {"review_highest", "rating_parts desc, reviewed_on desc, id desc"},
      {"review_lowest", "rating_parts, reviewed_on desc, id desc"},
    };
  }

  @Test(dataProvider = "orders")
  public void everyOrderIsWalkedInAnIndexThatHoldsTheFiltersToo(String index, String order) {
    String plan =
        database.read(
            sql ->
                sql.fetch(
                        "explain query plan select id from review where product_id = 1 and status ="
                            + " 'PUBLISHED' and (language = 'pt' or language >= 'pt-' and language"
                            + " < 'pt.') and variant = 'a' and picture_count > 0 and origin ="
                            + " 'VERIFIED' order by "
                            + order
                            + " limit 6")
                    .getValues("detail")
                    .toString());
    assertTrue(plan.contains("COVERING INDEX " + index), plan);
    assertEquals(plan.contains("TEMP B-TREE"), false, plan);
  }

  @Test
  public void aShopperHasOneVoteAndMayChangeIt() throws Exception {
    product("voted-pot");
    publish(bringIn("Product,Rating,Words\nvoted-pot,5,Stands on its own\n", "{}"));
    long id =
        body(ask("/embed/v1/reviews?product=voted-pot"))
            .path("reviews")
            .path(0)
            .path("id")
            .asLong();
    vote(id, voter(1), "HELPFUL").andExpect(jsonPath("$.helpful").value(1));
    vote(id, voter(1), "HELPFUL").andExpect(jsonPath("$.helpful").value(1));
    vote(id, voter(2), "HELPFUL").andExpect(jsonPath("$.helpful").value(2));
    vote(id, voter(1), "NOT_HELPFUL")
        .andExpect(jsonPath("$.helpful").value(1))
        .andExpect(jsonPath("$.notHelpful").value(1));
    vote(id, voter(1), "NOTHING").andExpect(jsonPath("$.notHelpful").value(0));
    // the page that shows it says so at once
    send("/api/v1/layout/publish", "");
    String address = "/embed/v1/page?kind=product&product=voted-pot&lang=en&country=PT";
    String before = body(ask(address)).toString();
    assertTrue(before.contains("\"helpful\":1,\"notHelpful\":0"), before);
    vote(id, voter(3), "HELPFUL").andExpect(status().isOk());
    assertTrue(body(ask(address)).toString().contains("\"helpful\":2,\"notHelpful\":0"));
    // its voters cannot be told, nor what else they voted for
    String kept = database.read(sql -> sql.fetch("select voter from review_vote").toString());
    assertTrue(!kept.contains(voter(2)), kept);
  }

  @Test
  public void votesThatCannotCountAreRefused() throws Exception {
    vote(999_999, voter(1), "HELPFUL").andExpect(status().isNotFound());
    vote(1, "x", "HELPFUL").andExpect(status().isBadRequest());
    vote(1, voter(1), "MAYBE").andExpect(status().isBadRequest());
    long id = all(ReviewOrder.NEWEST).getFirst().id().value();
    int refused = 0;
    for (int i = 0; i < 40; i++) {
      int answered =
          vote(id, voter(7), "HELPFUL", "10.9.9.9").andReturn().getResponse().getStatus();
      refused += answered == 429 ? 1 : 0;
    }
    // one comes free again every twenty seconds, so a slow machine is refused fewer
    assertTrue(refused >= 7 && refused <= 10, refused + " refused");
    http.perform(
            options("/embed/v1/reviews/1/votes")
                .header("Origin", "https://shop.example")
                .header("Access-Control-Request-Method", "POST")
                .header("Access-Control-Request-Headers", "content-type"))
        .andExpect(status().isOk())
        .andExpect(header().string("Access-Control-Allow-Origin", "*"));
  }

  @Test
  public void daysAreToldAsSoLongAgoWhereTheyAreAskedForSo() throws Exception {
    assertTrue(asked("").path("reviews").get(0).path("ago").isMissingNode());
    JsonNode newest = asked("&ago=true").path("reviews").get(0);
    // the shop's day is 26 November 2026
    long months =
        java.time.Period.between(
                java.time.LocalDate.parse(newest.path("writtenOn").asString()),
                java.time.LocalDate.of(2026, 11, 26))
            .toTotalMonths();
    assertEquals(newest.path("ago").path("n").asLong(), months);
    assertEquals(newest.path("ago").path("unit").asString(), "month");
  }

  @Test
  public void aCountHoldsUntilReviewsChange() throws Exception {
    long stars = asked("&stars=5").path("total").asLong();
    assertEquals(asked("&stars=5").path("total").asLong(), stars);
    long id = asked("&stars=5").path("reviews").get(0).path("id").asLong();
    send("/api/v1/reviews/actions", "{\"ids\":[" + id + "],\"to\":\"ON_HOLD\"}");
    assertEquals(asked("&stars=5").path("total").asLong(), stars - 1);
    send("/api/v1/reviews/actions", "{\"ids\":[" + id + "],\"to\":\"PUBLISHED\"}");
    assertEquals(asked("&stars=5").path("total").asLong(), stars);
  }

  @Test
  public void aPublishedReviewIsReadInAnotherLanguageAndNoOtherOne() throws Exception {
    OutsideServer.says("/translate", "application/json", "{\"text\":\"Wie gemalt\"}");
    long id = asked("&language=en").path("reviews").get(0).path("id").asLong();
    ask("/embed/v1/reviews/{id}/translation?to=de", id)
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.language").value("de"))
        .andExpect(jsonPath("$.words").value("Wie gemalt"));
    send("/api/v1/reviews/actions", "{\"ids\":[" + id + "],\"to\":\"ON_HOLD\"}");
    ask("/embed/v1/reviews/{id}/translation?to=de", id).andExpect(status().isNotFound());
    send("/api/v1/reviews/actions", "{\"ids\":[" + id + "],\"to\":\"PUBLISHED\"}");
    ask("/embed/v1/reviews/{id}/translation?to=Klingon", id)
        .andExpect(status().isUnprocessableContent());
  }
}
