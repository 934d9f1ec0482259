package nodyes.server.reviews;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A review that goes out. Its rating is in stars, 1 to 5, with as many digits as bring the very
 * same rating in again.
 *
 * @param product name in addresses
 * @param productTitle its title
 * @param pictures addresses where the pictures came from
 */
public record ExportedReview(
    long id,
    String product,
    String productTitle,
    @Nullable String variant,
    String rating,
    @Nullable String title,
    @Nullable String text,
    @Nullable String reviewer,
    @Nullable String country,
    @Nullable String language,
    @Nullable String date,
    @Nullable String order,
    @Nullable String sourceId,
    List<String> pictures,
    @Nullable String reply,
    String state,
    @Nullable String leftOutBecause,
    String origin,
    @Nullable String source,
    boolean isFeatured) {}
