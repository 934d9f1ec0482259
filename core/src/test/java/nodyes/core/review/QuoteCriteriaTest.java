package nodyes.core.review;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Rating;
import org.testng.annotations.Test;

public class QuoteCriteriaTest {
  private static Review review(long id, int stars, String words) {
    return Reviews.of(
        id, Rating.ofStars(stars), words, "en", LocalDate.of(2026, 1, 1).plusDays(id));
  }

  private static final List<Review> ALL =
      List.of(
          review(1, 5, "It keeps the soil moist for days"),
          review(2, 3, "It is smaller than I thought it would be"),
          review(3, 5, "Nice"),
          review(4, 4, "Heavy, handsome, and it does not tip over"),
          review(5, 5, ""));

  private static List<Long> ids(QuoteCriteria rule) {
    return rule.of(ALL).stream().map(review -> review.id().value()).toList();
  }

  @Test
  public void theNewestThatHaveStarsAndWordsEnough() {
    assertEquals(ids(QuoteCriteria.newest(6, 4, 5)), List.of(4L, 1L));
    assertEquals(ids(QuoteCriteria.newest(1, 4, 5)), List.of(4L));
    assertEquals(ids(QuoteCriteria.newest(6, 1, 1)), List.of(4L, 3L, 2L, 1L));
  }

  @Test
  public void thoseThatWereChosenInTheirOrder() {
    assertEquals(
        ids(QuoteCriteria.byHand(List.of(new ReviewId(5), new ReviewId(2), new ReviewId(99)))),
        List.of(5L, 2L));
    assertEquals(ids(QuoteCriteria.byHand(List.of())), List.of());
  }

  @Test
  public void marksAreNoWords() {
    assertEquals(QuoteCriteria.words("Good, solid – really!", Locale.ENGLISH), 3);
    assertEquals(QuoteCriteria.words("♥ ♥ …", Locale.ENGLISH), 0);
  }
}
