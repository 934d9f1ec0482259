package nodyes.core.delivery;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import nodyes.core.common.Unfit;

/**
 * Days on which the shop does not work, by hand or from a calendar file.
 *
 * @param first the first of them
 * @param last the last, included
 * @param name why; may be empty
 */
public record ShopClosure(LocalDate first, LocalDate last, String name) {
  private static final int LONGEST_DAYS = 366;
  private static final int LONGEST_NAME = 80;

  /** Throws {@link IllegalArgumentException} saying what is wrong with them. */
  public ShopClosure {
    name = name.strip();
    if (last.isBefore(first)) {
      throw new Unfit("delivery.closedBackwards");
    }
    if (ChronoUnit.DAYS.between(first, last) >= LONGEST_DAYS) {
      throw new Unfit("delivery.closedTooLong");
    }
    if (name.length() > LONGEST_NAME) {
      throw new Unfit("delivery.nameTooLong", "most", LONGEST_NAME);
    }
  }

  /** Whether a day is one of them. */
  public boolean holds(LocalDate day) {
    return !day.isBefore(first) && !day.isAfter(last);
  }
}
