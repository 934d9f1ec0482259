package nodyes.core.targeting;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import nodyes.core.common.ValidUntil;

/** Conditions on a product as something that is sold. */
public sealed interface ProductCondition extends Condition {
  /** It is one of these products. */
  record ProductIn(Set<String> products) implements ProductCondition {
    /** Keeps the products unchangeable. */
    public ProductIn {
      products = Set.copyOf(products);
    }

    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return ConditionGroups.anyName(FactName.PRODUCT, Set.of(situation.wares().slug()), products);
    }
  }

  /** It is sold under one of these brands. */
  record BrandIn(Set<String> brands) implements ProductCondition {
    /** Keeps the brands unchangeable. */
    public BrandIn {
      brands = Set.copyOf(brands);
    }

    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return situation
          .wares()
          .brand()
          .map(brand -> ConditionGroups.anyName(FactName.BRAND, Set.of(brand), brands))
          .orElseGet(
              () ->
                  ConditionResult.lasting(
                      Finding.unknown(FactName.BRAND, ConditionGroups.names(brands))));
    }
  }

  /** The shop has a picture of it. */
  record HasPicture() implements ProductCondition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      boolean has = situation.wares().hasPicture();
      return ConditionResult.lasting(
          Finding.of(
              FactName.PICTURE, new FactValue.Count(has ? 1 : 0), new FactValue.Count(1), has));
    }
  }

  /**
   * Its price lies from {@code least} to {@code most} percent under the lowest of the 30 days
   * before its reduction, both included, either open.
   */
  record PercentOffBetween(Optional<Integer> least, Optional<Integer> most)
      implements ProductCondition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return ranged(
          FactName.DISCOUNT,
          situation.wares().percentOff(),
          percent -> percent == 0 ? situation.wares().noDrop() : new FactValue.Percent(percent),
          new FactValue.PercentRange(least, most),
          percent -> lies(percent, least, most));
    }
  }

  /** So many pieces are in stock, both included, either open. */
  record StockBetween(Optional<Long> least, Optional<Long> most) implements ProductCondition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return ranged(
          FactName.STOCK,
          situation.wares().stock(),
          FactValue.Count::new,
          new FactValue.CountRange(least, most),
          pieces -> lies(pieces, least, most));
    }
  }

  /** At least so many units were sold in a window of days, today the last of them. */
  record SoldAtLeast(long units, int days) implements ProductCondition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return ranged(
          FactName.UNITS_SOLD,
          situation.wares().rankedInShop(days),
          found -> new FactValue.UnitsSold(found.rank().units(), days),
          new FactValue.UnitsSold(units, days),
          found -> found.rank().units() >= units);
    }
  }

  /** Among the first so many by units sold in a window of days, in the shop or its category. */
  record RankAtMost(int first, int days, boolean inShop) implements ProductCondition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return ranged(
          FactName.SALES_RANK,
          inShop ? situation.wares().rankedInShop(days) : situation.wares().rankedInCategory(days),
          found -> new FactValue.RankInGroup(found.group(), found.rank(), days),
          new FactValue.TopN(first),
          found -> found.rank().isRanked() && found.rank().rank() <= first);
    }
  }

  /** The shop first showed it within so many days, the first of them included. */
  record PublishedWithin(int days) implements ProductCondition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      FactValue wanted = new FactValue.MaxAgeDays(days);
      Optional<LocalDate> first = situation.wares().firstPublished();
      if (first.isEmpty()) {
        return ConditionResult.lasting(Finding.unknown(FactName.ADDED_ON, wanted));
      }
      LocalDate today = LocalDate.ofInstant(situation.moment(), situation.zone());
      LocalDate ends = first.get().plusDays(days);
      boolean early = today.isBefore(first.get());
      boolean met = !early && today.isBefore(ends);
      ValidUntil until =
          met || early
              ? ValidUntil.before(
                  (early ? first.get() : ends).atStartOfDay(situation.zone()).toInstant())
              : ValidUntil.NEVER_ENDS;
      return timed(
          Finding.of(FactName.ADDED_ON, new FactValue.Day(first.get()), wanted, met), until);
    }
  }

  /** A finding about a fact that may be unknown, for as long as the fact stays so. */
  private static <T> ConditionResult ranged(
      FactName fact,
      TimedValue<T> known,
      Function<T, FactValue> figure,
      FactValue wanted,
      Predicate<T> isMet) {
    return timed(
        known
            .value()
            .map(value -> Finding.of(fact, figure.apply(value), wanted, isMet.test(value)))
            .orElseGet(() -> Finding.unknown(fact, wanted)),
        known.until());
  }

  private static ConditionResult timed(Finding finding, ValidUntil until) {
    return new ConditionResult(finding.met(), List.of(finding), until);
  }

  private static <N extends Comparable<N>> boolean lies(
      N number, Optional<N> least, Optional<N> most) {
    return least.map(bound -> number.compareTo(bound) >= 0).orElse(true)
        && most.map(bound -> number.compareTo(bound) <= 0).orElse(true);
  }
}
