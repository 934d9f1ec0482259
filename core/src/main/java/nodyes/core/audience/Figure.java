package nodyes.core.audience;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.delivery.Delivery;
import nodyes.core.presence.ViewWindow;
import nodyes.core.sales.Standing;
import org.joda.money.Money;

/** A value in a finding: what is so, or what a rule wants. */
public sealed interface Figure {
  /** Not known here. It is not zero. */
  record Unknown() implements Figure {}

  /**
   * Visitors in the last so much time.
   *
   * @param isAnyCounted whether anyone was counted in the last seven days; if not, it may be the
   *     counting that has not begun
   */
  record Visitors(long number, ViewWindow window, boolean isAnyCounted) implements Figure {}

  /**
   * When an order arrives.
   *
   * @param country where it goes, ISO 3166-1 alpha-2
   * @param leaves when it leaves the shop
   * @param arrives when it arrives
   */
  record Arrival(String country, Delivery.Span leaves, Delivery.Span arrives) implements Figure {}

  /** Why no arrival is promised to a country. */
  record NoArrival(String country, Delivery.Reason reason) implements Figure {}

  /** A number of things. */
  record Count(long value) implements Figure {}

  /** Least and greatest number, both included, either open. */
  record CountRange(Optional<Long> least, Optional<Long> most) implements Figure {}

  /**
   * A price under the one before it.
   *
   * @param daysBefore the days whose lowest the prior price is; 0 for the owner's own reference
   */
  record Reduced(Money price, Money prior, int percent, int daysBefore) implements Figure {}

  /**
   * Why a price is not told as lower than before.
   *
   * @param why what keeps it from being told
   * @param began the day of the reduction that is too long ago
   */
  record NoDrop(Why why, Optional<LocalDate> began) implements Figure {
    /** What keeps a price from being told as lower, the likeliest surprise last. */
    public enum Why {
      /** It is not lower. */
      NOT_LOWER,
      /** It cannot be bought now. */
      SOLD_OUT,
      /** It is lower by less than one percent. */
      UNDER_ONE_PERCENT,
      /** It fell too long ago. */
      LONG_AGO
    }
  }

  /** A whole number of percent. */
  record Percent(int value) implements Figure {}

  /** Least and greatest percentage, both included, either open. */
  record PercentRange(Optional<Integer> least, Optional<Integer> most) implements Figure {}

  /**
   * Units sold in a window.
   *
   * @param days of the window, today the last of them
   */
  record Sold(long units, int days) implements Figure {}

  /**
   * A place among others by units sold.
   *
   * @param group what they are: a category's slug, or empty for the whole shop
   * @param standing the place
   * @param days of the window
   */
  record Rank(String group, Standing standing, int days) implements Figure {}

  /** Among the first so many. */
  record FirstOf(int places) implements Figure {}

  /** A day of the shop. */
  record Day(LocalDate value) implements Figure {}

  /** Within so many days. */
  record Days(int value) implements Figure {}

  /** Stars, 1 to 5. */
  record Stars(BigDecimal value) implements Figure {}

  /** An amount of money. */
  record Amount(Money value) implements Figure {}

  /** Names, such as categories, tags or countries; in a wish, any of them. */
  record Names(List<String> values) implements Figure {}

  /** Least and greatest amount, either open. */
  record AmountRange(Optional<Money> least, Optional<Money> most) implements Figure {}

  /** From an instant (included) to an instant (excluded), either open. */
  record Period(Optional<Instant> from, Optional<Instant> to) implements Figure {}

  /** From a wall time (included) to a wall time (excluded) on weekdays, in the shop's zone. */
  record DailyTimes(LocalTime from, LocalTime to, Set<DayOfWeek> days) implements Figure {}

  /**
   * Where the moment stands to a period. It is not the moment itself, which is never the same
   * twice.
   */
  enum Phase implements Figure {
    /** Not begun. */
    BEFORE,
    /** In it. */
    WITHIN,
    /** Over. */
    AFTER,
    /** Between two repeats. */
    OUTSIDE
  }

  /** On or off. */
  enum Switch implements Figure {
    /** On. */
    ON,
    /** Off. */
    OFF
  }
}
