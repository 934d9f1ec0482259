package nodyes.core.audience;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import nodyes.core.common.ValidUntil;

/** Conditions on a product as something that is sold. */
public sealed interface WaresCondition extends Condition {
  /** It is one of these products. */
  record ProductIn(Set<String> products) implements WaresCondition {
    /** Keeps the products unchangeable. */
    public ProductIn {
      products = Set.copyOf(products);
    }

    @Override
    public Answer ask(Situation situation) {
      return Groups.anyName(FactName.PRODUCT, Set.of(situation.wares().slug()), products);
    }
  }

  /** It is sold under one of these brands. */
  record BrandIn(Set<String> brands) implements WaresCondition {
    /** Keeps the brands unchangeable. */
    public BrandIn {
      brands = Set.copyOf(brands);
    }

    @Override
    public Answer ask(Situation situation) {
      return situation
          .wares()
          .brand()
          .map(brand -> Groups.anyName(FactName.BRAND, Set.of(brand), brands))
          .orElseGet(() -> Answer.lasting(Finding.unknown(FactName.BRAND, Groups.names(brands))));
    }
  }

  /** The shop has a picture of it. */
  record HasPicture() implements WaresCondition {
    @Override
    public Answer ask(Situation situation) {
      boolean has = situation.wares().hasPicture();
      return Answer.lasting(
          Finding.of(FactName.PICTURE, new Figure.Count(has ? 1 : 0), new Figure.Count(1), has));
    }
  }

  /**
   * Its price lies from {@code least} to {@code most} percent under the lowest of the 30 days
   * before its reduction, both included, either open.
   */
  record PercentOffBetween(Optional<Integer> least, Optional<Integer> most)
      implements WaresCondition {
    @Override
    public Answer ask(Situation situation) {
      return ranged(
          FactName.PERCENT_OFF,
          situation.wares().percentOff(),
          percent -> percent == 0 ? situation.wares().noDrop() : new Figure.Percent(percent),
          new Figure.PercentRange(least, most),
          percent -> lies(percent, least, most));
    }
  }

  /** So many pieces are in stock, both included, either open. */
  record StockBetween(Optional<Long> least, Optional<Long> most) implements WaresCondition {
    @Override
    public Answer ask(Situation situation) {
      return ranged(
          FactName.STOCK,
          situation.wares().stock(),
          Figure.Count::new,
          new Figure.CountRange(least, most),
          pieces -> lies(pieces, least, most));
    }
  }

  /** At least so many units were sold in a window of days, today the last of them. */
  record SoldAtLeast(long units, int days) implements WaresCondition {
    @Override
    public Answer ask(Situation situation) {
      return ranged(
          FactName.UNITS_SOLD,
          situation.wares().ranked(days, true),
          found -> new Figure.Sold(found.standing().units(), days),
          new Figure.Sold(units, days),
          found -> found.standing().units() >= units);
    }
  }

  /** Among the first so many by units sold in a window of days, in the shop or its category. */
  record RankAtMost(int first, int days, boolean inShop) implements WaresCondition {
    @Override
    public Answer ask(Situation situation) {
      return ranged(
          FactName.SALES_RANK,
          situation.wares().ranked(days, inShop),
          found -> new Figure.Rank(found.group(), found.standing(), days),
          new Figure.FirstOf(first),
          found -> found.standing().units() > 0 && found.standing().rank() <= first);
    }
  }

  /** The shop first showed it within so many days, the first of them included. */
  record PublishedWithin(int days) implements WaresCondition {
    @Override
    public Answer ask(Situation situation) {
      Figure wanted = new Figure.Days(days);
      Optional<LocalDate> first = situation.wares().firstPublished();
      if (first.isEmpty()) {
        return Answer.lasting(Finding.unknown(FactName.FIRST_PUBLISHED, wanted));
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
          Finding.of(FactName.FIRST_PUBLISHED, new Figure.Day(first.get()), wanted, met), until);
    }
  }

  /** A finding about a fact that may be unknown, for as long as the fact stays so. */
  private static <T> Answer ranged(
      FactName fact,
      Timed<T> known,
      Function<T, Figure> figure,
      Figure wanted,
      Predicate<T> isMet) {
    return timed(
        known
            .value()
            .map(value -> Finding.of(fact, figure.apply(value), wanted, isMet.test(value)))
            .orElseGet(() -> Finding.unknown(fact, wanted)),
        known.until());
  }

  private static Answer timed(Finding finding, ValidUntil until) {
    return new Answer(finding.met(), List.of(finding), until);
  }

  private static <N extends Comparable<N>> boolean lies(
      N number, Optional<N> least, Optional<N> most) {
    return least.map(bound -> number.compareTo(bound) >= 0).orElse(true)
        && most.map(bound -> number.compareTo(bound) <= 0).orElse(true);
  }
}
