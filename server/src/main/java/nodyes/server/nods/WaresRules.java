package nodyes.server.nods;

import java.math.BigDecimal;
import java.util.Optional;
import nodyes.core.audience.WaresCondition;
import org.jspecify.annotations.Nullable;

/** Conditions on what is sold, as the back office writes them. */
final class WaresRules {
  private WaresRules() {}

  static Rule of(WaresCondition condition) {
    return switch (condition) {
      case WaresCondition.ProductIn in ->
          Rule.named(Rule.Kind.PRODUCT_IN, in.products().stream().sorted().toList());
      case WaresCondition.BrandIn in ->
          Rule.named(Rule.Kind.BRAND_IN, in.brands().stream().sorted().toList());
      case WaresCondition.HasPicture _ -> Rule.of(Rule.Kind.HAS_PICTURE);
      case WaresCondition.PercentOffBetween off ->
          Rule.range(Rule.Kind.PERCENT_OFF_BETWEEN, number(off.least()), number(off.most()));
      case WaresCondition.StockBetween stock ->
          Rule.range(Rule.Kind.STOCK_BETWEEN, number(stock.least()), number(stock.most()));
      case WaresCondition.SoldAtLeast sold ->
          Rule.within(Rule.Kind.SOLD_AT_LEAST, sold.units(), sold.days(), null);
      case WaresCondition.RankAtMost rank ->
          Rule.within(Rule.Kind.RANK_AT_MOST, (long) rank.first(), rank.days(), rank.inShop());
      case WaresCondition.PublishedWithin within ->
          Rule.within(Rule.Kind.PUBLISHED_WITHIN, null, within.days(), null);
    };
  }

  private static @Nullable BigDecimal number(Optional<? extends Number> number) {
    return number.map(one -> BigDecimal.valueOf(one.longValue())).orElse(null);
  }
}
