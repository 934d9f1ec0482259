package nodyes.core.bringin;

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
 * @param words the text
 * @param reviewer the name
 * @param country ISO 3166-1 alpha-2
 * @param language BCP 47
 * @param writtenOn the day
 * @param order the order's number
 * @param sourceId its id where it comes from
 * @param pictures addresses of pictures, as they stand there
 * @param reply what the shop answered
 */
public record Candidate(
    long line,
    Optional<String> product,
    Optional<String> variant,
    Rating rating,
    String givenRating,
    Optional<String> title,
    Optional<String> words,
    Optional<String> reviewer,
    Optional<String> country,
    Optional<String> language,
    Optional<LocalDate> writtenOn,
    Optional<String> order,
    Optional<String> sourceId,
    List<String> pictures,
    Optional<String> reply) {
  /** Keeps the pictures unchangeable, and of the texts what is text. */
  public Candidate {
    variant = variant.map(PlainText::of);
    title = title.map(PlainText::of);
    words = words.map(PlainText::of);
    reviewer = reviewer.map(PlainText::of);
    reply = reply.map(PlainText::of);
    pictures = List.copyOf(pictures);
  }

  /** The same with another language. */
  public Candidate inLanguage(Optional<String> other) {
    return new Candidate(
        line,
        product,
        variant,
        rating,
        givenRating,
        title,
        words,
        reviewer,
        country,
        other,
        writtenOn,
        order,
        sourceId,
        pictures,
        reply);
  }
}
