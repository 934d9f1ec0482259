package nodyes.server.reviews;

import java.time.LocalDate;
import nodyes.core.bringin.Flag;
import nodyes.core.review.ReviewState;
import org.jspecify.annotations.Nullable;

/** Which reviews are asked for. */
public record AskedReviews(
    @Nullable ReviewState state,
    @Nullable String product,
    @Nullable Long batch,
    @Nullable String q,
    @Nullable Integer stars,
    @Nullable String language,
    @Nullable String country,
    ReviewLine.@Nullable Origin origin,
    @Nullable Flag flag,
    @Nullable Boolean pictures,
    ReviewFilter.@Nullable Sorted sorted,
    @Nullable LocalDate from,
    @Nullable LocalDate to) {
  /** The filter that it stands for. */
  public ReviewFilter filter() {
    return new ReviewFilter(
        state,
        product,
        batch,
        q == null ? "" : q,
        stars,
        language,
        country,
        origin,
        flag,
        pictures,
        sorted,
        from,
        to);
  }
}
