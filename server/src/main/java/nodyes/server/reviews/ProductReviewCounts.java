package nodyes.server.reviews;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * How the reviews of a product stand.
 *
 * @param product slug of the product
 * @param average of the published ones, in stars, to one decimal; null without any
 */
public record ProductReviewCounts(
    String product,
    String title,
    String picture,
    long published,
    long waiting,
    long held,
    long leftOut,
    @Nullable BigDecimal average) {}
