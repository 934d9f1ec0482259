package nodyes.server.reviews;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What reviews have in common; what is null lets all through.
 *
 * @param stars of so many whole stars
 * @param language in that language
 * @param country from that country
 * @param origin from there
 * @param pictures with pictures, or without
 * @param from written on that day or later
 * @param to written on that day or earlier
 */
public record ReviewTraits(
    @Nullable Integer stars,
    @Nullable String language,
    @Nullable String country,
    ReviewListItem.@Nullable Origin origin,
    @Nullable Boolean pictures,
    @Nullable LocalDate from,
    @Nullable LocalDate to) {
  /** Any review. */
  public static final ReviewTraits ANY = new ReviewTraits(null, null, null, null, null, null, null);
}
