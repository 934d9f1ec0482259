package nodyes.core.review;

import static org.testng.Assert.assertEquals;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Rating;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

public class ReviewStatusTest {
  @Test
  public void everyStateLeadsToEveryOtherAndNoneToItself() {
    for (ReviewStatus from : ReviewStatus.values()) {
      for (ReviewStatus to : ReviewStatus.values()) {
        assertEquals(from.mayBecome(to), from != to, from + " to " + to);
      }
    }
  }

  @Test
  public void newestFirstThenTheGreaterIdAndWithoutADayLast() {
    var sorted =
        List.of(
                review(1, null),
                review(2, "2026-01-01"),
                review(3, "2026-02-01"),
                review(4, "2026-01-01"))
            .stream()
            .sorted(Review.NEWEST_FIRST)
            .map(review -> review.id().value())
            .toList();
    assertEquals(sorted, List.of(3L, 4L, 2L, 1L));
  }

  private static Review review(long id, @Nullable String day) {
    return new Review(
        new ReviewId(id),
        Rating.ofStars(4),
        Map.of(),
        Optional.empty(),
        ReviewText.NONE,
        Writer.UNKNOWN,
        new ReviewOrigin(
            new Provenance.BroughtIn("a file", Optional.empty(), Instant.EPOCH),
            Optional.ofNullable(day).map(ReviewDate::parse),
            Optional.empty()),
        Moderation.NONE,
        ReviewMedia.NONE,
        Votes.NONE);
  }
}
