package nodyes.server.reviews;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewStatus;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Votes;
import nodyes.core.review.Writer;
import org.jspecify.annotations.Nullable;

/**
 * A review that goes out. Its rating is in stars, 1 to 5, with as many digits as bring the very
 * same rating in again.
 *
 * @param subject what it speaks of
 * @param media its pictures, with addresses where they came from
 * @param extras what is told besides
 */
public record ExportedReview(
    long id,
    Subject subject,
    String rating,
    ReviewText text,
    Writer writer,
    ExportedOrigin origin,
    ExportedModeration moderation,
    ReviewMedia media,
    ExportedExtras extras) {
  /**
   * What a review speaks of.
   *
   * @param product name in addresses
   * @param title the product's
   */
  public record Subject(String product, String title, Optional<String> variant) {}

  /**
   * Where it is from.
   *
   * @param isVerifiedThere whether it is called a verified purchase there
   * @param incentive what was given for it
   */
  public record ExportedOrigin(
      ReviewListItem.Origin origin,
      @Nullable String source,
      @Nullable String sourceId,
      @Nullable String order,
      @Nullable ReviewDate date,
      boolean isVerifiedThere,
      @Nullable String incentive) {}

  /** What was made of it. */
  public record ExportedModeration(
      ReviewStatus state,
      @Nullable LeaveOutReason leftOutBecause,
      @Nullable String reply,
      @Nullable Instant repliedAt,
      boolean isFeatured) {}

  /**
   * What others said of it, and it of single things.
   *
   * @param criteria stars, by the names of the things
   * @param votes those of shoppers here and where it came from
   */
  public record ExportedExtras(Map<String, Integer> criteria, Votes votes) {}
}
