package nodyes.core.evaluation;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import nodyes.core.common.ValidUntil;
import nodyes.core.price.PriceDrop;
import nodyes.core.price.PriceHistory;
import nodyes.core.targeting.FactValue;
import org.joda.money.Money;

/**
 * What is told of a variant's price beside the one before it.
 *
 * @param drop the drop that is told; empty where none is
 * @param silence why none is told, where none is
 * @param until until when it stays so
 */
record Fall(Optional<PriceDrop> drop, FactValue.NoDiscount silence, ValidUntil until) {
  private static final FactValue.NoDiscount NOT_LOWER = silence(FactValue.NoDiscount.Why.NOT_LOWER);

  /**
   * How drops are found.
   *
   * @param daysBefore how far back the lowest price is looked for
   * @param steps which of several reductions in a row began it
   * @param daysTold for how many days a reduction is told, that on which it began included
   */
  record Rule(int daysBefore, PriceHistory.Steps steps, int daysTold) {
    /** As conditions and countdowns have it. */
    static final Rule USUAL =
        new Rule(PriceHistory.DAYS_BEFORE, PriceHistory.Steps.LATEST, PriceHistory.DAYS_TOLD);
  }

  /** From the recorded prices. */
  static Fall of(VariantFacts variant, Rule rule, Instant moment, ZoneId zone) {
    ValidUntil until = variant.history().holdsAt(moment);
    PriceDrop drop =
        variant.history().dropAt(moment, rule.daysBefore(), rule.steps(), zone).orElse(null);
    if (drop == null || !(drop.basis() instanceof PriceDrop.Recorded recorded)) {
      return new Fall(Optional.empty(), NOT_LOWER, until);
    }
    LocalDate began = LocalDate.ofInstant(recorded.began(), zone);
    Instant fades = began.plusDays(rule.daysTold()).atStartOfDay(zone).toInstant();
    if (!moment.isBefore(fades)) {
      return new Fall(
          Optional.empty(),
          new FactValue.NoDiscount(FactValue.NoDiscount.Why.LONG_AGO, Optional.of(began)),
          until);
    }
    return told(variant, drop, until.and(ValidUntil.before(fades)));
  }

  /** From the owner's price of reference. */
  static Fall ofReference(VariantFacts variant, Instant moment) {
    ValidUntil until = variant.history().holdsAt(moment);
    Money price = variant.priceAt(moment).orElse(null);
    Money prior = variant.reference().orElse(null);
    return price == null || prior == null
        ? new Fall(Optional.empty(), NOT_LOWER, until)
        : PriceDrop.of(price, prior, new PriceDrop.OwnersReference())
            .map(drop -> told(variant, drop, until))
            .orElseGet(() -> new Fall(Optional.empty(), NOT_LOWER, until));
  }

  /** Only of what can be bought, and only what is a reduction to speak of. */
  private static Fall told(VariantFacts variant, PriceDrop drop, ValidUntil until) {
    if (!drop.isTold()) {
      return new Fall(Optional.empty(), silence(FactValue.NoDiscount.Why.UNDER_ONE_PERCENT), until);
    }
    return variant.canBeBought()
        ? new Fall(Optional.of(drop), NOT_LOWER, until)
        : new Fall(Optional.empty(), silence(FactValue.NoDiscount.Why.SOLD_OUT), until);
  }

  private static FactValue.NoDiscount silence(FactValue.NoDiscount.Why why) {
    return new FactValue.NoDiscount(why, Optional.empty());
  }

  /** The one of two reasons for saying nothing that an owner would ask for first. */
  static FactValue.NoDiscount first(FactValue.NoDiscount one, FactValue.NoDiscount other) {
    return other.why().compareTo(one.why()) > 0 ? other : one;
  }
}
