package nodyes.core.imports;

import java.time.LocalDate;
import java.time.ZoneId;

/** The order of day and month in the dates of one file. It is decided per file, never per row. */
public enum DateOrder {
  /** 23/04/2026 */
  DAY_FIRST,
  /** 04/23/2026 */
  MONTH_FIRST;

  /** Whether a text is one day in the one order and another day in the other. */
  public static boolean isTwoDays(String text) {
    return DateParser.twoWays(text)
        .filter(date -> date.first() != date.second())
        .filter(date -> date.isDay(DAY_FIRST) && date.isDay(MONTH_FIRST))
        .isPresent();
  }

  /** What the dates of a file say about their order; feed it each, then ask. */
  public static final class Evidence {
    private String dayFirst = "";
    private String monthFirst = "";
    private String either = "";

    /** Looks at one date; a text that is no day of the calendar in either order says nothing. */
    public void see(String text) {
      DateParser.twoWays(text)
          .ifPresent(
              date -> {
                boolean isDayFirst = date.isDay(DAY_FIRST);
                boolean isMonthFirst = date.isDay(MONTH_FIRST);
                if (isDayFirst && !isMonthFirst && dayFirst.isEmpty()) {
                  dayFirst = text.strip();
                } else if (isMonthFirst && !isDayFirst && monthFirst.isEmpty()) {
                  monthFirst = text.strip();
                } else if (isDayFirst
                    && isMonthFirst
                    && date.first() != date.second()
                    && either.isEmpty()) {
                  either = text.strip();
                }
              });
    }

    /**
     * A date that is another day in the other order, where no date of the file tells which order it
     * is, or some tell the one and some the other; empty where the order is clear or means nothing.
     */
    public String unclear() {
      return dayFirst.isEmpty() == monthFirst.isEmpty() ? either : "";
    }

    /** The order: month first only where a date says so and none says otherwise. */
    public DateOrder order() {
      return !monthFirst.isEmpty() && dayFirst.isEmpty() ? MONTH_FIRST : DAY_FIRST;
    }

    /** The date that decided it; empty where none did. */
    public String because() {
      return order() == MONTH_FIRST ? monthFirst : dayFirst;
    }
  }

  /**
   * Reads a day as {@link DateParser} does, numbers in this order; of a moment its day in {@code
   * zone}.
   *
   * @throws InvalidValueException where it is none, or no day of the calendar
   */
  public LocalDate read(String text, ZoneId zone) throws InvalidValueException {
    return DateParser.parse(text, this).dayIn(zone);
  }
}
