package nodyes.server.reviews;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import nodyes.server.ServerTest;
import nodyes.server.database.Database;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class ReviewsApiTest extends ServerTest {
  @Autowired private Database database;

  private JsonNode oneOf(String slug) throws Exception {
    product(slug);
    JsonNode batch = bringIn("Product,Rating,Words\n" + slug + ",4,Good\n", "{}");
    return body(ask("/api/v1/reviews?batch={id}", batch.path("id").asLong())).path("items").path(0);
  }

  @Test
  public void leavingOutNeedsOneOfTheReasons() throws Exception {
    long id = oneOf("reason-pot").path("id").asLong();
    send("/api/v1/reviews/actions", "{\"ids\":[%d],\"to\":\"LEFT_OUT\"}".formatted(id))
        .andExpect(status().isBadRequest());
    send(
            "/api/v1/reviews/actions",
            "{\"ids\":[%d],\"to\":\"LEFT_OUT\",\"reason\":\"TOO_LOW\"}".formatted(id))
        .andExpect(status().isBadRequest());
    send(
            "/api/v1/reviews/actions",
            "{\"ids\":[%d],\"to\":\"LEFT_OUT\",\"reason\":\"PRIVATE_DATA\"}".formatted(id))
        .andExpect(jsonPath("$.moved").value(1));
    ask("/api/v1/reviews?status=LEFT_OUT&product=reason-pot")
        .andExpect(jsonPath("$.items[0].leftOutReason").value("PRIVATE_DATA"));
  }

  @Test
  public void aMoveIsTakenBackOnceAndOnlyWhereNothingHappenedSince() throws Exception {
    long id = oneOf("undo-pot").path("id").asLong();
    long publish =
        body(send("/api/v1/reviews/actions", "{\"ids\":[%d],\"to\":\"PUBLISHED\"}".formatted(id)))
            .path("move")
            .asLong();
    send("/api/v1/reviews/actions", "{\"ids\":[%d],\"to\":\"ON_HOLD\"}".formatted(id));
    send("/api/v1/reviews/actions/{id}/undo", "", publish).andExpect(jsonPath("$.moved").value(0));
    send("/api/v1/reviews/actions/{id}/undo", "", publish)
        .andExpect(status().isUnprocessableContent());
    ask("/api/v1/reviews?product=undo-pot")
        .andExpect(jsonPath("$.items[0].status").value("ON_HOLD"));
    send("/api/v1/reviews/actions/{id}/undo", "", 987_654).andExpect(status().isNotFound());
  }

  @Test
  public void searchFindsWordsAndTakesSignsAsTheyAre() throws Exception {
    product("search-pot");
    bringIn("Product,Rating,Words\nsearch-pot,4,\"100% peat-free, they_say\"\n", "{}");
    ask("/api/v1/reviews?q={q}", "100% PEAT").andExpect(jsonPath("$.total").value(1));
    ask("/api/v1/reviews?q={q}", "they_s").andExpect(jsonPath("$.total").value(1));
    ask("/api/v1/reviews?q={q}", "theyXs").andExpect(jsonPath("$.total").value(0));
    ask("/api/v1/reviews?q={q}", "' OR 1=1 --").andExpect(jsonPath("$.total").value(0));
  }

  @Test
  public void listsArePaged() throws Exception {
    ask("/api/v1/reviews?size=100000&page=-3")
        .andExpect(jsonPath("$.size").value(200))
        .andExpect(jsonPath("$.page").value(1));
  }

  /** SQLite's own account of how it would answer what shop pages and the desk ask. */
  @Test
  public void theBusyQuestionsAreAnsweredFromIndexes() {
    String tally =
        plan(
            "select product_id, count(*), sum(rating_parts), count(case origin when 'VERIFIED' then 1"
                + " end) from review where product_id in (1, 2) and status = 'PUBLISHED' group by"
                + " product_id, (rating_parts + 6237000) / 12474000");
    // any of those of published reviews holds all that it asks for
    assertTrue(tally.contains("COVERING INDEX review_"), tally);
    String newest =
        plan(
            "select * from review where product_id = 1 and status = 'PUBLISHED' order by reviewed_on"
                + " desc, id desc limit 6");
    assertTrue(newest.contains("INDEX review_published"), newest);
    assertEquals(newest.contains("TEMP B-TREE"), false, newest);
    String desk = plan("select * from review where status = 'PENDING' order by id desc limit 50");
    assertTrue(desk.contains("INDEX review_by_status"), desk);
    assertEquals(desk.contains("TEMP B-TREE"), false, desk);
  }

  private String plan(String query) {
    return database.read(
        sql -> sql.fetch("explain query plan " + query).getValues("detail").toString());
  }
}
