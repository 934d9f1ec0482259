package nodyes.server.reviews;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_PICTURE;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.rating.Rating;
import nodyes.core.review.ContactDetails;
import nodyes.core.review.NameDisplay;
import nodyes.generated.tables.records.ReviewRecord;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;

/** Rows of the desk: what each says. */
final class ReviewListStore {
  private ReviewListStore() {}

  /** The rows with their pictures, which are asked for all at once. */
  static List<ReviewListItem> lines(DSLContext sql, List<? extends Record> rows) {
    List<Long> pictured =
        rows.stream()
            .filter(row -> row.get(REVIEW.PICTURE_COUNT) > 0)
            .map(row -> row.get(REVIEW.ID))
            .toList();
    Map<Long, List<String>> pictures =
        pictured.isEmpty()
            ? Map.of()
            : sql.select(REVIEW_PICTURE.REVIEW_ID, REVIEW_PICTURE.FILE)
                .from(REVIEW_PICTURE)
                .where(REVIEW_PICTURE.REVIEW_ID.in(pictured).and(REVIEW_PICTURE.FILE.gt("")))
                .orderBy(REVIEW_PICTURE.REVIEW_ID, REVIEW_PICTURE.POSITION)
                .fetchGroups(
                    REVIEW_PICTURE.REVIEW_ID, row -> ReviewPictures.unpublished(row.value2()));
    return rows.stream()
        .map(row -> line(row, pictures.getOrDefault(row.get(REVIEW.ID), List.of())))
        .toList();
  }

  private static ReviewListItem line(Record row, List<String> pictures) {
    ReviewRecord review = row.into(REVIEW);
    return new ReviewListItem(
        review.getId(),
        new ReviewListItem.Subject(
            row.get(PRODUCT.SLUG),
            row.get(PRODUCT.TITLE),
            row.get(PRODUCT.PICTURE),
            review.getVariant(),
            review.getRawVariant()),
        new Rating(review.getRatingParts()).stars(2),
        review.getRawRating(),
        text(row.get(REVIEW.TITLE), review),
        new ReviewListItem.ListedWriter(
            review.getReviewer(), review.getRawReviewer(), nameForm(review), review.getCountry()),
        origin(review),
        moderation(review),
        new ReviewListItem.ListedMedia(
            pictures,
            review.getOriginalFile() == null
                ? null
                : ReviewPictures.evidence(review.getOriginalFile())));
  }

  private static ReviewListItem.ListedText text(@Nullable String title, ReviewRecord review) {
    String words = review.getText();
    return new ReviewListItem.ListedText(
        title,
        words,
        words != null && review.getIsContactHidden() ? ContactDetails.hide(words) : words,
        review.getLanguage(),
        words == null ? List.of() : ContactDetails.in(words),
        review.getIsContactHidden(),
        review.getPros(),
        review.getCons());
  }

  private static ReviewListItem.ListedOrigin origin(ReviewRecord review) {
    return new ReviewListItem.ListedOrigin(
        review.getOrigin(),
        review.getOrderNumber(),
        review.getSource(),
        review.getSourceLine(),
        review.getImportId(),
        Objects.toString(review.getReviewedOn(), null),
        review.getReceivedAt(),
        review.getIsVerifiedAtSource(),
        review.getIncentive());
  }

  private static ReviewListItem.ListedModeration moderation(ReviewRecord review) {
    return new ReviewListItem.ListedModeration(
        review.getStatus(),
        review.getLeftOutReason(),
        ReviewFlag.of(review.getFlags()),
        review.getDuplicateOf(),
        review.getIsFeatured(),
        review.getReply(),
        review.getRepliedBy(),
        ReviewFilter.ImportDecision.of(review.getImportDecision()),
        review.getImportDecisionReason());
  }

  private static @Nullable NameDisplay nameForm(ReviewRecord review) {
    String given = review.getRawReviewer();
    return given == null
        ? null
        : NameDisplay.shownAs(given, Optional.ofNullable(review.getReviewer())).orElse(null);
  }
}
