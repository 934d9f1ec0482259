package nodyes.server.database;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Set;
import nodyes.server.database.Revisions.Change;
import org.testng.annotations.Test;

public class RevisionsTest {
  @Test
  public void whatChangedTogetherHasOneNumber() {
    var revisions = new Revisions();
    assertEquals(revisions.now(), 0);
    revisions.raise(List.of(new Change(Topic.REVIEWS, 7), new Change(Topic.SHOP, 0)));
    assertEquals(revisions.now(), 1);
    revisions.raise(List.of());
    assertEquals(revisions.now(), 1);
    assertFalse(revisions.isUnchanged(0, Set.of(Topic.SHOP, Topic.ORDERS)));
    assertTrue(revisions.isUnchanged(1, Set.of(Topic.SHOP, Topic.REVIEWS)));
    assertTrue(revisions.isUnchanged(0, Set.of(Topic.ORDERS)));
  }

  @Test
  public void oneProductsReviewsChangeAndNoOthers() {
    var revisions = new Revisions();
    revisions.raise(List.of(new Change(Topic.REVIEWS, 7)));
    revisions.raise(List.of(new Change(Topic.REVIEWS, 8)));
    assertTrue(revisions.isUnchanged(1, Topic.REVIEWS, Set.of(7L, 9L)));
    assertFalse(revisions.isUnchanged(1, Topic.REVIEWS, Set.of(7L, 8L)));
    assertTrue(revisions.isUnchanged(0, Topic.VOTES, Set.of(7L, 8L)));
    assertEquals(revisions.changedSince(1, Topic.REVIEWS), Set.of(8L));
    assertEquals(revisions.changedSince(0, Topic.REVIEWS), Set.of(7L, 8L));
  }
}
