package nodyes.server.nods;

import java.math.BigDecimal;
import java.util.Optional;
import nodyes.core.targeting.ProductCondition;
import org.jspecify.annotations.Nullable;

/** Conditions on what is sold, as the back office writes them. */
final class ProductConditionMapper {
  private ProductConditionMapper() {}

  static ConditionDto of(ProductCondition condition) {
    return switch (condition) {
      case ProductCondition.ProductIn in ->
          ConditionDto.named(
              ConditionDto.Kind.PRODUCT_IN, in.products().stream().sorted().toList());
      case ProductCondition.BrandIn in ->
          ConditionDto.named(ConditionDto.Kind.BRAND_IN, in.brands().stream().sorted().toList());
      case ProductCondition.HasPicture _ -> ConditionDto.of(ConditionDto.Kind.HAS_PICTURE);
      case ProductCondition.PercentOffBetween off ->
          ConditionDto.range(
              ConditionDto.Kind.PERCENT_OFF_BETWEEN, number(off.least()), number(off.most()));
      case ProductCondition.StockBetween stock ->
          ConditionDto.range(
              ConditionDto.Kind.STOCK_BETWEEN, number(stock.least()), number(stock.most()));
      case ProductCondition.SoldAtLeast sold ->
          ConditionDto.within(ConditionDto.Kind.SOLD_AT_LEAST, sold.units(), sold.days(), null);
      case ProductCondition.RankAtMost rank ->
          ConditionDto.within(
              ConditionDto.Kind.RANK_AT_MOST, (long) rank.first(), rank.days(), rank.inShop());
      case ProductCondition.PublishedWithin within ->
          ConditionDto.within(ConditionDto.Kind.PUBLISHED_WITHIN, null, within.days(), null);
    };
  }

  private static @Nullable BigDecimal number(Optional<? extends Number> number) {
    return number.map(one -> BigDecimal.valueOf(one.longValue())).orElse(null);
  }
}
