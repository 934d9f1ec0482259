package nodyes.server.moderation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.server.ServerTest;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.database.Database;
import nodyes.server.database.Topic;
import nodyes.server.reviews.Reviews;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Input: an import with a telephone number, a day yet to come, another product's name and hateful
 * words, published without a look: all of it was public at once, and the desk said that every
 * review was looked at.
 */
public class LookedAtTest extends ServerTest {
  private static final String ROWS =
      """
      Product,Rating,Date,Words,Reviewer,Photos
      looked-pot,5,2026-11-01,Stands well on the balcony,Rui,https://pictures.example/a.jpg
      looked-pot,5,2026-11-02,Call me on 912 345 678 for more,Ana,https://pictures.example/b.jpg
      looked-pot,4,2027-05-01,Came early this year,Ivo,https://pictures.example/c.jpg
      looked-pot,3,2026-11-04,The The other-pot leaks at the foot,Eva,https://pictures.example/d.jpg
      looked-pot,1,2026-11-05,Go back to your own country,Max,https://pictures.example/e.jpg
      """;

  @Autowired private Reviews reviews;
  @Autowired private Catalogue catalogue;
  @Autowired private Database database;

  private long batch;

  @Test
  public void whatIsSeriousWaitsAndIsCounted() throws Exception {
    product("looked-pot");
    product("other-pot");
    batch = bringIn(ROWS, "{}").path("id").asLong();
    JsonNode standing = body(ask("/api/v1/import-checks/{batch}", batch));
    assertEquals(standing.path("serious").asInt(), 4, standing.toString());
    assertEquals(standing.path("accepted").path("reviews").asInt(), 1);
    assertEquals(standing.path("open").asInt(), 5);
    JsonNode published = body(send("/api/v1/import-checks/{batch}/publish", "", batch));
    assertEquals(published.path("published").asInt(), 1);
    assertEquals(published.path("waiting").asInt(), 4);
    assertEquals(
        body(ask("/api/v1/reviews?status=PENDING&batch={id}", batch)).path("total").asInt(), 4);
  }

  @Test(dependsOnMethods = "whatIsSeriousWaitsAndIsCounted")
  public void keepingAllAtOnceIsNoLookAtEach() throws Exception {
    JsonNode waiting = body(ask("/api/v1/reviews?status=PENDING&size=20&batch={id}", batch));
    String ids =
        String.join(
            ",", waiting.path("items").valueStream().map(r -> r.path("id").asString()).toList());
    JsonNode all =
        body(
            send(
                "/api/v1/import-checks/{batch}/decisions",
                "{\"ids\":[" + ids + "],\"decision\":\"ACCEPTED\",\"unseen\":true}",
                batch));
    assertEquals(all.path("serious").asInt(), 4);
    long one = waiting.path("items").path(0).path("id").asLong();
    JsonNode looked =
        body(
            send(
                "/api/v1/import-checks/{batch}/decisions",
                "{\"ids\":[" + one + "],\"decision\":\"ACCEPTED\"}",
                batch));
    assertEquals(looked.path("serious").asInt(), 3);
    assertEquals(
        body(send("/api/v1/import-checks/{batch}/publish", "", batch)).path("published").asInt(),
        1);
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
    long published =
        body(ask("/api/v1/reviews?status=PUBLISHED&batch={id}", batch))
            .path("items")
            .path(0)
            .path("id")
            .asLong();
    long waiting =
        body(ask("/api/v1/reviews?status=PENDING&batch={id}", batch))
            .path("items")
            .path(0)
            .path("id")
            .asLong();
    // the files cannot be fetched, which is found out in the background
    until(() -> reviews.picturesToHave(500), List::isEmpty);
    long before = database.revisions().now();
    reviews.hasPicture(
        new Reviews.Picture(waiting, 0, "https://pictures.example/a.jpg"), Optional.of("a.webp"));
    assertEquals(changedSince(before), Set.of(), "what is not public changes no page");
    reviews.hasPicture(
        new Reviews.Picture(published, 0, "https://pictures.example/b.jpg"), Optional.of("b.webp"));
    assertEquals(changedSince(before), Set.of(catalogue.id(new Slug("looked-pot")).orElseThrow()));
  }

  private Set<Long> changedSince(long before) {
    return database.revisions().changedSince(before, Topic.REVIEWS);
  }
}
