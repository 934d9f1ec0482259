package nodyes.server.reviews;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_PICTURE;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.rating.Rating;
import nodyes.core.review.ContactDetails;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.NameDisplay;
import nodyes.core.review.ReviewStatus;
import nodyes.generated.tables.records.ReviewRecord;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;

/** Rows of the desk: what each says. */
final class ReviewListStore {
  private ReviewListStore() {}

  /** What was decided; nothing is open. */
  static ReviewFilter.ImportDecision sorted(@Nullable String name) {
    return name == null
        ? ReviewFilter.ImportDecision.OPEN
        : ReviewFilter.ImportDecision.valueOf(name);
  }

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
    String words = review.getText();
    String day = review.getReviewedOn();
    return new ReviewListItem(
        review.getId(),
        row.get(PRODUCT.SLUG),
        row.get(PRODUCT.TITLE),
        row.get(PRODUCT.PICTURE),
        review.getVariant(),
        review.getRawVariant(),
        new Rating(review.getRatingParts()).stars(2),
        review.getRawRating(),
        row.get(REVIEW.TITLE),
        words,
        words != null && review.getIsContactHidden() ? ContactDetails.hide(words) : words,
        review.getReviewer(),
        review.getRawReviewer(),
        nameForm(review),
        review.getCountry(),
        review.getLanguage(),
        day == null ? null : LocalDate.parse(day),
        ReviewStatus.valueOf(review.getStatus()),
        reason(review.getLeftOutReason()),
        ReviewListItem.Origin.valueOf(review.getOrigin()),
        review.getOrderNumber(),
        review.getSource(),
        review.getSourceLine(),
        review.getImportId(),
        ReviewFlag.of(review.getFlags()),
        words == null ? List.of() : ContactDetails.in(words),
        review.getIsContactHidden(),
        review.getIsFeatured(),
        review.getDuplicateOf(),
        pictures,
        review.getOriginalFile() == null ? null : ReviewPictures.evidence(review.getOriginalFile()),
        review.getReply(),
        review.getRepliedBy(),
        sorted(review.getImportDecision()),
        reason(review.getImportDecisionReason()),
        review.getReceivedAt(),
        DetailStore.lines(review.getPros()),
        DetailStore.lines(review.getCons()));
  }

  private static @Nullable NameDisplay nameForm(ReviewRecord review) {
    String given = review.getRawReviewer();
    return given == null
        ? null
        : NameDisplay.shownAs(given, Optional.ofNullable(review.getReviewer())).orElse(null);
  }

  static @Nullable LeaveOutReason reason(@Nullable String name) {
    return name == null ? null : LeaveOutReason.valueOf(name);
  }
}
