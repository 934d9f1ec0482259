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

/** The windows of an ending. */
final class Windows {
  /** So many starts are looked at for one that comes before the one before it has ended. */
  private static final int LOOKED_AT = 400;

  /** What hours, minutes, and a zone that leaves out a day add to the days of a length. */
  private static final int MORE_DAYS = 3;

  /** A rule whose next start lies further away than this is taken for ended. */
  private static final int FURTHEST_YEARS = 30;

  private static final int WEEK = 7;

  private Windows() {}

  static List<Window> after(Ending ending, Instant moment, ZoneId zone, int most) {
    return switch (ending) {
      case Ending.AtMoment _, Ending.AfterLength _ ->
          single(ending, zone).filter(one -> one.end().isAfter(moment)).stream().toList();
      case Ending.Repeating repeating -> repeats(repeating, moment, zone, most);
      case Ending.NextCutOff cutOff -> cutOffs(cutOff.times(), moment, zone, most);
      case Ending.WithPrice _, Ending.WithDelivery _ -> List.of();
    };
  }

  static Optional<Window> lastEnded(Ending ending, Instant moment, ZoneId zone) {
    return switch (ending) {
      case Ending.AtMoment _, Ending.AfterLength _ ->
          single(ending, zone).filter(one -> !one.end().isAfter(moment));
      case Ending.Repeating repeating -> lastRepeat(repeating, moment, zone);
      case Ending.NextCutOff cutOff -> {
        LocalDate today = LocalDate.ofInstant(moment, zone);
        yield cutOffs(cutOff.times(), start(today.minusDays(2 * WEEK), zone), zone, 3 * WEEK)
            .stream()
            .filter(one -> !one.end().isAfter(moment))
            .reduce((_, later) -> later);
      }
      case Ending.WithPrice _, Ending.WithDelivery _ -> Optional.empty();
    };
  }

  private static Optional<Window> single(Ending ending, ZoneId zone) {
    return switch (ending) {
      case Ending.AtMoment(var start, var end) -> {
        Instant last = instant(end, zone);
        // two wall times that a clock change makes one leave no time between them
        Optional<Instant> first = start.map(time -> instant(time, zone));
        yield first.filter(time -> !time.isBefore(last)).isPresent()
            ? Optional.empty()
            : Optional.of(new Window(first, last));
      }
      case Ending.AfterLength(var start, var length) -> Optional.of(window(start, length, zone));
      case Ending.Repeating _, Ending.NextCutOff _, Ending.WithPrice _, Ending.WithDelivery _ ->
          Optional.empty();
    };
  }

  private static Instant instant(LocalDateTime time, ZoneId zone) {
    return time.atZone(zone).toInstant();
  }

  private static Instant start(LocalDate day, ZoneId zone) {
    return day.atStartOfDay(zone).toInstant();
  }

  private static Window window(LocalDateTime start, Length length, ZoneId zone) {
    return new Window(
        Optional.of(instant(start, zone)), length.after(start.atZone(zone)).toInstant());
  }

  private static Recurrence starts(Repeat repeat, LocalDateTime from) {
    return new Recurrence(
        repeat.rule(), repeat.first(), from, repeat.until().map(day -> day.atTime(LocalTime.MAX)));
  }

  private static List<Window> repeats(
      Ending.Repeating repeating, Instant moment, ZoneId zone, int most) {
    LocalDateTime now = LocalDateTime.ofInstant(moment, zone);
    // what began earlier has ended
    Recurrence starts =
        starts(repeating.repeat(), now.minusDays(repeating.length().days() + MORE_DAYS));
    var windows = new ArrayList<Window>();
    Window before = null;
    // one more than wanted: a window ends where the next begins, should a clock change join them
    while (starts.hasNext() && windows.size() < most) {
      LocalDateTime start = starts.next();
      if (start.isAfter(now.plusYears(FURTHEST_YEARS))) {
        break;
      }
      Window next = window(start, repeating.length(), zone);
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

  private static Window cut(Window window, Window next) {
    Instant until = next.start().orElse(window.end());
    return until.isBefore(window.end()) ? new Window(window.start(), until) : window;
  }

  private static Optional<Window> lastRepeat(
      Ending.Repeating repeating, Instant moment, ZoneId zone) {
    LocalDateTime now = LocalDateTime.ofInstant(moment, zone);
    Optional<Window> last =
        lastRepeat(repeating, moment, zone, starts(repeating.repeat(), now.minusYears(2)));
    return last.isPresent()
        ? last
        : lastRepeat(
            repeating, moment, zone, starts(repeating.repeat(), repeating.repeat().first()));
  }

  private static Optional<Window> lastRepeat(
      Ending.Repeating repeating, Instant moment, ZoneId zone, Recurrence starts) {
    Window last = null;
    Window before = null;
    while (starts.hasNext()) {
      Window next = window(starts.next(), repeating.length(), zone);
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

  private static List<Window> cutOffs(
      Map<DayOfWeek, LocalTime> times, Instant moment, ZoneId zone, int most) {
    LocalDate day = LocalDate.ofInstant(moment, zone).minusDays(WEEK + 1L);
    var windows = new ArrayList<Window>();
    Instant before = null;
    while (windows.size() < most) {
      LocalTime time = times.get(day.getDayOfWeek());
      if (time != null) {
        Instant end = instant(day.atTime(time), zone);
        if (before != null && end.isAfter(moment)) {
          windows.add(new Window(Optional.of(before), end));
        }
        before = end;
      }
      day = day.plusDays(1);
    }
    return List.copyOf(windows);
  }

  /** What is wrong where a repeat begins again before it has ended; empty where nothing is. */
  static Optional<String> overlap(Repeat repeat, Length length) {
    Recurrence starts = starts(repeat, repeat.first());
    if (!starts.hasNext()) {
      return Optional.of("it never happens");
    }
    LocalDateTime before = starts.next();
    LocalDateTime furthest = repeat.first().plusYears(FURTHEST_YEARS);
    for (int i = 0; i < LOOKED_AT && starts.hasNext(); i++) {
      LocalDateTime next = starts.next();
      if (length.after(before).isAfter(next)) {
        return Optional.of(
            "it overlaps itself: it begins again on "
                + next.toLocalDate()
                + " at "
                + next.toLocalTime()
                + " before it has ended");
      }
      if (next.isAfter(furthest)) {
        break;
      }
      before = next;
    }
    return Optional.empty();
  }
}
