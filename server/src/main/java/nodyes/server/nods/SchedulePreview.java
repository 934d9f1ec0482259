package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.zone.ZoneOffsetTransition;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.countdown.ActivePeriod;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.server.messages.Written;

/** When a countdown runs, for the owner to read before shoppers do. */
final class SchedulePreview {
  private static final int WINDOWS = 5;

  private SchedulePreview() {}

  static NodSettingsView.Schedule of(CountdownSchedule ending, Instant now, ZoneId zone) {
    List<ActivePeriod> windows = ending.windows(now, zone, WINDOWS);
    var notes = new ArrayList<String>();
    boolean differsByProduct =
        ending instanceof CountdownSchedule.UntilPriceChange
            || ending instanceof CountdownSchedule.UntilDispatchCutoff;
    if (windows.isEmpty() && !differsByProduct) {
      notes.add(
          ending
              .lastEnded(now, zone)
              .map(last -> text("schedule.ended", "end", moment(last.end(), zone)))
              .orElse(text("schedule.never")));
    }
    wallTimes(ending).forEach(time -> leftOut(time, zone).ifPresent(notes::add));
    windows.forEach(window -> crossed(window, zone).ifPresent(notes::add));
    return new NodSettingsView.Schedule(
        EndingWords.of(ending),
        windows.stream().map(window -> span(window, now, zone)).toList(),
        List.copyOf(notes));
  }

  private static NodSettingsView.Span span(ActivePeriod window, Instant now, ZoneId zone) {
    String to = moment(window.end(), zone);
    return new NodSettingsView.Span(
        window.start().orElse(null),
        window.end(),
        window.hasBegunAt(now),
        window
            .start()
            .map(start -> text("schedule.fromTo", "start", moment(start, zone), "end", to))
            .orElse(text("schedule.until", "end", to)));
  }

  private static String moment(Instant instant, ZoneId zone) {
    return Written.moment(instant, zone);
  }

  private static List<LocalDateTime> wallTimes(CountdownSchedule ending) {
    return switch (ending) {
      case CountdownSchedule.FixedEnd(var start, var end) ->
          Stream.concat(start.stream(), Stream.of(end)).toList();
      case CountdownSchedule.FixedDuration(var start, _) -> List.of(start);
      case CountdownSchedule.Recurring _,
          CountdownSchedule.WeeklyCutoff _,
          CountdownSchedule.UntilPriceChange _,
          CountdownSchedule.UntilDispatchCutoff _ ->
          List.of();
    };
  }

  /** A wall time that the clocks pass over when they are put forward. */
  private static Optional<String> leftOut(LocalDateTime time, ZoneId zone) {
    if (!zone.getRules().getValidOffsets(time).isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        text(
            "schedule.noSuchTime",
            "time",
            Written.time(time.toLocalTime()),
            "moment",
            moment(time.atZone(zone).toInstant(), zone)));
  }

  /** A window in which the clocks change, and so lasts otherwise than its times say. */
  private static Optional<String> crossed(ActivePeriod window, ZoneId zone) {
    if (window.start().isEmpty()
        || Duration.between(window.start().get(), window.end()).toDays() > 2) {
      return Optional.empty();
    }
    ZoneOffsetTransition change = zone.getRules().nextTransition(window.start().get());
    if (change == null || !change.getInstant().isBefore(window.end())) {
      return Optional.empty();
    }
    Duration length = Duration.between(window.start().get(), window.end());
    return Optional.of(
        text(
            "schedule.clocks",
            "change",
            change.isGap() ? "forward" : "back",
            "start",
            moment(window.start().get(), zone),
            "hours",
            length.toHours(),
            "minutes",
            length.toMinutesPart()));
  }
}
