package nodyes.core.review;

import java.time.LocalDate;
import java.util.Optional;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Rating;

/**
 * A review that is quoted. Where it is from stays with it.
 *
 * @param id its id, of a review of a product
 * @param rating 1 to 5 stars
 * @param title a line above the words
 * @param text all of them
 * @param excerpt what of them shows at first
 * @param reviewer the name
 * @param country ISO 3166-1 alpha-2
 * @param language BCP 47 tag of the words
 * @param reviewedOn the day it was written
 * @param provenance where it is from
 * @param incentive what was given for it
 * @param picture address of its first picture on this server
 */
public record Quote(
    Optional<ReviewId> id,
    Rating rating,
    Optional<String> title,
    String text,
    Excerpt excerpt,
    Optional<String> reviewer,
    Optional<String> country,
    Optional<String> language,
    Optional<LocalDate> reviewedOn,
    Provenance provenance,
    Optional<String> incentive,
    Optional<String> picture) {
  /**
   * Of a review of a product; one without words is quoted by its title.
   *
   * @param longest words longer than this are cut, in characters; 0 for never
   */
  public static Quote of(Review review, int longest) {
    String words = review.text().or(review::title).orElse("");
    return new Quote(
        Optional.of(review.id()),
        review.rating(),
        review.text().flatMap(_ -> review.title()),
        words,
        Excerpt.of(words, review.language(), review.rating(), longest),
        review.reviewer(),
        review.country(),
        review.language(),
        review.reviewedOn(),
        review.provenance(),
        review.incentive(),
        review.pictures().stream().findFirst());
  }
}
