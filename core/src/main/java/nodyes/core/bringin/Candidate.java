package nodyes.core.bringin;

import java.time.LocalDate;
import java.util.Optional;
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
    Optional<String> sourceId) {}
