package nodyes.core.imports;

import java.time.LocalDate;
import java.util.Optional;
import nodyes.core.common.PlainText;
import nodyes.core.rating.Rating;
import nodyes.core.review.ReviewMedia;
import nodyes.core.review.ReviewText;
import nodyes.core.review.Writer;

/**
 * A review as read from one row, its product not yet looked up.
 *
 * @param line where it starts in the file, counted from 1
 * @param product what the row says of the product
 * @param variant what it says of the variant
 * @param rating in stars
 * @param givenRating as it stands in the file
 * @param text what it says
 * @param writer who wrote it
 * @param source what ties it to where it is from
 * @param media its pictures, with addresses as they stand there
 * @param reply what the shop answered
 */
public record ImportedReview(
    long line,
    Optional<String> product,
    Optional<String> variant,
    Rating rating,
    String givenRating,
    ReviewText text,
    Writer writer,
    Source source,
    ReviewMedia media,
    Optional<String> reply) {
  /**
   * What ties a review to where it is from.
   *
   * @param reviewedOn the day
   * @param order the order's number
   * @param sourceId its id where it comes from
   */
  public record Source(
      Optional<LocalDate> reviewedOn, Optional<String> order, Optional<String> sourceId) {
    /** One of whose writing the day alone may be known. */
    public static Source writtenOn(Optional<LocalDate> day) {
      return new Source(day, Optional.empty(), Optional.empty());
    }
  }

  /** Keeps of the texts what is text. */
  public ImportedReview {
    variant = variant.map(PlainText::of);
    reply = reply.map(PlainText::of);
  }

  /** The same with another language. */
  public ImportedReview inLanguage(Optional<String> other) {
    return new ImportedReview(
        line,
        product,
        variant,
        rating,
        givenRating,
        text.inLanguage(other),
        writer,
        source,
        media,
        reply);
  }
}
