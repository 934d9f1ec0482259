package nodyes.core.delivery;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * Days on which the shop does not work, by hand or from a calendar file.
 *
 * @param first the first of them
 * @param last the last, included
 * @param name why; may be empty
 */
public record ClosedDays(LocalDate first, LocalDate last, String name) {
  private static final int LONGEST_DAYS = 366;
  private static final int LONGEST_NAME = 80;

  /** Throws {@link IllegalArgumentException} saying what is wrong with them. */
  public ClosedDays {
    name = name.strip();
    if (last.isBefore(first)) {
      throw new IllegalArgumentException("the last closed day lies before the first");
    }
    if (ChronoUnit.DAYS.between(first, last) >= LONGEST_DAYS) {
      throw new IllegalArgumentException("a shop closes for at most a year at a time");
    }
    if (name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException("a name is at most " + LONGEST_NAME + " characters");
    }
  }

  /** Whether a day is one of them. */
  public boolean holds(LocalDate day) {
    return !day.isBefore(first) && !day.isAfter(last);
  }
}
