package nodyes.server.reviews;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Optional;
import java.util.concurrent.CopyOnWriteArraySet;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.PayloadApplicationEvent;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Input: a batch with a telephone number, a day yet to come, another product's name and hateful
 * words, published without a look: all of it was public at once, and the desk said that every
 * review was looked at.
 */
public class LookedAtTest extends ServerTest {
  private static final String ROWS =
      """
      Product,Rating,Date,Words,Reviewer
      looked-pot,5,2026-11-01,Stands well on the balcony,Rui
      looked-pot,5,2026-11-02,Call me on 912 345 678 for more,Ana
      looked-pot,4,2027-05-01,Came early this year,Ivo
      looked-pot,3,2026-11-04,The The other-pot leaks at the foot,Eva
      looked-pot,1,2026-11-05,Go back to your own country,Max
      """;

  @Autowired private Reviews reviews;
  @Autowired private ConfigurableApplicationContext context;

  private long batch;

  @Test
  public void whatIsSeriousWaitsAndIsCounted() throws Exception {
    product("looked-pot");
    product("other-pot");
    batch = bringIn(ROWS, "{}").path("id").asLong();
    JsonNode standing = body(ask("/api/v1/sorting/{batch}", batch));
    assertEquals(standing.path("serious").asInt(), 4, standing.toString());
    assertEquals(standing.path("kept").path("reviews").asInt(), 1);
    assertEquals(standing.path("open").asInt(), 5);
    JsonNode published = body(send("/api/v1/sorting/{batch}/publish", "", batch));
    assertEquals(published.path("published").asInt(), 1);
    assertEquals(published.path("waiting").asInt(), 4);
    assertEquals(
        body(ask("/api/v1/reviews?state=WAITING&batch={id}", batch)).path("total").asInt(), 4);
  }

  @Test(dependsOnMethods = "whatIsSeriousWaitsAndIsCounted")
  public void keepingAllAtOnceIsNoLookAtEach() throws Exception {
    JsonNode waiting = body(ask("/api/v1/reviews?state=WAITING&size=20&batch={id}", batch));
    String ids =
        String.join(
            ",", waiting.path("items").valueStream().map(r -> r.path("id").asString()).toList());
    JsonNode all =
        body(
            send(
                "/api/v1/sorting/{batch}/decisions",
                "{\"ids\":[" + ids + "],\"sorted\":\"KEPT\",\"unseen\":true}",
                batch));
    assertEquals(all.path("serious").asInt(), 4);
    long one = waiting.path("items").path(0).path("id").asLong();
    JsonNode looked =
        body(
            send(
                "/api/v1/sorting/{batch}/decisions",
                "{\"ids\":[" + one + "],\"sorted\":\"KEPT\"}",
                batch));
    assertEquals(looked.path("serious").asInt(), 3);
    assertEquals(
        body(send("/api/v1/sorting/{batch}/publish", "", batch)).path("published").asInt(), 1);
  }

  @Test(dependsOnMethods = "keepingAllAtOnceIsNoLookAtEach")
  public void contactDetailsAreHiddenUntilTheOwnerDecidesOtherwise() throws Exception {
    JsonNode all = body(ask("/api/v1/reviews?size=20&batch={id}", batch)).path("items");
    JsonNode found =
        all.valueStream()
            .filter(review -> review.path("reviewer").asString().equals("Ana"))
            .findFirst()
            .orElseThrow();
    assertTrue(found.path("isContactHidden").asBoolean(), found.toString());
  }

  /** A wall that was answered before the picture came was kept without it. */
  @Test(dependsOnMethods = "contactDetailsAreHiddenUntilTheOwnerDecidesOtherwise")
  public void aPictureThatComesLaterMakesThePageNew() throws Exception {
    var changed = new CopyOnWriteArraySet<String>();
    context.addApplicationListener(
        (PayloadApplicationEvent<PublishedReviewsChanged> event) ->
            changed.addAll(event.getPayload().products()));
    long published =
        body(ask("/api/v1/reviews?state=PUBLISHED&batch={id}", batch))
            .path("items")
            .path(0)
            .path("id")
            .asLong();
    long waiting =
        body(ask("/api/v1/reviews?state=WAITING&batch={id}", batch))
            .path("items")
            .path(0)
            .path("id")
            .asLong();
    reviews.hasPicture(
        new Reviews.Picture(waiting, 0, "https://pictures.example/a.jpg"), Optional.of("a.webp"));
    assertFalse(changed.contains("looked-pot"), "what is not public changes no page");
    reviews.hasPicture(
        new Reviews.Picture(published, 0, "https://pictures.example/b.jpg"), Optional.of("b.webp"));
    assertTrue(changed.contains("looked-pot"), changed.toString());
  }
}
