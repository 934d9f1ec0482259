package nodyes.server.reviews;

import java.time.LocalDate;
import java.util.Optional;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewStatus;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Writer;
import org.jspecify.annotations.Nullable;

/**
 * A review that goes out. Its rating is in stars, 1 to 5, with as many digits as bring the very
 * same rating in again.
 *
 * @param product name in addresses
 * @param productTitle its title
 * @param media its pictures, with addresses where they came from
 */
public record ExportedReview(
    long id,
    String product,
    String productTitle,
    Optional<String> variant,
    String rating,
    ReviewText text,
    Writer writer,
    ExportedOrigin origin,
    ExportedModeration moderation,
    ReviewMedia media) {
  /** Where it is from. */
  public record ExportedOrigin(
      ReviewListItem.Origin origin,
      @Nullable String source,
      @Nullable String sourceId,
      @Nullable String order,
      @Nullable LocalDate date) {}

  /** What was made of it. */
  public record ExportedModeration(
      ReviewStatus state,
      @Nullable LeaveOutReason leftOutBecause,
      @Nullable String reply,
      boolean isFeatured) {}
}
