package nodyes.server.nods;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.zone.ZoneOffsetTransition;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.countdown.Ending;
import nodyes.core.countdown.Window;

/** When a countdown runs, for the owner to read before shoppers do. */
final class Schedules {
  private static final int WINDOWS = 5;
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("EEE d MMM uuuu, HH:mm", Locale.UK);
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

  private Schedules() {}

  static NodFace.Schedule of(Ending ending, Instant now, ZoneId zone) {
    List<Window> windows = ending.windows(now, zone, WINDOWS);
    var notes = new ArrayList<String>();
    boolean differsByProduct =
        ending instanceof Ending.WithPrice || ending instanceof Ending.WithDelivery;
    if (windows.isEmpty() && !differsByProduct) {
      notes.add(
          ending
              .lastEnded(now, zone)
              .map(last -> "It is over: it ended on " + moment(last.end(), zone) + ".")
              .orElse("It never runs."));
    }
    wallTimes(ending).forEach(time -> leftOut(time, zone).ifPresent(notes::add));
    windows.forEach(window -> crossed(window, zone).ifPresent(notes::add));
    return new NodFace.Schedule(
        ending.sentence(),
        windows.stream().map(window -> span(window, now, zone)).toList(),
        List.copyOf(notes));
  }

  private static NodFace.Span span(Window window, Instant now, ZoneId zone) {
    String to = moment(window.end(), zone);
    return new NodFace.Span(
        window.start().orElse(null),
        window.end(),
        window.hasBegunAt(now),
        window.start().map(start -> moment(start, zone) + " to " + to).orElse("until " + to));
  }

  private static String moment(Instant instant, ZoneId zone) {
    return MOMENT.format(instant.atZone(zone));
  }

  private static List<LocalDateTime> wallTimes(Ending ending) {
    return switch (ending) {
      case Ending.AtMoment(var start, var end) ->
          Stream.concat(start.stream(), Stream.of(end)).toList();
      case Ending.AfterLength(var start, _) -> List.of(start);
      case Ending.Repeating _, Ending.NextCutOff _, Ending.WithPrice _, Ending.WithDelivery _ ->
          List.of();
    };
  }

  /** A wall time that the clocks pass over when they are put forward. */
  private static Optional<String> leftOut(LocalDateTime time, ZoneId zone) {
    if (!zone.getRules().getValidOffsets(time).isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        "There is no "
            + TIME.format(time)
            + " on that day, as the clocks are put forward: it is "
            + moment(time.atZone(zone).toInstant(), zone)
            + ".");
  }

  /** A window in which the clocks change, and so lasts otherwise than its times say. */
  private static Optional<String> crossed(Window window, ZoneId zone) {
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
        "The clocks are put "
            + (change.isGap() ? "forward" : "back")
            + " in the window of "
            + moment(window.start().get(), zone)
            + ", so it lasts "
            + length.toHours()
            + " h"
            + (length.toMinutesPart() > 0 ? " " + length.toMinutesPart() + " min" : "")
            + ".");
  }
}
