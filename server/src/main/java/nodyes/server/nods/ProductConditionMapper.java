package nodyes.server.nods;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.targeting.ProductCondition;
import org.jspecify.annotations.Nullable;

/** Conditions on what is sold, as the back office writes them. */
final class ProductConditionMapper {
  private ProductConditionMapper() {}

  static ConditionDto of(ProductCondition condition) {
    return switch (condition) {
      case ProductCondition.ProductIn in -> new ConditionDto.ProductIn(sorted(in.products()));
      case ProductCondition.BrandIn in -> new ConditionDto.BrandIn(sorted(in.brands()));
      case ProductCondition.HasPicture _ -> new ConditionDto.HasPicture();
      case ProductCondition.PercentOffBetween off ->
          new ConditionDto.PercentOffBetween(number(off.least()), number(off.most()));
      case ProductCondition.StockBetween stock ->
          new ConditionDto.StockBetween(number(stock.least()), number(stock.most()));
      case ProductCondition.SoldAtLeast sold ->
          new ConditionDto.SoldAtLeast(sold.units(), sold.days());
      case ProductCondition.RankAtMost rank ->
          new ConditionDto.RankAtMost((long) rank.first(), rank.days(), rank.inShop());
      case ProductCondition.PublishedWithin within ->
          new ConditionDto.PublishedWithin(within.days());
    };
  }

  static List<String> sorted(Set<String> names) {
    return names.stream().sorted().toList();
  }

  private static @Nullable BigDecimal number(Optional<? extends Number> number) {
    return number.map(one -> BigDecimal.valueOf(one.longValue())).orElse(null);
  }
}
