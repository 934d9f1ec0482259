package nodyes.server.productlist;

import java.util.Optional;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.NodEvaluator;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.nod.Viewpoint;
import nodyes.core.targeting.Sellable;
import nodyes.core.targeting.TimedValue;
import org.joda.money.Money;

/**
 * A product with what is worked out of its facts for now.
 *
 * @param facts what is so about it
 * @param wares the same as something that is sold
 * @param price the lowest of its variants
 */
record ProductRow(ProductFacts facts, Sellable wares, Optional<Money> price) {
  /** Days of the window in which units sold are counted. */
  static final int DAYS = 30;

  static ProductRow of(ProductFacts product, Facts facts, Viewpoint now) {
    return new ProductRow(
        product,
        NodEvaluator.wares(product, facts, now),
        product.price(Optional.empty(), now.moment()));
  }

  TimedValue<Long> stock() {
    return wares.stock();
  }

  int percentOff() {
    return wares.percentOff().value().orElse(0);
  }

  /** How it stands in its own category; where it is in none, in the shop. */
  Optional<Sellable.Ranked> ranked() {
    Optional<Sellable.Ranked> own = wares.rankedInCategory(DAYS).value();
    return own.isPresent() ? own : wares.rankedInShop(DAYS).value();
  }

  long sold() {
    return ranked().map(found -> found.rank().units()).orElse(0L);
  }

  boolean isMadeToOrder() {
    return facts.variants().values().stream().anyMatch(one -> one.isMadeToOrder());
  }
}
