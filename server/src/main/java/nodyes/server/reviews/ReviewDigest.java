package nodyes.server.reviews;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What a review says, to be compared with others.
 *
 * @param id its id
 * @param batch the import it came with; 0 for none
 * @param text its words; empty where it has none
 * @param wholeStar its rating, 1 to 5
 * @param reviewedOn its day, where it is known
 */
public record ReviewDigest(
    long id, long batch, String text, int wholeStar, Optional<LocalDate> reviewedOn) {}
