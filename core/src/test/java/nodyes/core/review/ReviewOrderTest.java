package nodyes.core.review;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Rating;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ReviewOrderTest {
  private static Review review(long id, int stars, String day, boolean pictured, Votes votes) {
    return new Review(
        new ReviewId(id),
        Rating.ofStars(stars),
        Map.of(),
        Optional.empty(),
        ReviewText.NONE,
        Writer.UNKNOWN,
        new ReviewOrigin(
            new Provenance.Unverified(), Optional.of(ReviewDate.parse(day)), Optional.empty()),
        Moderation.NONE,
        new ReviewMedia(pictured ? List.of("a") : List.of()),
        votes);
  }

  private static final List<Review> FIVE =
      List.of(
          review(1, 5, "2026-01-01", false, new Votes(1, 0)),
          review(2, 3, "2026-03-01", true, new Votes(90, 10)),
          review(3, 5, "2026-02-01", true, Votes.NONE),
          review(4, 1, "2026-03-01", false, new Votes(0, 8)),
          review(5, 3, "2026-02-01", false, new Votes(9, 1)));

  @DataProvider
  public Object[][] orders() {
    return new Object[][] {
      {ReviewOrder.NEWEST, List.of(4L, 2L, 5L, 3L, 1L)},
      {ReviewOrder.HIGHEST, List.of(3L, 1L, 2L, 5L, 4L)},
      {ReviewOrder.LOWEST, List.of(4L, 2L, 5L, 3L, 1L)},
      {ReviewOrder.PICTURES_FIRST, List.of(2L, 3L, 4L, 5L, 1L)},
      // 90 of 100 tells more than 9 of 10, and that more than 1 of 1
      {ReviewOrder.MOST_HELPFUL, List.of(2L, 5L, 1L, 4L, 3L)},
    };
  }

  @Test(dataProvider = "orders")
  public void ordersAsAShopperChooses(ReviewOrder order, List<Long> ids) {
    assertEquals(
        FIVE.stream().sorted(order.comparator()).map(review -> review.id().value()).toList(), ids);
  }

  /**
   * R. G. Newcombe, 'Two-sided confidence intervals for the single proportion', Statistics in
   * Medicine 17 (1998), Table I, method 3.
   */
  @Test
  public void helpfulnessIsTheLowerWilsonBound() {
    assertEquals(new Votes(81, 182).helpfulness(), 0.2553, 5e-5);
    assertEquals(new Votes(0, 20).helpfulness(), 0, 5e-5);
    assertEquals(Votes.NONE.helpfulness(), 0.0);
    assertThrows(IllegalArgumentException.class, () -> new Votes(-1, 0));
  }

  @Test
  public void facetsAddUp() {
    ReviewFacets facets =
        ReviewFacets.of("pt", "24 cm", true, 2)
            .and(ReviewFacets.of("pt", "36 cm", false, 5))
            .and(ReviewFacets.of("", "18 cm", false, 2))
            .and(ReviewFacets.of("de", "", true, 1));
    assertEquals(facets.pictured(), 3);
    assertEquals(facets.languages(), java.util.Map.of("pt", 7L, "de", 1L));
    assertEquals(
        facets.commonestVariants(2),
        List.of(new ReviewFacets.OfVariant("36 cm", 5), new ReviewFacets.OfVariant("18 cm", 2)));
  }
}
