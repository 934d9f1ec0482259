package nodyes.server.reviews;

import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.ReviewStatus;
import org.jspecify.annotations.Nullable;

/** Which reviews are asked for; what they have in common is asked for beside it. */
public record ReviewSelection(
    @Nullable ReviewStatus status,
    @Nullable String product,
    @Nullable Long batch,
    @Nullable String q,
    @Nullable ReviewFlag flag,
    ReviewFilter.@Nullable ImportDecision decision) {
  /** The filter that it stands for, of reviews with these traits. */
  public ReviewFilter filter(ReviewTraits traits) {
    return new ReviewFilter(status, product, batch, q == null ? "" : q, flag, decision, traits);
  }
}
