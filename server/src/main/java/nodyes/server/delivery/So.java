package nodyes.server.delivery;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nodyes.core.delivery.DayOff;
import nodyes.core.delivery.DayRange;
import nodyes.core.delivery.Delivery;
import nodyes.core.delivery.Explained;
import nodyes.core.delivery.WorkCalendar;

/** What an order comes to, read aloud: in figures that add up. */
final class So {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
  private static final DateTimeFormatter SHORT =
      DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
  private static final int DAYS_AHEAD = 45;

  private So() {}

  static List<String> of(Explained explained, Instant moment, ZoneId zone, String country) {
    return switch (explained.delivery()) {
      case Delivery.None none ->
          List.of("No promise is shown for " + name(country) + ": " + none.reason().words() + ".");
      case Delivery.Promised promised -> promised(explained, promised, moment, zone, country);
    };
  }

  private static List<String> promised(
      Explained explained,
      Delivery.Promised promised,
      Instant moment,
      ZoneId zone,
      String country) {
    var said = new ArrayList<String>();
    said.add(way(explained, promised, moment, zone));
    for (LocalDate day = promised.placedOn();
        !day.isAfter(promised.arrives().last());
        day = day.plusDays(1)) {
      LocalDate one = day;
      explained
          .shop()
          .flatMap(shop -> shop.offOn(one))
          .filter(off -> isTold(off, one, promised))
          .ifPresent(off -> said.add(holiday(one, off, explained.carrier())));
      explained
          .carrier()
          .offOn(one)
          .filter(off -> off instanceof DayOff.Holiday)
          .filter(_ -> explained.shop().map(shop -> shop.counts(one)).orElse(false))
          .ifPresent(
              off ->
                  said.add(
                      DAY.format(one)
                          + " is "
                          + words(off)
                          + " in "
                          + name(country)
                          + ": the shop works, the carrier does not deliver."));
    }
    return said;
  }

  private static String way(
      Explained explained, Delivery.Promised promised, Instant moment, ZoneId zone) {
    boolean isInTime = promised.dayZero().equals(LocalDate.ofInstant(moment, zone));
    return (isInTime
            ? "In before " + TIME.format(LocalDateTime.ofInstant(promised.cutOff(), zone))
            : "It counts on "
                + DAY.format(promised.dayZero())
                + promised.backOn().map(day -> ", when it can be had again").orElse(""))
        + ", it leaves "
        + span(promised.leaves())
        + explained.transit().map(days -> ", then takes " + days(days) + " on the way").orElse("")
        + ".";
  }

  /** A holiday is told on the whole way, a closed day while the shop still has it. */
  private static boolean isTold(DayOff off, LocalDate day, Delivery.Promised promised) {
    return switch (off) {
      case DayOff.Weekday _ -> false;
      case DayOff.Holiday _ -> true;
      case DayOff.Closed _ -> !day.isAfter(promised.leaves().last());
    };
  }

  private static String holiday(LocalDate day, DayOff off, WorkCalendar carrier) {
    return DAY.format(day)
        + " is "
        + words(off)
        + " for the shop"
        + (carrier.counts(day)
            ? " alone; the carrier still delivers."
            : ", and the carrier does not deliver either.");
  }

  private static String words(DayOff off) {
    return switch (off) {
      case DayOff.Weekday _ -> "a weekday off";
      case DayOff.Holiday(var name) -> "a holiday (" + name + ")";
      case DayOff.Closed(var name) ->
          name.isEmpty() ? "a closed day" : "a closed day (" + name + ")";
    };
  }

  /** The holidays ahead on which a carrier does not deliver, on weekdays on which it would. */
  static List<String> holidays(WorkCalendar carrier, Instant moment, ZoneId zone) {
    LocalDate today = LocalDate.ofInstant(moment, zone);
    var days = new ArrayList<String>();
    for (int i = 0; i < DAYS_AHEAD; i++) {
      LocalDate day = today.plusDays(i);
      carrier
          .offOn(day)
          .filter(off -> off instanceof DayOff.Holiday)
          .ifPresent(_ -> days.add(SHORT.format(day)));
    }
    return days;
  }

  private static String days(DayRange range) {
    return range.least() == range.most()
        ? range.most() + (range.most() == 1 ? " working day" : " working days")
        : range.least() + " to " + range.most() + " working days";
  }

  private static String span(Delivery.Span span) {
    return span.first().equals(span.last())
        ? DAY.format(span.first())
        : DAY.format(span.first())
            + (span.first().plusDays(1).equals(span.last()) ? " or " : " to ")
            + DAY.format(span.last());
  }

  private static String name(String country) {
    return country.isEmpty()
        ? "an unknown country"
        : Locale.of("", country).getDisplayCountry(Locale.ENGLISH);
  }
}
