package nodyes.core.evaluation;

import java.time.Instant;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
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
 * @param traits what else is so about it
 * @param variants by SKU, the shop's order kept
 * @param reviews what is so about its published reviews
 */
public record ProductFacts(
    ProductId id,
    Slug slug,
    String title,
    Set<String> categories,
    Set<String> tags,
    ProductAttributes traits,
    Map<String, VariantFacts> variants,
    ReviewFacts reviews) {
  /** Keeps the variants unchangeable, in their order. */
  public ProductFacts {
    variants = Collections.unmodifiableMap(new LinkedHashMap<>(variants));
  }

  /** A product of whose variants the prices alone are known. */
  public ProductFacts(
      ProductId id,
      Slug slug,
      String title,
      Set<String> categories,
      Set<String> tags,
      Map<String, Money> prices,
      ReviewFacts reviews) {
    this(id, slug, title, categories, tags, ProductAttributes.NONE, priced(prices), reviews);
  }

  private static Map<String, VariantFacts> priced(Map<String, Money> prices) {
    var variants = new LinkedHashMap<String, VariantFacts>();
    prices.forEach((sku, price) -> variants.put(sku, VariantFacts.priced(sku, price)));
    return variants;
  }

  /** Its published ratings, added up. */
  public RatingSummary rating() {
    return reviews.rating();
  }

  /** The chosen variant; without a choice all; none where the chosen one is not known. */
  Collection<VariantFacts> chosen(Optional<String> variant) {
    if (variant.isEmpty()) {
      return variants.values();
    }
    VariantFacts one = variants.get(variant.get());
    return one == null ? List.of() : List.of(one);
  }

  /**
   * The chosen variant's price at a moment; without a choice the lowest; empty where it is not
   * known.
   */
  public Optional<Money> price(Optional<String> variant, Instant moment) {
    Money lowest = null;
    for (VariantFacts one : chosen(variant)) {
      Money price = one.priceAt(moment).orElse(null);
      if (price != null
          && (lowest == null || (price.isSameCurrency(lowest) && price.isLessThan(lowest)))) {
        lowest = price;
      }
    }
    return Optional.ofNullable(lowest);
  }
}
