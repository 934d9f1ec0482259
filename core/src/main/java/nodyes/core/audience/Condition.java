package nodyes.core.audience;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.ValidUntil;
import org.joda.money.Money;

/**
 * Who sees a nod: a tree of conditions, nested once, each of which reports its own finding. Those
 * that ask about the product's trade are {@link WaresCondition}s.
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
        WaresCondition {
  /** Everyone, everywhere, always. */
  static Condition everyone() {
    return new AllOf(List.of());
  }

  /** Whether it is met, why, and until when that holds. */
  Answer ask(Situation situation);

  /** How many groups lie inside one another here; 0 for a single condition. */
  default int depth() {
    return 0;
  }

  /** All of the parts; with none, always met. */
  record AllOf(List<Condition> parts) implements Condition {
    /** Throws {@link IllegalArgumentException} where groups are nested more than once. */
    public AllOf {
      parts = Groups.checked(parts);
    }

    @Override
    public Answer ask(Situation situation) {
      return Groups.ask(parts, situation, false);
    }

    @Override
    public int depth() {
      return 1 + Groups.depth(parts);
    }
  }

  /** Any of the parts; with none, never met. */
  record AnyOf(List<Condition> parts) implements Condition {
    /** Throws {@link IllegalArgumentException} where groups are nested more than once. */
    public AnyOf {
      parts = Groups.checked(parts);
    }

    @Override
    public Answer ask(Situation situation) {
      return parts.isEmpty()
          ? Answer.lasting(
              Finding.of(FactName.CONDITIONS, new Figure.Count(0), new Figure.Count(1), false))
          : Groups.ask(parts, situation, true);
    }

    @Override
    public int depth() {
      return 1 + Groups.depth(parts);
    }
  }

  /** At least so many published reviews. */
  record ReviewsAtLeast(long count) implements Condition {
    @Override
    public Answer ask(Situation situation) {
      long have = situation.rating().count();
      return Answer.lasting(
          Finding.of(
              FactName.REVIEWS, new Figure.Count(have), new Figure.Count(count), have >= count));
    }
  }

  /** A mean of at least {@code stars} from at least {@code reviews} reviews. */
  record RatingAtLeast(BigDecimal stars, long reviews) implements Condition {
    @Override
    public Answer ask(Situation situation) {
      Answer enough = new ReviewsAtLeast(reviews).ask(situation);
      Figure wanted = new Figure.Stars(stars);
      Finding mean =
          situation
              .rating()
              .meanCut(2)
              .map(
                  value ->
                      Finding.of(
                          FactName.MEAN_RATING,
                          new Figure.Stars(value),
                          wanted,
                          situation.rating().meanAtLeast(stars)))
              .orElseGet(() -> Finding.unknown(FactName.MEAN_RATING, wanted));
      return new Answer(
          enough.met() && mean.met(),
          List.of(enough.findings().getFirst(), mean),
          ValidUntil.NEVER_ENDS);
    }
  }

  /** In any of the categories, or in one below them. */
  record InCategory(Set<String> categories) implements Condition {
    @Override
    public Answer ask(Situation situation) {
      return Groups.anyName(FactName.CATEGORY, situation.categories(), categories);
    }
  }

  /** With any of the tags. */
  record HasTag(Set<String> tags) implements Condition {
    @Override
    public Answer ask(Situation situation) {
      return Groups.anyName(FactName.TAG, situation.tags(), tags);
    }
  }

  /** A price from {@code least} to {@code most}, both included, either open. */
  record PriceBetween(Optional<Money> least, Optional<Money> most) implements Condition {
    @Override
    public Answer ask(Situation situation) {
      Figure wanted = new Figure.AmountRange(least, most);
      Finding finding =
          situation
              .price()
              .filter(this::comparable)
              .map(
                  price ->
                      Finding.of(FactName.PRICE, new Figure.Amount(price), wanted, holds(price)))
              .orElseGet(() -> Finding.unknown(FactName.PRICE, wanted));
      return new Answer(finding.met(), List.of(finding), situation.wares().priceUntil());
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
    public Answer ask(Situation situation) {
      Figure wanted = Groups.names(countries);
      return Answer.lasting(
          situation
              .country()
              .map(
                  country ->
                      Finding.of(
                          FactName.COUNTRY,
                          new Figure.Names(List.of(country)),
                          wanted,
                          countries.contains(country)))
              .orElseGet(() -> Finding.unknown(FactName.COUNTRY, wanted)));
    }
  }

  /** The shopper reads any of the languages (BCP 47 primary subtags). */
  record LanguageIn(Set<String> languages) implements Condition {
    @Override
    public Answer ask(Situation situation) {
      return Groups.anyName(
          FactName.LANGUAGE, Set.of(situation.language().getLanguage()), languages);
    }
  }

  /** From an instant (included) to an instant (excluded), either open. */
  record Between(Optional<Instant> from, Optional<Instant> to) implements Condition {
    /** Throws {@link IllegalArgumentException} where it ends before it starts. */
    public Between {
      if (from.isPresent() && to.isPresent() && !from.get().isBefore(to.get())) {
        throw new IllegalArgumentException("a period ends after it starts");
      }
    }

    @Override
    public Answer ask(Situation situation) {
      Instant now = situation.moment();
      boolean early = from.map(now::isBefore).orElse(false);
      boolean late = to.map(end -> !now.isBefore(end)).orElse(false);
      Figure.Phase phase =
          early ? Figure.Phase.BEFORE : late ? Figure.Phase.AFTER : Figure.Phase.WITHIN;
      Finding finding =
          Finding.of(
              FactName.PERIOD, phase, new Figure.Period(from, to), phase == Figure.Phase.WITHIN);
      ValidUntil until =
          new ValidUntil(
              switch (phase) {
                case BEFORE -> from;
                case WITHIN -> to;
                case AFTER, OUTSIDE -> Optional.empty();
              });
      return new Answer(finding.met(), List.of(finding), until);
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
        throw new IllegalArgumentException("a daily time is for at least one weekday");
      }
    }

    @Override
    public Answer ask(Situation situation) {
      var window = new DailyWindow(from, to, days, situation.zone());
      boolean open = window.isOpen(situation.moment());
      Finding finding =
          Finding.of(
              FactName.TIME_OF_DAY,
              open ? Figure.Phase.WITHIN : Figure.Phase.OUTSIDE,
              new Figure.DailyTimes(from, to, days),
              open);
      return new Answer(
          open, List.of(finding), new ValidUntil(window.nextChange(situation.moment())));
    }
  }
}
