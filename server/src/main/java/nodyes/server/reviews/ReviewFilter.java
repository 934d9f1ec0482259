package nodyes.server.reviews;

import nodyes.core.review.ReviewState;
import org.jspecify.annotations.Nullable;

/**
 * Which reviews to list.
 *
 * @param state in that state, or in any
 * @param product of the product with that slug, or of any
 * @param batch from that batch, or from any
 * @param text whose words, title or reviewer hold it; empty for any
 */
public record ReviewFilter(
    @Nullable ReviewState state, @Nullable String product, @Nullable Long batch, String text) {}
