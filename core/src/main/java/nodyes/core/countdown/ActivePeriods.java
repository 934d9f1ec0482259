package nodyes.core.countdown;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Said;

/** The windows of an ending. */
final class ActivePeriods {
  /** So many starts are looked at for one that comes before the one before it has ended. */
  private static final int LOOKED_AT = 400;

  /** What hours, minutes, and a zone that leaves out a day add to the days of a length. */
  private static final int MORE_DAYS = 3;

  /** A rule whose next start lies further away than this is taken for ended. */
  private static final int FURTHEST_YEARS = 30;

  private static final int WEEK = 7;
  private static final List<Integer> LOOK_BACK_DAYS = List.of(10, 100, 750);

  private ActivePeriods() {}

  static List<ActivePeriod> after(CountdownSchedule ending, Instant moment, ZoneId zone, int most) {
    return switch (ending) {
      case CountdownSchedule.FixedEnd _, CountdownSchedule.FixedDuration _ ->
          single(ending, zone).filter(one -> one.end().isAfter(moment)).stream().toList();
      case CountdownSchedule.Recurring repeating -> repeats(repeating, moment, zone, most);
      case CountdownSchedule.WeeklyCutoff cutOff -> cutOffs(cutOff.times(), moment, zone, most);
      case CountdownSchedule.UntilPriceChange _, CountdownSchedule.UntilDispatchCutoff _ ->
          List.of();
    };
  }

  static Optional<ActivePeriod> lastEnded(CountdownSchedule ending, Instant moment, ZoneId zone) {
    return switch (ending) {
      case CountdownSchedule.FixedEnd _, CountdownSchedule.FixedDuration _ ->
          single(ending, zone).filter(one -> !one.end().isAfter(moment));
      case CountdownSchedule.Recurring repeating -> lastRepeat(repeating, moment, zone);
      case CountdownSchedule.WeeklyCutoff cutOff -> {
        LocalDate today = LocalDate.ofInstant(moment, zone);
        yield cutOffs(cutOff.times(), start(today.minusDays(2 * WEEK), zone), zone, 3 * WEEK)
            .stream()
            .filter(one -> !one.end().isAfter(moment))
            .reduce((_, later) -> later);
      }
      case CountdownSchedule.UntilPriceChange _, CountdownSchedule.UntilDispatchCutoff _ ->
          Optional.empty();
    };
  }

  private static Optional<ActivePeriod> single(CountdownSchedule ending, ZoneId zone) {
    return switch (ending) {
      case CountdownSchedule.FixedEnd(var start, var end) -> {
        Instant last = instant(end, zone);
        // two wall times that a clock change makes one leave no time between them
        Optional<Instant> first = start.map(time -> instant(time, zone));
        yield first.filter(time -> !time.isBefore(last)).isPresent()
            ? Optional.empty()
            : Optional.of(new ActivePeriod(first, last));
      }
      case CountdownSchedule.FixedDuration(var start, var length) ->
          Optional.of(window(start, length, zone));
      case CountdownSchedule.Recurring _,
          CountdownSchedule.WeeklyCutoff _,
          CountdownSchedule.UntilPriceChange _,
          CountdownSchedule.UntilDispatchCutoff _ ->
          Optional.empty();
    };
  }

  private static Instant instant(LocalDateTime time, ZoneId zone) {
    return time.atZone(zone).toInstant();
  }

  private static Instant start(LocalDate day, ZoneId zone) {
    return day.atStartOfDay(zone).toInstant();
  }

  private static ActivePeriod window(LocalDateTime start, CalendarDuration length, ZoneId zone) {
    return new ActivePeriod(
        Optional.of(instant(start, zone)), length.after(start.atZone(zone)).toInstant());
  }

