package nodyes.server.reviews;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.ContactDetails;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.NameDisplay;
import nodyes.core.review.ReviewStatus;
import org.jspecify.annotations.Nullable;

/**
 * A review on the owner's desk.
 *
 * @param variant the shop's variant, as shown
 * @param rawVariant what it says of the variant
 * @param reviewer the name, as shown
 * @param rawReviewer as it stands where it is from
 * @param nameForm the form in which that is shown; missing where it is another
 * @param wordsShown its words as shoppers read them
 * @param flags what there is to check in it
 * @param contacts contact details in its words
 * @param isContactHidden whether shoppers read them
 * @param duplicateOf an earlier review that it nearly repeats
 * @param pictures addresses of its pictures, as they are kept here
 * @param originalFile address of a picture of the original, which shoppers do not see
 * @param decision what was decided when its import was checked
 * @param pros what is good, a line to each
 * @param cons what is not
 */
public record ReviewListItem(
    long id,
    String product,
    String productTitle,
    String picture,
    @Nullable String variant,
    @Nullable String rawVariant,
    BigDecimal stars,
    String rawRating,
    @Nullable String title,
    @Nullable String text,
    @Nullable String wordsShown,
    @Nullable String reviewer,
    @Nullable String rawReviewer,
    @Nullable NameDisplay nameForm,
    @Nullable String country,
    @Nullable String language,
    @Nullable LocalDate reviewedOn,
    ReviewStatus status,
    @Nullable LeaveOutReason leftOutReason,
    Origin origin,
    @Nullable String orderNumber,
    @Nullable String source,
    @Nullable Long sourceLine,
    @Nullable Long importId,
    Set<ReviewFlag> flags,
    List<ContactDetails.Detail> contacts,
    boolean isContactHidden,
    boolean isFeatured,
    @Nullable Long duplicateOf,
    List<String> pictures,
    @Nullable String originalFile,
    @Nullable String reply,
    @Nullable String repliedBy,
    ReviewFilter.ImportDecision decision,
    @Nullable LeaveOutReason decisionReason,
    Instant receivedAt,
    List<String> pros,
    List<String> cons) {
  /** Where a review is from. */
  public enum Origin {
    /** Tied to an order of this shop. */
    VERIFIED,
    /** Written on this shop's page, purchase not checked. */
    UNVERIFIED,
    /** Written elsewhere, purchase not checked. */
    IMPORTED
  }
}
