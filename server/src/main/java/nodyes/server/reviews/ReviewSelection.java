package nodyes.server.reviews;

import java.time.LocalDate;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.ReviewStatus;
import org.jspecify.annotations.Nullable;

/** Which reviews are asked for. */
public record ReviewSelection(
    @Nullable ReviewStatus status,
    @Nullable String product,
    @Nullable Long batch,
    @Nullable String q,
    @Nullable Integer stars,
    @Nullable String language,
    @Nullable String country,
    ReviewListItem.@Nullable Origin origin,
    @Nullable ReviewFlag flag,
    @Nullable Boolean pictures,
    ReviewFilter.@Nullable ImportDecision decision,
    @Nullable LocalDate from,
    @Nullable LocalDate to) {
  /** The filter that it stands for. */
  public ReviewFilter filter() {
    return new ReviewFilter(
        status,
        product,
        batch,
        q == null ? "" : q,
        stars,
        language,
        country,
        origin,
        flag,
        pictures,
        decision,
        from,
        to);
  }
}
