package nodyes.server.reviews;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.ContactDetails;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.NameDisplay;
import nodyes.core.review.ReviewStatus;
import org.jspecify.annotations.Nullable;

/**
 * A review on the owner's desk, written as one flat object.
 *
 * @param rawRating as it stands where it is from
 */
public record ReviewListItem(
    long id,
    @JsonUnwrapped Subject subject,
    BigDecimal stars,
    String rawRating,
    @JsonUnwrapped ListedText text,
    @JsonUnwrapped ListedWriter writer,
    @JsonUnwrapped ListedOrigin from,
    @JsonUnwrapped ListedModeration moderation,
    @JsonUnwrapped ListedMedia media) {
  /** Where a review is from. */
  public enum Origin {
    /** Tied to an order of this shop. */
    VERIFIED,
    /** Written on this shop's page, purchase not checked. */
    UNVERIFIED,
    /** Written elsewhere, purchase not checked. */
    IMPORTED
  }

  /**
   * What a review speaks of.
   *
   * @param variant the shop's variant, as shown
   * @param rawVariant what it says of the variant
   */
  public record Subject(
      String product,
      String productTitle,
      String picture,
      @Nullable String variant,
      @Nullable String rawVariant) {}

  /**
   * What a review says.
   *
   * @param wordsShown its words as shoppers read them
   * @param contacts contact details in its words
   * @param isContactHidden whether shoppers read them
   * @param pros what is good, a line to each
   * @param cons what is not
   */
  public record ListedText(
      @Nullable String title,
      @Nullable String text,
      @Nullable String wordsShown,
      @Nullable String language,
      List<ContactDetails.Detail> contacts,
      boolean isContactHidden,
      List<String> pros,
      List<String> cons) {}

  /**
   * Who wrote a review.
   *
   * @param reviewer the name, as shown
   * @param rawReviewer as it stands where it is from
   * @param nameForm the form in which that is shown; missing where it is another
   */
  public record ListedWriter(
      @Nullable String reviewer,
      @Nullable String rawReviewer,
      @Nullable NameDisplay nameForm,
      @Nullable String country) {}

  /**
   * Where a review is from, and when it was written and came.
   *
   * @param isVerifiedThere whether it is called a verified purchase there
   * @param incentive what was given for it
   */
  public record ListedOrigin(
      Origin origin,
      @Nullable String orderNumber,
      @Nullable String source,
      @Nullable Long sourceLine,
      @Nullable Long importId,
      @Nullable String reviewedOn,
      Instant receivedAt,
      boolean isVerifiedThere,
      @Nullable String incentive) {}

  /**
   * What was made of a review.
   *
   * @param flags what there is to check in it
   * @param duplicateOf an earlier review that it nearly repeats
   * @param decision what was decided when its import was checked
   */
  public record ListedModeration(
      ReviewStatus status,
      @Nullable LeaveOutReason leftOutReason,
      Set<ReviewFlag> flags,
      @Nullable Long duplicateOf,
      boolean isFeatured,
      @Nullable String reply,
      @Nullable String repliedBy,
      ReviewFilter.ImportDecision decision,
      @Nullable LeaveOutReason decisionReason) {}

  /**
   * Pictures of a review.
   *
   * @param pictures their addresses, as they are kept here
   * @param originalFile address of a picture of the original, which shoppers do not see
   */
  public record ListedMedia(List<String> pictures, @Nullable String originalFile) {}
}
