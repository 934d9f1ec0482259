package nodyes.server.reviews;

import java.util.Set;

/**
 * What shoppers say of some products' reviews changed, and so their order; ratings and counts are
 * the same.
 *
 * @param products their slugs
 */
public record ReviewVotesChanged(Set<String> products) {}
