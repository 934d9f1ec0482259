package nodyes.server.reviews;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import nodyes.core.bringin.Flag;
import nodyes.core.review.ContactDetails;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewState;
import org.jspecify.annotations.Nullable;

/**
 * A review on the owner's desk.
 *
 * @param variant the shop's variant, as shown
 * @param variantGiven what it says of the variant
 * @param reviewer the name, as shown
 * @param reviewerGiven as it stands where it is from
 * @param wordsShown its words as shoppers read them
 * @param flags what there is to check in it
 * @param contacts contact details in its words
 * @param isContactHidden whether shoppers read them
 * @param copyOf an earlier review that it nearly repeats
 * @param pictures addresses of its pictures, as they are kept here
 * @param evidence address of a picture of the original, which shoppers do not see
 * @param sorted what was decided on the sorting table
 * @param pros what is good, a line to each
 * @param cons what is not
 */
public record ReviewLine(
    long id,
    String product,
    String productTitle,
    String picture,
    @Nullable String variant,
    @Nullable String variantGiven,
    BigDecimal stars,
    String givenRating,
    @Nullable String title,
    @Nullable String words,
    @Nullable String wordsShown,
    @Nullable String reviewer,
    @Nullable String reviewerGiven,
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
    Set<Flag> flags,
    List<ContactDetails.Detail> contacts,
    boolean isContactHidden,
    boolean isFeatured,
    @Nullable Long copyOf,
    List<String> pictures,
    @Nullable String evidence,
    @Nullable String reply,
    @Nullable String repliedBy,
    ReviewFilter.Sorted sorted,
    @Nullable LeaveOutReason sortedBecause,
    Instant arrivedAt,
    List<String> pros,
    List<String> cons) {
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
