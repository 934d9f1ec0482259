package nodyes.core.countdown;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.util.Iterator;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The wall times of a repeat: what RFC 5545, section 3.3.10, gives for the rule that it is, with
 * weeks that begin on Monday. They lie on a calendar without a zone; what a wall time is in a zone
 * is for java.time to say.
 */
final class RecurrenceExpander implements Iterator<LocalDateTime> {
  /** A rule that gives no day within so many years never gives one that anyone waits for. */
  private static final int FURTHEST_YEARS = 40;

  private static final int WEEK = 7;

  private final RecurrenceRule repeat;
  private final Iterator<LocalDate> days;

  /**
   * @param repeat the rule and where it begins
   * @param from times before this one are passed over
   */
  RecurrenceExpander(RecurrenceRule repeat, LocalDateTime from) {
    this.repeat = repeat;
    LocalDateTime start = from.isAfter(repeat.first()) ? from : repeat.first();
    LocalTime time = repeat.first().toLocalTime();
    LocalDate begin =
        start.toLocalTime().isAfter(time) ? start.toLocalDate().plusDays(1) : start.toLocalDate();
    LocalDate furthest = begin.plusYears(FURTHEST_YEARS);
    LocalDate last = repeat.until().filter(day -> day.isBefore(furthest)).orElse(furthest);
    days =
        Stream.iterate(begin, day -> !day.isAfter(last), day -> day.plusDays(1))
            .filter(this::fits)
            .iterator();
  }

  private boolean fits(LocalDate day) {
    return (repeat.months().isEmpty() || repeat.months().contains(day.getMonth()))
        && switch (repeat.frequency()) {
          case DAY -> isInTurn(ChronoUnit.DAYS.between(firstDay(), day)) && isWeekday(day);
          case WEEK ->
              isInTurn(ChronoUnit.WEEKS.between(monday(firstDay()), monday(day)))
                  && (repeat.days().isEmpty()
                      ? day.getDayOfWeek() == firstDay().getDayOfWeek()
                      : isWeekday(day));
          case MONTH ->
              isInTurn(ChronoUnit.MONTHS.between(YearMonth.from(firstDay()), YearMonth.from(day)))
                  && isOfMonth(day);
        };
  }

  private boolean isInTurn(long since) {
    return since % repeat.every() == 0;
  }

  private boolean isWeekday(LocalDate day) {
    return repeat.days().isEmpty() || repeat.days().contains(day.getDayOfWeek());
  }

  private boolean isOfMonth(LocalDate day) {
    Optional<Integer> wanted = repeat.dayOfMonth();
    return wanted.isPresent()
        ? day.getDayOfMonth() == wanted.get()
        : day.getDayOfMonth() <= WEEK && isWeekday(day);
  }

  private LocalDate firstDay() {
    return repeat.first().toLocalDate();
  }

  private static LocalDate monday(LocalDate day) {
    return day.with(DayOfWeek.MONDAY);
  }

  @Override
  public boolean hasNext() {
    return days.hasNext();
  }

  @Override
  public LocalDateTime next() {
    if (!hasNext()) {
      throw new NoSuchElementException("the rule has ended");
    }
    return days.next().atTime(repeat.first().toLocalTime());
  }
}