  private static List<ActivePeriod> repeats(
      CountdownSchedule.Recurring repeating, Instant moment, ZoneId zone, int most) {
    LocalDateTime now = LocalDateTime.ofInstant(moment, zone);
    // what began earlier has ended
    RecurrenceExpander starts =
        new RecurrenceExpander(
            repeating.repeat(), now.minusDays(repeating.length().days() + MORE_DAYS));
    var windows = new ArrayList<ActivePeriod>();
    ActivePeriod before = null;
    // one more than wanted: a window ends where the next begins, should a clock change join them
    while (starts.hasNext() && windows.size() < most) {
      LocalDateTime start = starts.next();
      if (start.isAfter(now.plusYears(FURTHEST_YEARS))) {
        break;
      }
      ActivePeriod next = window(start, repeating.length(), zone);
      if (before != null && before.end().isAfter(moment)) {
        windows.add(cut(before, next));
      }
      before = next;
    }
    if (before != null && before.end().isAfter(moment) && windows.size() < most) {
      windows.add(before);
    }
    return List.copyOf(windows);
  }

  private static ActivePeriod cut(ActivePeriod window, ActivePeriod next) {
    Instant until = next.start().orElse(window.end());
    return until.isBefore(window.end()) ? new ActivePeriod(window.start(), until) : window;
  }

  private static Optional<ActivePeriod> lastRepeat(
      CountdownSchedule.Recurring repeating, Instant moment, ZoneId zone) {
    LocalDateTime now = LocalDateTime.ofInstant(moment, zone);
    // most repeats ended one within days; the last of those that begin after a day is the last
    for (int days : LOOK_BACK_DAYS) {
      Optional<ActivePeriod> last =
          lastRepeat(
              repeating,
              moment,
              zone,
              new RecurrenceExpander(
                  repeating.repeat(), now.minusDays(repeating.length().days() + days)));
      if (last.isPresent()) {
        return last;
      }
    }
    return lastRepeat(
        repeating,
        moment,
        zone,
        new RecurrenceExpander(repeating.repeat(), repeating.repeat().first()));
  }

  private static Optional<ActivePeriod> lastRepeat(
      CountdownSchedule.Recurring repeating,
      Instant moment,
      ZoneId zone,
      RecurrenceExpander starts) {
    ActivePeriod last = null;
    ActivePeriod before = null;
    while (starts.hasNext()) {
      ActivePeriod next = window(starts.next(), repeating.length(), zone);
      if (before != null && !cut(before, next).end().isAfter(moment)) {
        last = cut(before, next);
      }
      before = next;
      if (next.start().orElseThrow().isAfter(moment)) {
        return Optional.ofNullable(last);
      }
    }
    return before != null && !before.end().isAfter(moment)
        ? Optional.of(before)
        : Optional.ofNullable(last);
  }

  private static List<ActivePeriod> cutOffs(
      Map<DayOfWeek, LocalTime> times, Instant moment, ZoneId zone, int most) {
    LocalDate day = LocalDate.ofInstant(moment, zone).minusDays(WEEK + 1L);
    var windows = new ArrayList<ActivePeriod>();
    Instant before = null;
    while (windows.size() < most) {
      LocalTime time = times.get(day.getDayOfWeek());
      if (time != null) {
        Instant end = instant(day.atTime(time), zone);
        if (before != null && end.isAfter(moment)) {
          windows.add(new ActivePeriod(Optional.of(before), end));
        }
        before = end;
      }
      day = day.plusDays(1);
    }
    return List.copyOf(windows);
  }

  /** What is wrong where a repeat begins again before it has ended; empty where nothing is. */
  static Optional<Said> overlap(RecurrenceRule repeat, CalendarDuration length) {
    RecurrenceExpander starts = new RecurrenceExpander(repeat, repeat.first());
    if (!starts.hasNext()) {
      return Optional.of(Said.of("ending.problem.never"));
    }
    LocalDateTime before = starts.next();
    LocalDateTime furthest = repeat.first().plusYears(FURTHEST_YEARS);
    for (int i = 0; i < LOOKED_AT && starts.hasNext(); i++) {
      LocalDateTime next = starts.next();
      if (length.after(before).isAfter(next)) {
        return Optional.of(
            Said.of(
                "ending.problem.overlaps", "day", next.toLocalDate(), "time", next.toLocalTime()));
      }
      if (next.isAfter(furthest)) {
        break;
      }
      before = next;
    }
    return Optional.empty();
  }
}
