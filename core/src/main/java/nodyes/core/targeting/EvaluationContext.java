package nodyes.core.targeting;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nodyes.core.rating.RatingSummary;
import org.joda.money.Money;

/**
 * What conditions are asked about: a product, a shopper and a moment.
 *
 * @param rating the product's published ratings
 * @param categories slugs of the product's categories and of those above them
 * @param tags the product's tags
 * @param price its price, or the chosen variant's, if known
 * @param country the shopper's country, if known
 * @param language the shopper's language
 * @param moment when
 * @param zone the shop's zone
 * @param wares what else is so about the product
 */
public record EvaluationContext(
    RatingSummary rating,
    Set<String> categories,
    Set<String> tags,
    Optional<Money> price,
    Optional<String> country,
    Locale language,
    Instant moment,
    ZoneId zone,
    Sellable wares) {
  /** Keeps the sets unchangeable. */
  public EvaluationContext {
    categories = Set.copyOf(categories);
    tags = Set.copyOf(tags);
  }
}
