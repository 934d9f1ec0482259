package nodyes.core.audience;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.joda.money.Money;

/** A value in a finding: what is so, or what a rule wants. */
public sealed interface Figure {
  /** Not known here. It is not zero. */
  record Unknown() implements Figure {}

  /** A number of things. */
  record Count(long value) implements Figure {}

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
