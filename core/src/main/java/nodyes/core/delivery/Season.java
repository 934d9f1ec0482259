package nodyes.core.delivery;

import java.time.LocalDate;
import java.util.Optional;
import nodyes.core.common.Unfit;

/**
 * Days on which a timing applies to the orders that are placed on them.
 *
 * @param first the first, included
 * @param last the last, included
 */
public record Season(LocalDate first, LocalDate last) {
  /** Throws {@link IllegalArgumentException} where it ends before it begins. */
  public Season {
    if (last.isBefore(first)) {
      throw new Unfit("delivery.seasonBackwards");
    }
  }

  /** Whether a day is one of them. */
  public boolean holds(LocalDate day) {
    return !day.isBefore(first) && !day.isAfter(last);
  }

  /** Whether both hold one same day. */
  public boolean meets(Season other) {
    return !last.isBefore(other.first) && !other.last.isBefore(first);
  }

  /** The first day after a given one on which it begins or is over. */
  Optional<LocalDate> changeAfter(LocalDate day) {
    LocalDate over = last.plusDays(1);
    if (first.isAfter(day)) {
      return Optional.of(first);
    }
    return over.isAfter(day) ? Optional.of(over) : Optional.empty();
  }
}
