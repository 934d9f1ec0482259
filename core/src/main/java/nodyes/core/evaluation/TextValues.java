package nodyes.core.evaluation;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Label;
import nodyes.core.nod.TextValue;
import nodyes.core.price.PriceDrop;
import nodyes.core.sales.SalesRank;
import nodyes.core.targeting.Condition;
import nodyes.core.targeting.EvaluationContext;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Sellable;
import nodyes.core.targeting.TimedValue;
import org.jspecify.annotations.Nullable;

/** The values that a label's words can put in, for a product as it is offered. */
final class TextValues {
  private final Label label;
  private final EvaluationContext situation;
  private final OfferedProduct offered;
  private @Nullable Drops drops;
  private @Nullable TimedValue<Sellable.Ranked> ranked;

  TextValues(Label label, EvaluationContext situation, OfferedProduct offered) {
    this.label = label;
    this.situation = situation;
    this.offered = offered;
  }

  /**
   * What the prices of the variants that can be bought fell by.
   *
   * @param best the greatest drop, in what the label tells; the first of those alike
   * @param differ whether these variants do not all have the same
   * @param silence why none is told, where none is
   * @param until until when it stays so
   */
  record Drops(
      Optional<PriceDrop> best, boolean differ, FactValue.NoDiscount silence, ValidUntil until) {}

  Drops drops() {
    Drops known = drops;
    if (known == null) {
      known = find();
      drops = known;
    }
    return known;
  }

  private Drops find() {
    PriceDrop best = null;
    boolean differ = false;
    boolean isFirst = true;
    ValidUntil until = offered.priceUntil();
    FactValue.NoDiscount silence =
        new FactValue.NoDiscount(FactValue.NoDiscount.Why.NOT_LOWER, Optional.empty());
    for (VariantFacts variant : offered.variants()) {
      Fall fall = fall(variant);
      until = until.and(fall.until());
      silence = Fall.first(silence, fall.silence());
      if (!variant.canBeBought()) {
        continue;
      }
      PriceDrop drop = fall.drop().orElse(null);
      differ |= !isFirst && !isAlike(best, drop);
      isFirst = false;
      if (best == null || (drop != null && isMore(drop, best))) {
        best = drop;
      }
    }
    return new Drops(Optional.ofNullable(best), differ, silence, until);
  }

  private Fall fall(VariantFacts variant) {
    return switch (label.against()) {
      case LOWEST_BEFORE ->
          offered.fall(variant, new Fall.Rule(label.daysBefore(), label.steps(), label.daysTold()));
      case OWN_REFERENCE -> Fall.ofReference(variant, offered.viewpoint().moment());
    };
  }

  private boolean isAlike(@Nullable PriceDrop one, @Nullable PriceDrop other) {
    if (one == null || other == null) {
      return one == null && other == null;
    }
    return label.tells() == Label.AmountFormat.AMOUNT
        ? one.amount().equals(other.amount())
        : one.percent() == other.percent();
  }

  private boolean isMore(PriceDrop drop, PriceDrop best) {
    if (label.tells() == Label.AmountFormat.AMOUNT && drop.amount().isSameCurrency(best.amount())) {
      return drop.amount().isGreaterThan(best.amount());
    }
    return drop.percent() > best.percent();
  }

  boolean isPriceKnown() {
    return situation.price().isPresent();
  }

  TimedValue<Sellable.Ranked> ranked() {
    TimedValue<Sellable.Ranked> known = ranked;
    if (known == null) {
      known =
          label.isAmongAll()
              ? offered.rankedInShop(label.days())
              : offered.rankedInCategory(label.days());
      ranked = known;
    }
    return known;
  }

  /** A value, and until when it stays so. */
  TimedValue<TextValue> of(TextValue.Name name) {
    return switch (name) {
      case PERCENT_OFF -> priced(drops().best().map(drop -> new TextValue.Percent(drop.percent())));
      case AMOUNT_OFF -> priced(drops().best().map(drop -> new TextValue.Amount(drop.amount())));
      case PRICE -> priced(price().map(TextValue.Amount::new));
      case PRIOR_PRICE -> priced(drops().best().map(drop -> new TextValue.Amount(drop.prior())));
      case RANK ->
          sold(
              found ->
                  Optional.of(found.rank())
                      .filter(SalesRank::isRanked)
                      .map(one -> number(one.rank())));
      case UNITS_SOLD -> sold(found -> Optional.of(number(found.rank().units())));
      case CATEGORY ->
          TimedValue.lasting(
              offered
                  .product()
                  .traits()
                  .category()
                  .map(category -> new TextValue.Text(category.title())));
      case STOCK -> {
        TimedValue<Long> stock = offered.stock();
        yield new TimedValue<>(
            offered.isMadeToOrder() ? Optional.empty() : stock.value().map(TextValues::number),
            stock.until());
      }
      case RATING -> TimedValue.lasting(situation.rating().mean(1).map(TextValue.Plain::new));
      case REVIEWS -> TimedValue.lasting(Optional.of(number(situation.rating().count())));
      case COUNTRY -> TimedValue.lasting(situation.country().map(TextValue.Country::new));
      case DAYS_LEFT -> daysLeft();
      case BACK_ON -> TimedValue.lasting(offered.backOn().map(TextValue.Day::new));
    };
  }

  /** What the reduced variant costs; where none is reduced the lowest price. */
  private Optional<org.joda.money.Money> price() {
    return drops().best().map(PriceDrop::price).or(situation::price);
  }

  private TimedValue<TextValue> priced(Optional<? extends TextValue> value) {
    return new TimedValue<>(value.map(one -> one), drops().until());
  }

  private TimedValue<TextValue> sold(
      java.util.function.Function<Sellable.Ranked, Optional<TextValue>> value) {
    TimedValue<Sellable.Ranked> found = ranked();
    return new TimedValue<>(found.value().flatMap(value), found.until());
  }

  private static TextValue number(long value) {
    return new TextValue.Plain(BigDecimal.valueOf(value));
  }

  /** To the end of the price or of the label's own period, whichever is first; today counts. */
  private TimedValue<TextValue> daysLeft() {
    ValidUntil ends = offered.priceUntil();
    for (Condition part : parts(label.placement().audience())) {
      if (part instanceof Condition.Between(_, var to)
          && to.filter(end -> end.isAfter(situation.moment())).isPresent()) {
        ends = ends.and(new ValidUntil(to));
      }
    }
    LocalDate today = offered.today();
    ValidUntil tomorrow = ValidUntil.before(offered.startOf(today.plusDays(1)));
    if (ends.end().isEmpty()) {
      return new TimedValue<>(Optional.empty(), ends);
    }
    Instant last = ends.end().get().minusMillis(1);
    long days = ChronoUnit.DAYS.between(today, LocalDate.ofInstant(last, offered.zone())) + 1;
    return new TimedValue<>(Optional.of(number(days)), tomorrow.and(ends));
  }

  private static java.util.List<Condition> parts(Condition condition) {
    return condition instanceof Condition.AllOf(var parts) ? parts : java.util.List.of(condition);
  }
}
