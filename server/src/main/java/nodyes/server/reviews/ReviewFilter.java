package nodyes.server.reviews;

import java.time.LocalDate;
import nodyes.core.bringin.Flag;
import nodyes.core.review.ReviewState;
import org.jspecify.annotations.Nullable;

/**
 * Which reviews to list; what is null lets all through.
 *
 * @param state in that state
 * @param product of the product with that slug
 * @param batch from that batch
 * @param text whose words, title or reviewer hold all words of it; empty for any
 * @param stars of so many whole stars
 * @param language in that language
 * @param country from that country
 * @param origin from there
 * @param flag with that to check
 * @param hasPictures with pictures, or without
 * @param sorted with that decision on the sorting table
 * @param from written on that day or later
 * @param to written on that day or earlier
 */
public record ReviewFilter(
    @Nullable ReviewState state,
    @Nullable String product,
    @Nullable Long batch,
    String text,
    @Nullable Integer stars,
    @Nullable String language,
    @Nullable String country,
    ReviewLine.@Nullable Origin origin,
    @Nullable Flag flag,
    @Nullable Boolean hasPictures,
    @Nullable Sorted sorted,
    @Nullable LocalDate from,
    @Nullable LocalDate to) {
  /** All reviews. */
  public static final ReviewFilter ALL =
      new ReviewFilter(null, null, null, "", null, null, null, null, null, null, null, null, null);

  /** What was decided on the sorting table. */
  public enum Sorted {
    /** Kept, and not looked at yet. */
    OPEN,
    /** Looked at and kept. */
    KEPT,
    /** Left out. */
    LEFT_OUT
  }

  /** All in a state. */
  public static ReviewFilter in(ReviewState state) {
    return new ReviewFilter(
        state, null, null, "", null, null, null, null, null, null, null, null, null);
  }

  /** All that wait from a batch. */
  public static ReviewFilter waitingOf(long batch) {
    return new ReviewFilter(
        ReviewState.WAITING, null, batch, "", null, null, null, null, null, null, null, null, null);
  }
}
