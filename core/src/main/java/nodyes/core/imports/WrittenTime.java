package nodyes.core.imports;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The time in a written date.
 *
 * @param rest what is left without it
 */
record WrittenTime(String rest, Optional<LocalTime> time, Optional<ZoneOffset> offset) {
  /**
   * Letters for a clock: those of RFC 5322 (4.3), and those of Europe's and Japan's clocks, which
   * are common practice.
   */
  private static final Map<String, Integer> HOURS =
      Map.ofEntries(
          Map.entry("z", 0),
          Map.entry("ut", 0),
          Map.entry("utc", 0),
          Map.entry("gmt", 0),
          Map.entry("wet", 0),
          Map.entry("west", 1),
          Map.entry("cet", 1),
          Map.entry("cest", 2),
          Map.entry("mez", 1),
          Map.entry("mesz", 2),
          Map.entry("eet", 2),
          Map.entry("eest", 3),
          Map.entry("jst", 9),
          Map.entry("est", -5),
          Map.entry("edt", -4),
          Map.entry("cst", -6),
          Map.entry("cdt", -5),
          Map.entry("mst", -7),
          Map.entry("mdt", -6),
          Map.entry("pst", -8),
          Map.entry("pdt", -7));

  private static final Pattern TIME =
      Pattern.compile(
          "(?:^|[t\\s,年월日일])(?:(?:at|um|à|às|a las|alle ore|alle|ore|om|kl\\.?|klo)\\s)?\\s*"
              + "(?:(\\d{1,2})\\s?[:h]\\s?(\\d{2})(?::(\\d{2})(?:[.,](\\d{1,9}))?)?(?!\\d)"
              + "|(\\d{1,2})(?=\\s?[ap]\\.?\\s?m))"
              + "(?:\\s?(?:uhr|h)(?![a-z]))?"
              + "(?:\\s?([ap])\\.?\\s?m(?![a-z])\\.?)?"
              + "(?:\\s?("
              + String.join("|", HOURS.keySet())
              + ")(?![a-z]))?"
              + "(?:\\s?([+-])(\\d{1,2}):?(\\d{2})?(?!\\d))?");

  /**
   * Parts a text in small letters into its time and the rest.
   *
   * @throws InvalidValueException where what stands for a time is none
   */
  static WrittenTime of(String plain) throws InvalidValueException {
    Matcher found = TIME.matcher(plain);
    if (!found.find()) {
      return new WrittenTime(plain, Optional.empty(), Optional.empty());
    }
    String rest =
        (plain.substring(0, found.start()) + separator(found) + plain.substring(found.end()))
            .strip();
    try {
      return new WrittenTime(rest, Optional.of(time(found)), offset(found));
    } catch (DateTimeException e) {
      throw DateParser.notADate();
    }
  }

  /** A moment by a clock that is not named. */
  static WrittenDate onClock(LocalDateTime moment) {
    return new WrittenDate(
        moment.toLocalDate(), Optional.of(moment.toLocalTime()), Optional.empty());
  }

  /** A sign of the date that the time begins behind stays with the date. */
  private static String separator(Matcher found) {
    return "年월日일".indexOf(found.group().charAt(0)) >= 0 && !found.group().isEmpty()
        ? found.group().substring(0, 1)
        : " ";
  }

  private static LocalTime time(Matcher found) {
    @Nullable String hourAlone = found.group(5);
    int hour = Integer.parseInt(hourAlone == null ? found.group(1) : hourAlone);
    String half = found.group(6);
    if (half != null) {
      if (hour < 1 || hour > 12) {
        throw new DateTimeException("no hour of half a day");
      }
      hour = hour % 12 + ("p".equals(half) ? 12 : 0);
    }
    if (hourAlone != null) {
      return LocalTime.of(hour, 0);
    }
    int second = found.group(3) == null ? 0 : Integer.parseInt(found.group(3));
    String fraction = found.group(4) == null ? "" : found.group(4);
    int nano = Integer.parseInt((fraction + "000000000").substring(0, 9));
    return LocalTime.of(hour, Integer.parseInt(found.group(2)), second, nano);
  }

  private static Optional<ZoneOffset> offset(Matcher found) {
    String letters = found.group(7);
    if (found.group(8) == null && letters == null) {
      return Optional.empty();
    }
    int hours = letters == null ? 0 : HOURS.getOrDefault(letters, 0);
    if (found.group(8) == null) {
      return Optional.of(ZoneOffset.ofHours(hours));
    }
    int sign = "-".equals(found.group(8)) ? -1 : 1;
    int minutes = found.group(10) == null ? 0 : Integer.parseInt(found.group(10));
    return Optional.of(
        ZoneOffset.ofHoursMinutes(sign * Integer.parseInt(found.group(9)), sign * minutes));
  }
}
