package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nodyes.core.countdown.CalendarDuration;
import nodyes.core.countdown.CountdownSchedule;
import nodyes.core.countdown.RecurrenceRule;
import nodyes.server.messages.Texts;
import nodyes.server.messages.Written;

/** When a countdown ends, as a sentence to the owner. */
final class EndingWords {
  /** Takes the place of a part that a sentence goes without. */
  private static final String NONE = "none";

  private EndingWords() {}

  static String of(CountdownSchedule ending) {
    return switch (ending) {
      case CountdownSchedule.FixedEnd(var start, var end) ->
          start
              .map(from -> text("ending.fromTo", "start", moment(from), "end", moment(end)))
              .orElseGet(() -> text("ending.until", "end", moment(end)));
      case CountdownSchedule.FixedDuration(var start, var length) ->
          text("ending.fromFor", "start", moment(start), "length", length(length));
      case CountdownSchedule.Recurring(var repeat, var length) -> repeating(repeat, length);
      case CountdownSchedule.WeeklyCutoff(var times) ->
          text("ending.nextCutOff", "cutOffs", cutOffs(times));
      case CountdownSchedule.UntilPriceChange _ -> text("ending.withPrice");
      case CountdownSchedule.UntilDispatchCutoff _ -> text("ending.withDelivery");
    };
  }

  private static String repeating(RecurrenceRule repeat, CalendarDuration length) {
    var values = new HashMap<String, Object>();
    values.put("every", repeat.every());
    values.put("time", Written.time(repeat.first().toLocalTime()));
    values.put("days", repeat.days().isEmpty() ? NONE : days(repeat.days()));
    values.put("date", repeat.dayOfMonth().map(String::valueOf).orElse(NONE));
    values.put("months", repeat.months().isEmpty() ? NONE : months(repeat));
    values.put("length", length(length));
    values.put("until", repeat.until().map(Written::day).orElse(NONE));
    return Texts.text("ending." + repeat.frequency(), values);
  }

  private static String moment(LocalDateTime time) {
    return Written.wallMoment(time);
  }

  private static String length(CalendarDuration length) {
    return Written.length(length.days(), length.hours(), length.minutes());
  }

  private static String months(RecurrenceRule repeat) {
    return Written.all(repeat.months().stream().sorted().map(Written::month).toList());
  }

  private static String days(Collection<DayOfWeek> days) {
    return Written.all(days.stream().sorted().map(Written::longWeekday).toList());
  }

  /** Days with the same time stand together. */
  private static String cutOffs(Map<DayOfWeek, LocalTime> times) {
    var byTime = new LinkedHashMap<LocalTime, List<DayOfWeek>>();
    times.forEach((day, time) -> byTime.computeIfAbsent(time, _ -> new ArrayList<>()).add(day));
    return String.join(
        "; ",
        byTime.entrySet().stream()
            .map(
                entry ->
                    text(
                        "ending.cutOff",
                        "days",
                        days(entry.getValue()),
                        "time",
                        Written.time(entry.getKey())))
            .toList());
  }
}
