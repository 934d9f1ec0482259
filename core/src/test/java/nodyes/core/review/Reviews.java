package nodyes.core.review;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Rating;

/** Reviews for tests. */
public final class Reviews {
  private Reviews() {}

  /** A review of which nothing else matters; empty words are none. */
  public static Review of(long id, Rating rating, String words, String language, LocalDate day) {
    return new Review(
        new ReviewId(id),
        rating,
        Map.of(),
        Optional.empty(),
        ReviewText.of(
            Optional.empty(),
            Optional.of(words).filter(text -> !text.isEmpty()),
            Optional.of(language)),
        Writer.UNKNOWN,
        new ReviewOrigin(
            new Provenance.Unverified(), Optional.of(ReviewDate.on(day)), Optional.empty()),
        Moderation.NONE,
        ReviewMedia.NONE,
        Votes.NONE);
  }
}
