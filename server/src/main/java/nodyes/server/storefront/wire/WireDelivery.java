package nodyes.server.storefront.wire;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import nodyes.core.nod.DeliveryPromise;
import nodyes.core.nod.NodOption;
import org.jspecify.annotations.Nullable;

/**
 * A delivery promise.
 *
 * @param promised the days; missing where it is sold out
 * @param zone the shop's (IANA), in which a cut-off is told
 * @param destination where it goes
 * @param lines of a basket or an order that is told line by line
 * @param form what of it is told
 * @param small whether it stands on a card among others
 * @param ordered whether it is of what has been ordered
 */
public record WireDelivery(
    @Nullable WirePromise promised,
    String zone,
    @JsonUnwrapped WireDestination destination,
    List<WireLine> lines,
    @JsonUnwrapped WireForm form,
    boolean small,
    boolean ordered) {
  /**
   * Where it goes.
   *
   * @param country ISO 3166-1 alpha-2
   * @param assumed whether the shopper's country is not known, and this is the shop's own
   * @param countries those that a shopper can choose
   */
  public record WireDestination(String country, boolean assumed, List<String> countries) {}

  /**
   * What of a promise is told.
   *
   * @param shows words, path (the row of days), or words-and-path
   * @param cutOff time-left, clock or none
   * @param clock whose clock it is told by: shop or shopper
   * @param flag whether the country's flag stands there
   */
  public record WireForm(String shows, String cutOff, String clock, boolean flag) {}

  /** Days, the first and the last included. */
  public record WireDays(LocalDate first, LocalDate last) {}

  /**
   * The days that are promised.
   *
   * @param placed the shop's day of the order, where one has been placed; else it is today
   * @param until until when an order counts for that
   * @param backOn the day from which it can be had again, where it waits for that
   * @param way the row of days until it arrives; empty where it is not shown
   */
  public record WirePromise(
      @Nullable LocalDate placed,
      WireDays leaves,
      WireDays arrives,
      Instant until,
      @Nullable LocalDate backOn,
      List<WireWayDay> way) {}

  /**
   * A part of the row of days until it arrives.
   *
   * @param first its first day
   * @param last its last, which is the first where it is one day
   * @param mayLeave whether it may leave the shop on it
   * @param mayArrive whether it may arrive on it
   * @param working so many of its days count; 0 where it is closed
   */
  public record WireWayDay(
      LocalDate first, LocalDate last, boolean mayLeave, boolean mayArrive, int working) {}

  /** A line of a basket or an order. */
  public record WireLine(String title, @Nullable WireDays arrives) {}

  static WireDelivery of(DeliveryPromise.DeliveryPromiseContent content) {
    DeliveryPromise.Form form = content.form();
    return new WireDelivery(
        content.promised().map(WireDelivery::promise).orElse(null),
        content.zone().getId(),
        new WireDestination(content.country(), content.isAssumed(), content.countries()),
        content.lines().stream()
            .map(
                line ->
                    new WireLine(line.title(), line.arrives().map(WireDelivery::days).orElse(null)))
            .toList(),
        new WireForm(
            NodOption.named(form.shows()),
            NodOption.named(form.cutOff()),
            NodOption.named(form.clock()),
            form.hasFlag()),
        form.isSmall(),
        form.isOrdered());
  }

  private static WirePromise promise(DeliveryPromise.Promised promised) {
    return new WirePromise(
        promised.placedAt().orElse(null),
        days(promised.leaves()),
        days(promised.arrives()),
        promised.cutOff(),
        promised.availableFrom().orElse(null),
        promised.way().stream()
            .map(
                day ->
                    new WireWayDay(
                        day.first(), day.last(), day.mayLeave(), day.mayArrive(), day.working()))
            .toList());
  }

  private static WireDays days(DeliveryPromise.Days days) {
    return new WireDays(days.first(), days.last());
  }
}
