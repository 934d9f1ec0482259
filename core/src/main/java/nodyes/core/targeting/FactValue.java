package nodyes.core.targeting;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.sales.SalesRank;
import nodyes.core.visitors.TimeWindow;
import org.joda.money.Money;

/** A value in a finding: what is so, or what a rule wants. */
public sealed interface FactValue {
  /** Not known here. It is not zero. */
  record Unknown() implements FactValue {}

  /**
   * Visitors in the last so much time.
   *
   * @param isAnyCounted whether anyone was counted in the last seven days; if not, it may be the
   *     counting that has not begun
   */
  record Visitors(long number, TimeWindow window, boolean isAnyCounted) implements FactValue {}

  /**
   * When an order arrives.
   *
   * @param country where it goes, ISO 3166-1 alpha-2
   * @param leaves when it leaves the shop
   * @param arrives when it arrives
   */
  record EstimatedDelivery(
      String country, DeliveryEstimate.DateRange leaves, DeliveryEstimate.DateRange arrives)
      implements FactValue {}

  /** Why no arrival is promised to a country. */
  record NoEstimate(String country, DeliveryEstimate.Reason reason) implements FactValue {}

  /**
   * Until when something can be sent back.
   *
   * @param country where it goes, ISO 3166-1 alpha-2
   * @param arrives the last day on which it may arrive
   * @param days that the shop gives from then on
   * @param lastDay the last of them
   */
  record ReturnsUntil(String country, LocalDate arrives, int days, LocalDate lastDay)
      implements FactValue {}

  /** Why nothing is said of returns to a country. */
  record NoReturns(String country, Reason reason) implements FactValue {
    /** What keeps it from being said. */
    public enum Reason {
      /** No rule says how long it can be sent back. */
      NO_RULE,
      /** It cannot be sent back. */
      NOT_TAKEN_BACK,
      /** Not all of a basket or an order can be sent back. */
      NOT_ALL
    }
  }

  /** A number of things. */
  record Count(long value) implements FactValue {}

  /** Least and greatest number, both included, either open. */
  record CountRange(Optional<Long> min, Optional<Long> max) implements FactValue {}

  /**
   * A price under the one before it.
   *
   * @param daysBefore the days whose lowest the prior price is; 0 for the owner's own reference
   */
  record Discount(Money price, Money prior, int percent, int daysBefore) implements FactValue {}

  /**
   * Why a price is not told as lower than before.
   *
   * @param why what keeps it from being told
   * @param began the day of the reduction that is too long ago
   */
  record NoDiscount(Why why, Optional<LocalDate> began) implements FactValue {
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
  record Percent(int value) implements FactValue {}

  /** Least and greatest percentage, both included, either open. */
  record PercentRange(Optional<Integer> min, Optional<Integer> max) implements FactValue {}

  /**
   * Units sold in a window.
   *
   * @param days of the window, today the last of them
   */
  record UnitsSold(long units, int days) implements FactValue {}

  /**
   * A place among others by units sold.
   *
   * @param group what they are: a category's slug, or empty for the whole shop
   * @param rank the place
   * @param days of the window
   */
  record RankInGroup(String group, SalesRank rank, int days) implements FactValue {}

  /** Among the first so many. */
  record TopN(int places) implements FactValue {}

  /** A day of the shop. */
  record Day(LocalDate value) implements FactValue {}

  /** Within so many days. */
  record MaxAgeDays(int value) implements FactValue {}

  /** Stars, 1 to 5. */
  record Stars(BigDecimal value) implements FactValue {}

  /** An amount of money. */
  record Amount(Money value) implements FactValue {}

  /** Names, such as categories, tags or countries; in a wish, any of them. */
  record NameList(List<String> values) implements FactValue {}

  /** Least and greatest amount, either open. */
  record AmountRange(Optional<Money> min, Optional<Money> max) implements FactValue {}

  /** From an instant (included) to an instant (excluded), either open. */
  record Period(Optional<Instant> from, Optional<Instant> to) implements FactValue {}

  /** From a wall time (included) to a wall time (excluded) on weekdays, in the shop's zone. */
  record DailyTimes(LocalTime from, LocalTime to, Set<DayOfWeek> days) implements FactValue {}

  /**
   * Where the moment stands to a period. It is not the moment itself, which is never the same
   * twice.
   */
  enum Phase implements FactValue {
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
  enum Switch implements FactValue {
    /** On. */
    ON,
    /** Off. */
    OFF
  }
}
