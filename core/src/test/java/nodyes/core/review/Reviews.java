package nodyes.core.review;

import java.time.LocalDate;
import java.util.List;
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
        Optional.empty(),
        Optional.of(words).filter(text -> !text.isEmpty()),
        Optional.empty(),
        Optional.empty(),
        Optional.of(language),
        Optional.empty(),
        Optional.of(day),
        new Provenance.Unverified(),
        Optional.empty(),
        Optional.empty(),
        false,
        List.of(),
        Votes.NONE,
        Review.Details.NONE);
  }
}
