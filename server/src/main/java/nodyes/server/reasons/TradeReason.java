package nodyes.server.reasons;

import java.util.Optional;
import nodyes.core.common.Said;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;
import nodyes.server.messages.Written;
import org.joda.money.Money;

/** Messages on prices, stock, sales and visitors. */
final class TradeReason {
  String amount(FactValue figure) {
    return figure instanceof FactValue.Amount(Money value) ? Written.money(value) : "";
  }

  /** A figure that may stand in a text of the owner's. */
  String plain(FactValue figure) {
    return switch (figure) {
      case FactValue.Percent(int value) -> value + "%";
      case FactValue.Discount reduced -> reduced.percent() + "%";
      case FactValue.Amount(Money value) -> Written.money(value);
      case FactValue.Count(long value) -> Written.decimal(value);
      case FactValue.Day(var day) -> Written.day(day);
      case FactValue.Stars(var stars) -> Written.decimal(stars);
      case FactValue.Unknown _,
          FactValue.Visitors _,
          FactValue.EstimatedDelivery _,
          FactValue.NoEstimate _,
          FactValue.ReturnsUntil _,
          FactValue.NoReturns _,
          FactValue.CountRange _,
          FactValue.NoDiscount _,
          FactValue.PercentRange _,
          FactValue.UnitsSold _,
          FactValue.RankInGroup _,
          FactValue.TopN _,
          FactValue.MaxAgeDays _,
          FactValue.NameList _,
          FactValue.AmountRange _,
          FactValue.Period _,
          FactValue.DailyTimes _,
          FactValue.Phase _,
          FactValue.Switch _ ->
          "";
    };
  }

  private static String bounds(boolean hasLeast, boolean hasMost) {
    return hasLeast && hasMost ? "range" : hasMost ? "max" : "min";
  }

  Said price(Finding finding) {
    if (finding.met()
        || !(finding.required() instanceof FactValue.AmountRange(var least, var most))) {
      return Reason.of("PRICE.met", "have", amount(finding.actual()));
    }
    return Reason.of(
        "PRICE.missing." + bounds(least.isPresent(), most.isPresent()),
        "have",
        amount(finding.actual()),
        "min",
        least.map(Written::money).orElse(""),
        "max",
        most.map(Written::money).orElse(""));
  }

  Said drop(Finding finding) {
    String needs = finding.met() ? ".met" : ".missing";
    Optional<Integer> least = least(finding.required());
    Optional<Integer> most =
        finding.required() instanceof FactValue.PercentRange range ? range.max() : Optional.empty();
    int min = least.orElse(1);
    int max = most.orElse(100);
    return switch (finding.actual()) {
      case FactValue.NoDiscount(var why, var began) ->
          Reason.of(
              "DISCOUNT." + why.name(), "day", began.map(Written::day).orElse(""), "min", min);
      case FactValue.Discount reduced ->
          Reason.of(
              "DISCOUNT." + (reduced.daysBefore() > 0 ? "lowest" : "own") + needs,
              "price",
              Written.money(reduced.price()),
              "prior",
              Written.money(reduced.prior()),
              "percent",
              reduced.percent(),
              "days",
              reduced.daysBefore(),
              "min",
              min);
      case FactValue.Percent(int percent) ->
          Reason.of(
              finding.met()
                  ? "DISCOUNT.lower"
                  : "DISCOUNT.lower." + bounds(least.isPresent(), most.isPresent()),
              "percent",
              percent,
              "min",
              min,
              "max",
              max);
      case FactValue.Unknown _,
          FactValue.Visitors _,
          FactValue.EstimatedDelivery _,
          FactValue.NoEstimate _,
          FactValue.ReturnsUntil _,
          FactValue.NoReturns _,
          FactValue.Count _,
          FactValue.CountRange _,
          FactValue.PercentRange _,
          FactValue.UnitsSold _,
          FactValue.RankInGroup _,
          FactValue.TopN _,
          FactValue.Day _,
          FactValue.MaxAgeDays _,
          FactValue.Stars _,
          FactValue.Amount _,
          FactValue.NameList _,
          FactValue.AmountRange _,
          FactValue.Period _,
          FactValue.DailyTimes _,
          FactValue.Phase _,
          FactValue.Switch _ ->
          Reason.of("DISCOUNT.unknown");
    };
  }

  private static Optional<Integer> least(FactValue wanted) {
    if (wanted instanceof FactValue.PercentRange range) {
      return range.min();
    }
    return wanted instanceof FactValue.Percent(int value) ? Optional.of(value) : Optional.empty();
  }

  Said stock(Finding finding) {
    if (!(finding.actual() instanceof FactValue.Count(long have))) {
      return Reason.of("STOCK.madeToOrder");
    }
    if (finding.met()
        || !(finding.required() instanceof FactValue.CountRange(var least, var most))) {
      return Reason.of("STOCK.met", "have", have);
    }
    String key =
        most.filter(max -> max == 0).isPresent()
            ? "soldOutOnly"
            : bounds(least.isPresent(), most.isPresent());
    return Reason.of(
        "STOCK.missing." + key, "have", have, "min", least.orElse(0L), "max", most.orElse(0L));
  }

  Said sold(Finding finding) {
    long have = finding.actual() instanceof FactValue.UnitsSold sold ? sold.units() : 0;
    int days =
        finding.actual() instanceof FactValue.UnitsSold sold
            ? sold.days()
            : finding.required() instanceof FactValue.UnitsSold want ? want.days() : 1;
    long need = finding.required() instanceof FactValue.UnitsSold want ? want.units() : 1;
    return Reason.of(
        "UNITS_SOLD." + (finding.met() ? "met" : "missing") + (days == 1 ? ".today" : ".days"),
        "have",
        have,
        "days",
        days,
        "need",
        need);
  }

  Said rank(Finding finding) {
    if (!(finding.actual() instanceof FactValue.RankInGroup(var group, var standing, int days))) {
      return Reason.of("SALES_RANK.unknown");
    }
    if (!standing.isRanked()) {
      return Reason.of("SALES_RANK.notSold", "days", days, "of", standing.of());
    }
    return Reason.of(
        "SALES_RANK."
            + (finding.met() ? "met" : "missing")
            + (group.isEmpty() ? ".shop" : ".group"),
        "rank",
        standing.rank(),
        "of",
        standing.of(),
        "group",
        group,
        "units",
        standing.units(),
        "days",
        days,
        "need",
        finding.required() instanceof FactValue.TopN(int places) ? places : 1);
  }

  Said visitors(Finding finding) {
    long need =
        finding.required() instanceof FactValue.CountRange(Optional<Long> least, _)
            ? least.orElse(1L)
            : FindingReason.count(finding.required());
    if (!(finding.actual() instanceof FactValue.Visitors(long number, var window, boolean isAny))) {
      return Reason.of("VISITORS.later", "need", need);
    }
    if (!isAny) {
      return Reason.of("VISITORS.none");
    }
    return Reason.of(
        finding.met() ? "VISITORS.met" : "VISITORS.missing",
        "have",
        number,
        "window",
        window.name(),
        "need",
        need);
  }
}
