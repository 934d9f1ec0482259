package nodyes.server.reviews;

import java.util.List;

/**
 * What the stored reviews can be parted by.
 *
 * @param languages BCP 47 primary languages, most used first
 * @param countries ISO 3166-1 alpha-2 codes, most frequent first
 */
public record Facets(List<String> languages, List<String> countries) {}
