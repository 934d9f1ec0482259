package nodyes.core.showing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewFacets;
import org.joda.money.Money;

/**
 * What is so about one product.
 *
 * @param id its id
 * @param slug its name in addresses
 * @param title what the shop calls it
 * @param categories slugs of its categories and of those above them
 * @param tags its tags
 * @param prices price by SKU of each variant, the shop's order kept
 * @param rating its published ratings
 * @param verified how many of those are verified purchases
 * @param newest its newest published reviews, as many as the nods asked for need
 * @param facets what its published reviews can be parted by, where a nod asks for it
 */
public record ProductFacts(
    ProductId id,
    Slug slug,
    String title,
    Set<String> categories,
    Set<String> tags,
    Map<String, Money> prices,
    RatingSummary rating,
    long verified,
    List<Review> newest,
    ReviewFacets facets) {
  /** The chosen variant's price; without a choice the lowest; empty where it is not known. */
  public Optional<Money> price(Optional<String> variant) {
    return variant
        .map(sku -> Optional.ofNullable(prices.get(sku)))
        .orElseGet(() -> prices.values().stream().min(Money::compareTo));
  }
}
