package nodyes.server.reviews;

import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.ReviewStatus;
import org.jspecify.annotations.Nullable;

/**
 * Which reviews to list; what is null lets all through.
 *
 * @param status in that state
 * @param product of the product with that slug
 * @param batch from that import
 * @param text whose words, title or reviewer hold all words of it; empty for any
 * @param flag with that to check
 * @param decision with that decision when its import was checked
 * @param traits with these in common
 */
public record ReviewFilter(
    @Nullable ReviewStatus status,
    @Nullable String product,
    @Nullable Long batch,
    String text,
    @Nullable ReviewFlag flag,
    @Nullable ImportDecision decision,
    ReviewTraits traits) {
  /** All reviews. */
  public static final ReviewFilter ALL =
      new ReviewFilter(null, null, null, "", null, null, ReviewTraits.ANY);

  /** What was decided when its import was checked. */
  public enum ImportDecision {
    /** Kept, and not looked at yet. */
    OPEN,
    /** Looked at and kept. */
    ACCEPTED,
    /** Left out. */
    LEFT_OUT;

    /** As it is stored: nothing is open. */
    public static ImportDecision of(@Nullable ImportDecision stored) {
      return stored == null ? OPEN : stored;
    }
  }

  /** All in a state. */
  public static ReviewFilter in(ReviewStatus state) {
    return new ReviewFilter(state, null, null, "", null, null, ReviewTraits.ANY);
  }

  /** All that wait from an import. */
  public static ReviewFilter waitingOf(long batch) {
    return new ReviewFilter(ReviewStatus.PENDING, null, batch, "", null, null, ReviewTraits.ANY);
  }
}
