package nodyes.core.review;

import java.util.Optional;
import nodyes.core.common.ReviewId;
import nodyes.core.rating.Rating;

/**
 * A review that is quoted. Where it is from stays with it.
 *
 * @param id its id, of a review of a product
 * @param rating 1 to 5 stars
 * @param text all of its words, its body the quoted ones
 * @param excerpt what of them shows at first
 * @param writer who wrote it
 * @param origin where it is from
 * @param picture address of its first picture on this server
 */
public record Quote(
    Optional<ReviewId> id,
    Rating rating,
    ReviewText text,
    Excerpt excerpt,
    Writer writer,
    ReviewOrigin origin,
    Optional<String> picture) {
  /**
   * Of a review of a product; one without words is quoted by its title.
   *
   * @param longest words longer than this are cut, in characters; 0 for never
   */
  public static Quote of(Review review, int longest) {
    ReviewText said = review.text();
    String words = said.body().or(said::title).orElse("");
    return new Quote(
        Optional.of(review.id()),
        review.rating(),
        ReviewText.of(said.body().flatMap(_ -> said.title()), Optional.of(words), said.language()),
        Excerpt.of(words, said.language(), review.rating(), longest),
        review.writer(),
        review.origin(),
        review.media().first());
  }
}
