package nodyes.core.audience;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
      Timed<Integer> off = situation.wares().percentOff();
      Figure wanted = new Figure.PercentRange(least, most);
      return timed(
          off.value()
              .map(
                  percent ->
                      Finding.of(
                          FactName.PERCENT_OFF,
                          new Figure.Percent(percent),
                          wanted,
                          lies(percent, least, most)))
              .orElseGet(() -> Finding.unknown(FactName.PERCENT_OFF, wanted)),
          off.until());
    }
  }

  /** So many pieces are in stock, both included, either open. */
  record StockBetween(Optional<Long> least, Optional<Long> most) implements WaresCondition {
    @Override
    public Answer ask(Situation situation) {
      Timed<Long> stock = situation.wares().stock();
      Figure wanted = new Figure.CountRange(least, most);
      return timed(
          stock
              .value()
              .map(
                  pieces ->
                      Finding.of(
                          FactName.STOCK,
                          new Figure.Count(pieces),
                          wanted,
                          lies(pieces, least, most)))
              .orElseGet(() -> Finding.unknown(FactName.STOCK, wanted)),
          stock.until());
    }
  }

  /** At least so many units were sold in a window of days, today the last of them. */
  record SoldAtLeast(long units, int days) implements WaresCondition {
    @Override
    public Answer ask(Situation situation) {
      Timed<Wares.Ranked> ranked = situation.wares().ranked(days, true);
      Figure wanted = new Figure.Sold(units, days);
      return timed(
          ranked
              .value()
              .map(
                  found ->
                      Finding.of(
                          FactName.UNITS_SOLD,
                          new Figure.Sold(found.standing().units(), days),
                          wanted,
                          found.standing().units() >= units))
              .orElseGet(() -> Finding.unknown(FactName.UNITS_SOLD, wanted)),
          ranked.until());
    }
  }

  /** Among the first so many by units sold in a window of days, in the shop or its category. */
  record RankAtMost(int first, int days, boolean inShop) implements WaresCondition {
    @Override
    public Answer ask(Situation situation) {
      Timed<Wares.Ranked> ranked = situation.wares().ranked(days, inShop);
      Figure wanted = new Figure.FirstOf(first);
      return timed(
          ranked
              .value()
              .map(
                  found ->
                      Finding.of(
                          FactName.SALES_RANK,
                          new Figure.Rank(found.group(), found.standing(), days),
                          wanted,
                          found.standing().units() > 0 && found.standing().rank() <= first))
              .orElseGet(() -> Finding.unknown(FactName.SALES_RANK, wanted)),
          ranked.until());
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

  private static Answer timed(Finding finding, ValidUntil until) {
    return new Answer(finding.met(), List.of(finding), until);
  }

  private static <N extends Comparable<N>> boolean lies(
      N number, Optional<N> least, Optional<N> most) {
    return least.map(bound -> number.compareTo(bound) >= 0).orElse(true)
        && most.map(bound -> number.compareTo(bound) <= 0).orElse(true);
  }
}
