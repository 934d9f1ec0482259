package nodyes.core.countdown;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Month;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** An ending in the owner's words. */
final class EndingSentence {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM uuuu", Locale.UK);
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

  private EndingSentence() {}

  static String of(Ending ending) {
    return switch (ending) {
      case Ending.AtMoment(var start, var end) ->
          start.map(time -> "from " + moment(time) + " to ").orElse("until ") + moment(end);
      case Ending.AfterLength(var start, var length) ->
          "from " + moment(start) + ", for " + length.words();
      case Ending.Repeating(var repeat, var length) ->
          repeat(repeat) + ", for " + length.words() + ends(repeat);
      case Ending.NextCutOff(var times) -> "to the next cut-off: " + cutOffs(times);
      case Ending.WithPrice _ -> "as long as the reduced price, to the planned rise";
      case Ending.WithDelivery _ -> "to the cut-off by which an order counts, as Delivery has it";
    };
  }

  private static String moment(LocalDateTime time) {
    return day(time.toLocalDate()) + ", " + TIME.format(time);
  }

  private static String day(LocalDate day) {
    return DAY.format(day);
  }

  private static String repeat(Repeat repeat) {
    String at = " at " + TIME.format(repeat.first());
    String in = repeat.months().isEmpty() ? "" : " in " + and(months(repeat));
    return switch (repeat.frequency()) {
      case DAY -> each(repeat.every(), "day") + at + in + on(repeat);
      case WEEK ->
          (repeat.days().isEmpty()
                  ? each(repeat.every(), "week")
                  : repeat.every() == 1
                      ? "each " + and(days(repeat.days()))
                      : "each " + ordinal(repeat.every()) + " week on " + and(days(repeat.days())))
              + at
              + in;
      case MONTH ->
          (repeat.dayOfMonth().isPresent()
                  ? "on the " + ordinal(repeat.dayOfMonth().get())
                  : "on the first " + and(days(repeat.days())))
              + " of "
              + (in.isEmpty() ? each(repeat.every(), "month") : and(months(repeat)))
              + at;
    };
  }

  private static String on(Repeat repeat) {
    return repeat.days().isEmpty() ? "" : ", on " + and(days(repeat.days())) + " alone";
  }

  private static String ends(Repeat repeat) {
    return repeat.until().map(day -> ", until " + day(day)).orElse("");
  }

  private static String each(int every, String unit) {
    return every == 1 ? "each " + unit : "each " + ordinal(every) + " " + unit;
  }

  private static String ordinal(int number) {
    boolean isTeen = number % 100 >= 11 && number % 100 <= 13;
    return number
        + switch (isTeen ? 0 : number % 10) {
          case 1 -> "st";
          case 2 -> "nd";
          case 3 -> "rd";
          default -> "th";
        };
  }

  private static List<String> days(Collection<DayOfWeek> days) {
    return days.stream().sorted().map(EndingSentence::name).toList();
  }

  private static String name(DayOfWeek day) {
    return day.getDisplayName(TextStyle.FULL, Locale.UK);
  }

  private static List<String> months(Repeat repeat) {
    return repeat.months().stream()
        .sorted()
        .map((Month month) -> month.getDisplayName(TextStyle.FULL, Locale.UK))
        .toList();
  }

  private static String and(List<String> names) {
    return names.size() < 2
        ? String.join("", names)
        : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.getLast();
  }

  /** Days with the same time stand together. */
  private static String cutOffs(Map<DayOfWeek, LocalTime> times) {
    var byTime = new LinkedHashMap<LocalTime, List<DayOfWeek>>();
    times.forEach((day, time) -> byTime.computeIfAbsent(time, _ -> new ArrayList<>()).add(day));
    return String.join(
        "; ",
        byTime.entrySet().stream()
            .map(entry -> and(days(entry.getValue())) + " " + TIME.format(entry.getKey()))
            .toList());
  }
}
