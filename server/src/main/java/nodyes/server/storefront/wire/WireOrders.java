package nodyes.server.storefront.wire;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import nodyes.core.nod.RecentOrders;
import org.jspecify.annotations.Nullable;

/**
 * What was ordered lately.
 *
 * @param units sold in the days
 * @param days that were looked back on
 * @param perDay of each day on which any were; empty where they are not drawn
 * @param until when the number changes, should nothing more be ordered
 * @param latest the last order
 * @param zone the shop's (IANA), whose days they are
 * @param notice whether it is a caption that opens
 */
public record WireOrders(
    @Nullable Long units,
    int days,
    List<WireOnDay> perDay,
    @Nullable Instant until,
    @Nullable WireLatest latest,
    String zone,
    boolean notice) {
  /** What was ordered on a day. */
  public record WireOnDay(LocalDate on, long units) {}

  /**
   * The last order.
   *
   * @param on the shop's day
   * @param at its minute, where it was within a day
   */
  public record WireLatest(
      LocalDate on,
      @Nullable Instant at,
      @Nullable String town,
      @Nullable String country,
      @Nullable String firstName) {}

  static WireOrders of(RecentOrders.RecentOrdersContent content) {
    return new WireOrders(
        content.units().orElse(null),
        content.days(),
        content.perDay().stream().map(day -> new WireOnDay(day.on(), day.units())).toList(),
        content.until().orElse(null),
        content.latest().map(WireOrders::latest).orElse(null),
        content.zone().getId(),
        content.isNotice());
  }

  private static WireLatest latest(RecentOrders.Latest latest) {
    return new WireLatest(
        latest.on(),
        latest.at().orElse(null),
        latest.town().orElse(null),
        latest.country().orElse(null),
        latest.firstName().orElse(null));
  }
}
