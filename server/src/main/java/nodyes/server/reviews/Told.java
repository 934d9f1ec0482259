package nodyes.server.reviews;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What a review says, to be compared with others.
 *
 * @param id its id
 * @param batch the batch it came with; 0 for none
 * @param words its words; empty where it has none
 * @param wholeStar its rating, 1 to 5
 * @param writtenOn its day
 */
public record Told(
    long id, long batch, String words, int wholeStar, Optional<LocalDate> writtenOn) {}
