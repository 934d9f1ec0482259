package nodyes.server.reviews;

import java.util.Set;

/**
 * What shoppers see of some products' reviews changed.
 *
 * @param products their slugs
 */
public record PublishedReviewsChanged(Set<String> products) {}
