package nodyes.server.publishedreviews;

import static nodyes.generated.Tables.REVIEW_PICTURE;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Rating;
import nodyes.core.review.ContactDetails;
import nodyes.core.review.Moderation;
import nodyes.core.review.Provenance;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewOrigin;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Votes;
import nodyes.core.review.Writer;
import nodyes.generated.tables.records.ReviewRecord;
import nodyes.server.reviews.ReviewPictures;
import org.jooq.DSLContext;

/** Rows of published reviews, as shoppers may see them. */
final class ReviewRowStore {
  private ReviewRowStore() {}

  /** The reviews of rows, their pictures and stars for single things asked for all at once. */
  static List<Review> reviews(DSLContext sql, Collection<ReviewRecord> rows) {
    List<Long> pictured =
        rows.stream().filter(row -> row.getPictureCount() > 0).map(ReviewRecord::getId).toList();
    Map<Long, List<String>> pictures =
        pictured.isEmpty()
            ? Map.of()
            : sql.select(REVIEW_PICTURE.REVIEW_ID, REVIEW_PICTURE.FILE)
                .from(REVIEW_PICTURE)
                .where(REVIEW_PICTURE.REVIEW_ID.in(pictured))
                .and(REVIEW_PICTURE.FILE.ne(ReviewPictures.MISSING))
                .orderBy(REVIEW_PICTURE.REVIEW_ID, REVIEW_PICTURE.POSITION)
                .fetchGroups(REVIEW_PICTURE.REVIEW_ID, row -> ReviewPictures.address(row.value2()));
    Map<Long, Map<Long, Integer>> criteria =
        AspectRatingStore.criteria(sql, rows.stream().map(ReviewRecord::getId).toList());
    return rows.stream()
        .map(
            row ->
                review(
                    row,
                    pictures.getOrDefault(row.getId(), List.of()),
                    criteria.getOrDefault(row.getId(), Map.of())))
        .toList();
  }

  private static Review review(
      ReviewRecord row, List<String> pictures, Map<Long, Integer> criteria) {
    return new Review(
        new ReviewId(row.getId()),
        new Rating(row.getRatingParts()),
        criteria,
        Optional.ofNullable(row.getVariant()),
        text(row),
        new Writer(Optional.ofNullable(row.getReviewer()), Optional.ofNullable(row.getCountry())),
        new ReviewOrigin(
            provenance(row),
            Optional.ofNullable(row.getReviewedOn()),
            Optional.ofNullable(row.getIncentive())),
        new Moderation(Optional.ofNullable(row.getReply()), row.getIsFeatured()),
        new ReviewMedia(pictures),
        new Votes(row.getHelpful(), row.getNotHelpful()));
  }

  private static ReviewText text(ReviewRecord row) {
    return new ReviewText(
        Optional.ofNullable(row.getTitle()),
        Optional.ofNullable(row.getText())
            .map(words -> row.getIsContactHidden() ? ContactDetails.hide(words) : words),
        Optional.ofNullable(row.getLanguage()),
        row.getPros(),
        row.getCons());
  }

  private static Provenance provenance(ReviewRecord row) {
    return switch (row.getOrigin()) {
      case VERIFIED -> new Provenance.VerifiedPurchase(row.getOrderNumber());
      case UNVERIFIED -> new Provenance.Unverified();
      case IMPORTED ->
          new Provenance.BroughtIn(
              Optional.ofNullable(row.getSource()).orElse(""),
              Optional.ofNullable(row.getSourceId()),
              row.getReceivedAt());
    };
  }
}
