package nodyes.core.targeting;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Unfit;
import nodyes.core.common.ValidUntil;
import org.joda.money.Money;

/**
 * Who sees a nod: a tree of conditions, nested once, each of which reports its own finding. Those
 * that ask about the product's trade are {@link ProductCondition}s.
 */
public sealed interface Condition
    permits Condition.AllOf,
        Condition.AnyOf,
        Condition.ReviewsAtLeast,
        Condition.RatingAtLeast,
        Condition.InCategory,
        Condition.HasTag,
        Condition.PriceBetween,
        Condition.CountryIn,
        Condition.LanguageIn,
        Condition.Between,
        Condition.Daily,
        ProductCondition {
  /** Everyone, everywhere, always. */
  static Condition everyone() {
    return new AllOf(List.of());
  }

  /** Whether it is met, why, and until when that holds. */
  ConditionResult ask(EvaluationContext situation);

  /** How many groups lie inside one another here; 0 for a single condition. */
  default int depth() {
    return 0;
  }

  /** All of the parts; with none, always met. */
  record AllOf(List<Condition> parts) implements Condition {
    /** Throws {@link IllegalArgumentException} where groups are nested more than once. */
    public AllOf {
      parts = ConditionGroups.checked(parts);
    }

    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return ConditionGroups.all(parts, situation);
    }

    @Override
    public int depth() {
      return 1 + ConditionGroups.depth(parts);
    }
  }

  /** Any of the parts; with none, never met. */
  record AnyOf(List<Condition> parts) implements Condition {
    /** Throws {@link IllegalArgumentException} where groups are nested more than once. */
    public AnyOf {
      parts = ConditionGroups.checked(parts);
    }

    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return parts.isEmpty()
          ? ConditionResult.lasting(
              Finding.of(
                  FactName.GROUP_CONDITIONS, new FactValue.Count(0), new FactValue.Count(1), false))
          : ConditionGroups.any(parts, situation);
    }

    @Override
    public int depth() {
      return 1 + ConditionGroups.depth(parts);
    }
  }

  /** At least so many published reviews. */
  record ReviewsAtLeast(long count) implements Condition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      long have = situation.rating().count();
      return ConditionResult.lasting(
          Finding.of(
              FactName.REVIEWS,
              new FactValue.Count(have),
              new FactValue.Count(count),
              have >= count));
    }
  }

  /** A mean of at least {@code stars} from at least {@code reviews} reviews. */
  record RatingAtLeast(BigDecimal stars, long reviews) implements Condition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      ConditionResult enough = new ReviewsAtLeast(reviews).ask(situation);
      FactValue wanted = new FactValue.Stars(stars);
      Finding mean =
          situation
              .rating()
              .meanCut(2)
              .map(
                  value ->
                      Finding.of(
                          FactName.AVERAGE_RATING,
                          new FactValue.Stars(value),
                          wanted,
                          situation.rating().meanAtLeast(stars)))
              .orElseGet(() -> Finding.unknown(FactName.AVERAGE_RATING, wanted));
      return new ConditionResult(
          enough.met() && mean.met(),
          List.of(enough.findings().getFirst(), mean),
          ValidUntil.NEVER_ENDS);
    }
  }

  /** In any of the categories, or in one below them. */
  record InCategory(Set<String> categories) implements Condition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return ConditionGroups.anyName(FactName.CATEGORY, situation.categories(), categories);
    }
  }

  /** With any of the tags. */
  record HasTag(Set<String> tags) implements Condition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return ConditionGroups.anyName(FactName.TAG, situation.tags(), tags);
    }
  }

  /** A price from {@code least} to {@code most}, both included, either open. */
  record PriceBetween(Optional<Money> least, Optional<Money> most) implements Condition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      FactValue wanted = new FactValue.AmountRange(least, most);
      Finding finding =
          situation
              .price()
              .filter(this::comparable)
              .map(
                  price ->
                      Finding.of(FactName.PRICE, new FactValue.Amount(price), wanted, holds(price)))
              .orElseGet(() -> Finding.unknown(FactName.PRICE, wanted));
      return new ConditionResult(finding.met(), List.of(finding), situation.wares().priceUntil());
    }

    private boolean comparable(Money price) {
      return least.map(price::isSameCurrency).orElse(true)
          && most.map(price::isSameCurrency).orElse(true);
    }

    private boolean holds(Money price) {
      return least.map(bound -> !price.isLessThan(bound)).orElse(true)
          && most.map(bound -> !price.isGreaterThan(bound)).orElse(true);
    }
  }

  /** The shopper is in any of the countries (ISO 3166-1 alpha-2). */
  record CountryIn(Set<String> countries) implements Condition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      FactValue wanted = ConditionGroups.names(countries);
      return ConditionResult.lasting(
          situation
              .country()
              .map(
                  country ->
                      Finding.of(
                          FactName.COUNTRY,
                          new FactValue.NameList(List.of(country)),
                          wanted,
                          countries.contains(country)))
              .orElseGet(() -> Finding.unknown(FactName.COUNTRY, wanted)));
    }
  }

  /** The shopper reads any of the languages (BCP 47 primary subtags). */
  record LanguageIn(Set<String> languages) implements Condition {
    @Override
    public ConditionResult ask(EvaluationContext situation) {
      return ConditionGroups.anyName(
          FactName.LANGUAGE, Set.of(situation.language().getLanguage()), languages);
    }
  }

  /** From an instant (included) to an instant (excluded), either open. */
  record Between(Optional<Instant> from, Optional<Instant> to) implements Condition {
    /** Throws {@link IllegalArgumentException} where it ends before it starts. */
    public Between {
      if (from.isPresent() && to.isPresent() && !from.get().isBefore(to.get())) {
        throw new Unfit("rules.endBeforeStart");
      }
    }

    @Override
    public ConditionResult ask(EvaluationContext situation) {
      Instant now = situation.moment();
      boolean early = from.map(now::isBefore).orElse(false);
      boolean late = to.map(end -> !now.isBefore(end)).orElse(false);
      FactValue.Phase phase =
          early ? FactValue.Phase.BEFORE : late ? FactValue.Phase.AFTER : FactValue.Phase.WITHIN;
      Finding finding =
          Finding.of(
              FactName.DATE_RANGE,
              phase,
              new FactValue.Period(from, to),
              phase == FactValue.Phase.WITHIN);
      ValidUntil until =
          new ValidUntil(
              switch (phase) {
                case BEFORE -> from;
                case WITHIN -> to;
                case AFTER, OUTSIDE -> Optional.empty();
              });
      return new ConditionResult(finding.met(), List.of(finding), until);
    }
  }

  /**
   * Each of the weekdays from a wall time (included) to a wall time (excluded) in the shop's zone.
   * An end at or before the start lies on the next day; the weekday is the one it starts on.
   */
  record Daily(LocalTime from, LocalTime to, Set<DayOfWeek> days) implements Condition {
    /** Keeps the weekdays unchangeable; throws {@link IllegalArgumentException} without any. */
    public Daily {
      days = Set.copyOf(days);
      if (days.isEmpty()) {
        throw new Unfit("rules.chooseWeekday");
      }
    }

    @Override
    public ConditionResult ask(EvaluationContext situation) {
      var window = new DailyTimeRange(from, to, days, situation.zone());
      boolean open = window.isOpen(situation.moment());
      Finding finding =
          Finding.of(
              FactName.TIME_OF_DAY,
              open ? FactValue.Phase.WITHIN : FactValue.Phase.OUTSIDE,
              new FactValue.DailyTimes(from, to, days),
              open);
      return new ConditionResult(
          open, List.of(finding), new ValidUntil(window.nextChange(situation.moment())));
    }
  }
}
