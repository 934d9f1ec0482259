package nodyes.server.delivery;

import static nodyes.server.messages.Texts.text;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import nodyes.core.delivery.BusinessCalendar;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.EstimateExplanation;
import nodyes.core.delivery.NonWorkingDay;
import nodyes.server.messages.Written;

/** What an order comes to, read aloud: in figures that add up. */
final class EstimateExplanationView {
  private static final int DAYS_AHEAD = 45;

  private EstimateExplanationView() {}

  static List<String> of(
      EstimateExplanation explained, Instant moment, ZoneId zone, String country) {
    return switch (explained.delivery()) {
      case DeliveryEstimate.Unavailable none ->
          List.of(text("journey.none", "country", name(country), "why", why(none.reason())));
      case DeliveryEstimate.Estimated promised ->
          promised(explained, promised, moment, zone, country);
    };
  }

  private static List<String> promised(
      EstimateExplanation explained,
      DeliveryEstimate.Estimated promised,
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
          .filter(off -> off instanceof NonWorkingDay.Holiday)
          .filter(_ -> explained.shop().map(shop -> shop.counts(one)).orElse(false))
          .ifPresent(
              off ->
                  said.add(
                      text(
                          "journey.carrierOff",
                          "day",
                          Written.shortDay(one),
                          "off",
                          words(off),
                          "country",
                          name(country))));
    }
    return said;
  }

  private static String way(
      EstimateExplanation explained,
      DeliveryEstimate.Estimated promised,
      Instant moment,
      ZoneId zone) {
    boolean isInTime = promised.dayZero().equals(LocalDate.ofInstant(moment, zone));
    String start =
        isInTime
            ? text(
                "journey.inTime",
                "time",
                Written.time(LocalDateTime.ofInstant(promised.cutOff(), zone).toLocalTime()))
            : text(
                promised.availableFrom().isPresent() ? "journey.backOn" : "journey.countsOn",
                "day",
                Written.shortDay(promised.dayZero()));
    String leaves = span(promised.leaves());
    return explained
        .transit()
        .map(
            days ->
                text(
                    "journey.wayAndTransit",
                    "start",
                    start,
                    "leaves",
                    leaves,
                    "range",
                    Written.range(days.least(), days.most()),
                    "most",
                    days.most()))
        .orElseGet(() -> text("journey.way", "start", start, "leaves", leaves));
  }

  /** A holiday is told on the whole way, a closed day while the shop still has it. */
  private static boolean isTold(
      NonWorkingDay off, LocalDate day, DeliveryEstimate.Estimated promised) {
    return switch (off) {
      case NonWorkingDay.Weekday _ -> false;
      case NonWorkingDay.Holiday _ -> true;
      case NonWorkingDay.Closed _ -> !day.isAfter(promised.leaves().last());
    };
  }

  private static String holiday(LocalDate day, NonWorkingDay off, BusinessCalendar carrier) {
    return text(
        carrier.counts(day) ? "journey.shopOff" : "journey.bothOff",
        "day",
        Written.shortDay(day),
        "off",
        words(off));
  }

  private static String words(NonWorkingDay off) {
    return switch (off) {
      case NonWorkingDay.Weekday _ -> text("journey.weekdayOff");
      case NonWorkingDay.Holiday(var name) -> text("journey.holiday", "name", name);
      case NonWorkingDay.Closed(var name) ->
          name.isEmpty() ? text("journey.closed") : text("journey.closedFor", "name", name);
    };
  }

  /** Why no date is promised, as a sentence. */
  static String why(DeliveryEstimate.Reason reason) {
    return text("journey.why." + reason);
  }

  /** The holidays ahead on which a carrier does not deliver, on weekdays on which it would. */
  static List<String> holidays(BusinessCalendar carrier, Instant moment, ZoneId zone) {
    LocalDate today = LocalDate.ofInstant(moment, zone);
    var days = new ArrayList<String>();
    for (int i = 0; i < DAYS_AHEAD; i++) {
      LocalDate day = today.plusDays(i);
      carrier
          .offOn(day)
          .filter(off -> off instanceof NonWorkingDay.Holiday)
          .ifPresent(_ -> days.add(Written.dayOfMonth(day)));
    }
    return days;
  }

  private static String span(DeliveryEstimate.DateRange span) {
    List<String> days =
        Stream.of(span.first(), span.last()).distinct().map(Written::shortDay).toList();
    return span.first().plusDays(1).isBefore(span.last())
        ? Written.span(span.first(), span.last())
        : Written.either(days);
  }

  private static String name(String country) {
    return country.isEmpty() ? text("journey.unknownCountry") : Written.country(country);
  }
}
