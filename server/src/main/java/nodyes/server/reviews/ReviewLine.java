package nodyes.server.reviews;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewState;
import org.jspecify.annotations.Nullable;

/** A review on the owner's desk. */
public record ReviewLine(
    long id,
    String product,
    String productTitle,
    String picture,
    @Nullable String variant,
    BigDecimal stars,
    String givenRating,
    @Nullable String title,
    @Nullable String words,
    @Nullable String reviewer,
    @Nullable String country,
    @Nullable String language,
    @Nullable LocalDate writtenOn,
    ReviewState state,
    @Nullable LeaveOutReason leftOutBecause,
    Origin origin,
    @Nullable String orderNumber,
    @Nullable String source,
    @Nullable Long sourceLine,
    @Nullable Long batchId,
    Instant arrivedAt) {
  /** Where a review is from. */
  public enum Origin {
    /** Tied to an order of this shop. */
    VERIFIED,
    /** Written on this shop's page, purchase not checked. */
    UNVERIFIED,
    /** Written elsewhere, purchase not checked. */
    BROUGHT_IN
  }
}
