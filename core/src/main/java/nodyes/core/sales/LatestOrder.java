package nodyes.core.sales;

import java.time.Instant;
import java.util.Optional;

/**
 * The last order of a product.
 *
 * @param placedAt when it was placed
 * @param country where it goes (ISO 3166), if known
 * @param town where it goes, where so many orders went there that it points to nobody
 * @param firstName of whoever ordered, where that person lets the shop tell it
 */
public record LatestOrder(
    Instant placedAt,
    Optional<String> country,
    Optional<String> town,
    Optional<String> firstName) {}
