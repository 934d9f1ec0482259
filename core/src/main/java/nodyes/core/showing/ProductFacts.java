package nodyes.core.showing;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.rating.RatingSummary;
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
 * @param reviews what is so about its published reviews
 */
public record ProductFacts(
    ProductId id,
    Slug slug,
    String title,
    Set<String> categories,
    Set<String> tags,
    Map<String, Money> prices,
    ReviewFacts reviews) {
  /** Its published ratings, added up. */
  public RatingSummary rating() {
    return reviews.rating();
  }

  /** The chosen variant's price; without a choice the lowest; empty where it is not known. */
  public Optional<Money> price(Optional<String> variant) {
    return variant
        .map(sku -> Optional.ofNullable(prices.get(sku)))
        .orElseGet(() -> prices.values().stream().min(Money::compareTo));
  }
}
