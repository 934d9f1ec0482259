package nodyes.core.delivery;

import nodyes.core.common.Unfit;

/**
 * From so many to so many working days.
 *
 * @param least the fewest, 0 or more
 * @param most the most, at most {@link #LONGEST}
 */
public record DayRange(int least, int most) {
  /** The longest time that can be promised, in working days. */
  public static final int LONGEST = 250;

  /** Nothing more. */
  public static final DayRange NONE = new DayRange(0, 0);

  /** Throws {@link IllegalArgumentException} saying what is wrong with the two. */
  public DayRange {
    if (least < 0) {
      throw new Unfit("delivery.daysBelow0");
    }
    if (most < least) {
      throw new Unfit("delivery.backwards", "least", least, "most", most);
    }
    if (most > LONGEST) {
      throw new Unfit("delivery.tooManyDays", "most", LONGEST);
    }
  }

  /** Both ends together with another's. */
  public DayRange plus(DayRange other) {
    return new DayRange(
        Math.min(LONGEST, least + other.least), Math.min(LONGEST, most + other.most));
  }
}
