package nodyes.core.imports;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.PlainText;
import nodyes.core.rating.Rating;

/**
 * A review as read from one row, its product not yet looked up.
 *
 * @param line where it starts in the file, counted from 1
 * @param product what the row says of the product
 * @param variant what it says of the variant
 * @param rating in stars
 * @param givenRating as it stands in the file
 * @param title a line above the words
 * @param text the text
 * @param reviewer the name
 * @param country ISO 3166-1 alpha-2
 * @param language BCP 47
 * @param reviewedOn the day
 * @param order the order's number
 * @param sourceId its id where it comes from
 * @param pictures addresses of pictures, as they stand there
 * @param reply what the shop answered
 */
public record ImportedReview(
    long line,
    Optional<String> product,
    Optional<String> variant,
    Rating rating,
    String givenRating,
    Optional<String> title,
    Optional<String> text,
    Optional<String> reviewer,
    Optional<String> country,
    Optional<String> language,
    Optional<LocalDate> reviewedOn,
    Optional<String> order,
    Optional<String> sourceId,
    List<String> pictures,
    Optional<String> reply) {
  /** Keeps the pictures unchangeable, and of the texts what is text. */
  public ImportedReview {
    variant = variant.map(PlainText::of);
    title = title.map(PlainText::of);
    text = text.map(PlainText::of);
    reviewer = reviewer.map(PlainText::of);
    reply = reply.map(PlainText::of);
    pictures = List.copyOf(pictures);
  }

  /** The same with another language. */
  public ImportedReview inLanguage(Optional<String> other) {
    return new ImportedReview(
        line,
        product,
        variant,
        rating,
        givenRating,
        title,
        text,
        reviewer,
        country,
        other,
        reviewedOn,
        order,
        sourceId,
        pictures,
        reply);
  }
}
