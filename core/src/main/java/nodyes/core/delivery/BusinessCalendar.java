package nodyes.core.delivery;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The days that count: some weekdays, less public holidays and closed days.
 *
 * @param weekdays that count
 * @param regions whose holidays do not
 * @param holidays of these regions
 * @param closed days that do not count either
 */
public record BusinessCalendar(
    Set<DayOfWeek> weekdays,
    Set<HolidayRegion> regions,
    HolidayCalendar holidays,
    List<ShopClosure> closed) {
  /** If none of so many days counts, none does. */
  private static final int LONGEST_GAP = 400;

  /** Why a day does not count; empty where it does. */
  public Optional<NonWorkingDay> offOn(LocalDate day) {
    if (!weekdays.contains(day.getDayOfWeek())) {
      return Optional.of(new NonWorkingDay.Weekday());
    }
    for (ShopClosure days : closed) {
      if (days.holds(day)) {
        return Optional.of(new NonWorkingDay.Closed(days.name()));
      }
    }
    return holidays.on(day, regions).map(NonWorkingDay.Holiday::new);
  }

  /** Whether a day counts. */
  public boolean counts(LocalDate day) {
    return offOn(day).isEmpty();
  }

  /** The first day from one on that counts, it included; empty where none does in a year. */
  public Optional<LocalDate> from(LocalDate day) {
    LocalDate last = day.plusDays(LONGEST_GAP);
    for (LocalDate one = day; one.isBefore(last); one = one.plusDays(1)) {
      if (counts(one)) {
        return Optional.of(one);
      }
    }
    return Optional.empty();
  }

  /**
   * The n-th day after one that counts; for 0 the first from it on.
   *
   * @param n 0 or more
   */
  public Optional<LocalDate> plus(LocalDate day, int n) {
    Optional<LocalDate> reached = n == 0 ? from(day) : Optional.of(day);
    for (int i = 0; i < n && reached.isPresent(); i++) {
      reached = from(reached.get().plusDays(1));
    }
    return reached;
  }

  /** How many days count after one and up to another; 0 where that does not lie later. */
  public int between(LocalDate day, LocalDate other) {
    int n = 0;
    for (LocalDate one = day.plusDays(1); !one.isAfter(other); one = one.plusDays(1)) {
      if (counts(one)) {
        n++;
      }
    }
    return n;
  }
}
