package nodyes.server.products;

import java.util.Optional;
import nodyes.core.audience.Timed;
import nodyes.core.audience.Wares;
import nodyes.core.nod.Viewpoint;
import nodyes.core.showing.Facts;
import nodyes.core.showing.ProductFacts;
import nodyes.core.showing.Showing;
import org.joda.money.Money;

/**
 * A product with what is worked out of its facts for now.
 *
 * @param facts what is so about it
 * @param wares the same as something that is sold
 * @param price the lowest of its variants
 */
record ProductRow(ProductFacts facts, Wares wares, Optional<Money> price) {
  /** Days of the window in which units sold are counted. */
  static final int DAYS = 30;

  static ProductRow of(ProductFacts product, Facts facts, Viewpoint now) {
    return new ProductRow(
        product, Showing.wares(product, facts, now), product.price(Optional.empty(), now.moment()));
  }

  Timed<Long> stock() {
    return wares.stock();
  }

  int percentOff() {
    return wares.percentOff().value().orElse(0);
  }

  /** How it stands in its own category; where it is in none, in the shop. */
  Optional<Wares.Ranked> ranked() {
    Optional<Wares.Ranked> own = wares.ranked(DAYS, false).value();
    return own.isPresent() ? own : wares.ranked(DAYS, true).value();
  }

  long sold() {
    return ranked().map(found -> found.standing().units()).orElse(0L);
  }

  boolean isMadeToOrder() {
    return facts.variants().values().stream().anyMatch(one -> one.isMadeToOrder());
  }
}
