package nodyes.server.delivery;

import static nodyes.server.messages.Texts.text;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.format.ResolverStyle;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import net.fortuna.ical4j.transform.recurrence.Frequency;
import nodyes.core.delivery.ShopClosure;
import nodyes.server.web.ApiProblem;

/** Closed days as an iCalendar file (RFC 5545), in and out: all-day events, repeated ones too. */
final class ClosuresIcs {
  private static final int YEARS_AHEAD = 3;
  private static final Set<Frequency> FINER_THAN_DAYS =
      EnumSet.of(Frequency.SECONDLY, Frequency.MINUTELY, Frequency.HOURLY);
  private static final int MOST_EVENTS = 5000;

  private ClosuresIcs() {}

  /**
   * What a file holds.
   *
   * @param days from today to three years ahead
   * @param leftOut how many more it holds: over, or further ahead
   */
  record Read(List<ShopClosure> days, int leftOut) {}

  private static final Pattern DATE =
      Pattern.compile("(?:DTSTART|DTEND|RDATE|EXDATE)[^:]*:\\s*(\\S.*)", Pattern.CASE_INSENSITIVE);
  private static final Pattern DAYS = Pattern.compile("(\\d{8})(?:T\\d{6}Z?)?(?:/.*)?");

  /** Names the line of a day that there is not; the library would guess or fail. */
  private static void datesAreDates(byte[] file) {
    int number = 0;
    for (String line : new String(file, StandardCharsets.UTF_8).lines().toList()) {
      number++;
      Matcher found = DATE.matcher(line.strip());
      if (found.matches()) {
        for (String part : found.group(1).split(",")) {
          if (!isDay(part.strip())) {
            throw ApiProblem.unusable(
                text("calendar.notADate", "number", number, "part", part.strip()));
          }
        }
      }
    }
  }

  private static boolean isDay(String text) {
    Matcher day = DAYS.matcher(text);
    if (!day.matches()) {
      return false;
    }
    try {
      LocalDate.parse(
          day.group(1), DateTimeFormatter.BASIC_ISO_DATE.withResolverStyle(ResolverStyle.STRICT));
      return true;
    } catch (DateTimeParseException e) {
      return false;
    }
  }

  static Read read(byte[] file, LocalDate today) {
    datesAreDates(file);
    List<VEvent> events = calendar(file).getComponents(Component.VEVENT);
    if (events.isEmpty()) {
      throw ApiProblem.unusable(text("calendar.noEvent"));
    }
    if (events.size() > MOST_EVENTS) {
      throw ApiProblem.unusable(text("calendar.tooManyEvents", "most", MOST_EVENTS));
    }
    var days = new ArrayList<ShopClosure>();
    int leftOut = 0;
    for (VEvent event : events) {
      List<ShopClosure> held = days(event, today);
      if (held.isEmpty()) {
        leftOut++;
      }
      days.addAll(held);
    }
    return new Read(
        days.stream().distinct().sorted(Comparator.comparing(ShopClosure::first)).toList(),
        leftOut);
  }

  private static Calendar calendar(byte[] file) {
    try {
      return new CalendarBuilder()
          .build(new InputStreamReader(new ByteArrayInputStream(file), StandardCharsets.UTF_8));
    } catch (ParserException e) {
      throw ApiProblem.unusable(text("calendar.broken", "line", e.getLineNo()));
    } catch (IOException | IllegalArgumentException e) {
      throw ApiProblem.unusable(text("calendar.notICalendar"));
    }
  }

  private static List<ShopClosure> days(VEvent event, LocalDate today) {
    Optional<LocalDate> start =
        event
            .<DtStart<Temporal>>getProperty(Property.DTSTART)
            .map(property -> day(property.getDate()));
    if (start.isEmpty()) {
      return List.of();
    }
    String name = event.getProperty(Property.SUMMARY).map(Property::getValue).orElse("");
    String told = name.length() > 80 ? name.substring(0, 80) : name;
    LocalDate horizon = today.plusYears(YEARS_AHEAD);
    LocalDate end =
        event
            .<Temporal>getEndDate(false)
            .map(property -> day(property.getDate()))
            .orElse(start.get().plusDays(1));
    long length = Math.max(1, java.time.temporal.ChronoUnit.DAYS.between(start.get(), end));
    var window = new Period<LocalDate>(today.minusDays(length), horizon);
    Optional<RRule<Temporal>> rule = event.getProperty(Property.RRULE);
    if (rule.isPresent() && FINER_THAN_DAYS.contains(rule.get().getRecur().getFrequency())) {
      throw ApiProblem.unusable(text("calendar.moreThanDaily", "event", told));
    }
    if (rule.isEmpty()) {
      return of(start.get(), length, told, today, horizon).stream().toList();
    }
    return event.<Temporal>calculateRecurrenceSet(window).stream()
        .map(period -> day(period.getStart()))
        .flatMap(day -> of(day, length, told, today, horizon).stream())
        .toList();
  }

  private static Optional<ShopClosure> of(
      LocalDate first, long length, String name, LocalDate today, LocalDate horizon) {
    LocalDate last = first.plusDays(length - 1);
    return last.isBefore(today) || first.isAfter(horizon) || length > 366
        ? Optional.empty()
        : Optional.of(new ShopClosure(first, last, name));
  }

  private static LocalDate day(Temporal temporal) {
    return temporal instanceof java.time.Instant instant
        ? LocalDate.ofInstant(instant, ZoneOffset.UTC)
        : LocalDate.from(temporal);
  }

  static String write(List<ShopClosure> days) {
    var calendar = new Calendar();
    calendar.add(new ProdId("-//Nod Yes//Closed days//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    for (ShopClosure one : days) {
      var event = new VEvent(one.first(), one.last().plusDays(1), one.name());
      event.add(new Uid(one.first() + "-" + one.last() + "@closed.nod-yes"));
      calendar.add(event);
    }
    return calendar.toString();
  }
}
