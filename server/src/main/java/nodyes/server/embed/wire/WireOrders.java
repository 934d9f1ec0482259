package nodyes.server.embed.wire;

import java.time.Instant;
import java.time.LocalDate;
import nodyes.core.nod.RecentOrders;
import org.jspecify.annotations.Nullable;

/**
 * What was ordered lately.
 *
 * @param units sold in the days
 * @param days that were looked back on
 * @param latest the last order
 * @param notice whether it is a notice at the screen's edge
 */
public record WireOrders(
    @Nullable Long units, int days, @Nullable WireLatest latest, boolean notice) {
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

  static WireOrders of(RecentOrders.Content content) {
    return new WireOrders(
        content.units().orElse(null),
        content.days(),
        content.latest().map(WireOrders::latest).orElse(null),
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
