package nodyes.core.showing;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.RecentOrders;
import nodyes.core.sales.LastOrder;

/** What recent orders have to show: real ones alone, and nothing that points to a person. */
final class OrderParts {
  private static final Duration DAY = Duration.ofHours(24);

  private OrderParts() {}

  static Showing.Part of(RecentOrders orders, Offered offered) {
    ShopSales sales = offered.facts().sales();
    Figure wanted = new Figure.Sold(orders.leastSold(), orders.days());
    if (!sales.isKnown(offered.product().id())) {
      return new Showing.Part(
          Finding.unknown(FactName.UNITS_SOLD, wanted), Optional::empty, ValidUntil.NEVER_ENDS);
    }
    LocalDate today = offered.today();
    long units = sales.book().units(offered.product().id(), orders.days(), today);
    Optional<LastOrder> known = Optional.ofNullable(sales.last().get(offered.product().id()));
    Optional<LastOrder> last =
        known
            .filter(order -> !order.placedAt().isAfter(offered.viewpoint().moment()))
            .filter(order -> !day(order, offered).isBefore(today.minusDays(orders.days() - 1L)));
    ValidUntil lastUntil =
        known.map(order -> until(order, orders, offered)).orElse(ValidUntil.NEVER_ENDS);
    var findings = new ArrayList<Finding>();
    findings.add(
        Finding.of(
            FactName.UNITS_SOLD,
            new Figure.Sold(units, orders.days()),
            wanted,
            units >= orders.leastSold()));
    if (orders.tells() == RecentOrders.Tells.LATEST && last.isEmpty()) {
      findings.add(Finding.unknown(FactName.LAST_ORDER, new Figure.Days(orders.days())));
    }
    return new Showing.Part(
        findings,
        () ->
            orders.tells() == RecentOrders.Tells.LATEST && last.isEmpty()
                ? Optional.empty()
                : Optional.of(
                    orders.content(units, last.map(order -> latest(order, orders, offered)))),
        sales
            .book()
            .unitsChangeOn(offered.product().id(), orders.days(), today)
            .map(day -> ValidUntil.before(offered.startOf(day)))
            .orElse(ValidUntil.NEVER_ENDS)
            // without a last order that may be told it does not show
            .and(orders.tells() == RecentOrders.Tells.LATEST ? lastUntil : ValidUntil.NEVER_ENDS),
        orders.tells() == RecentOrders.Tells.COUNT ? ValidUntil.NEVER_ENDS : lastUntil,
        List.of());
  }

  private static LocalDate day(LastOrder order, Offered offered) {
    return LocalDate.ofInstant(order.placedAt(), offered.zone());
  }

  /** Within a day its time is told, later its day alone, and after the last of the days nothing. */
  private static ValidUntil until(LastOrder order, RecentOrders orders, Offered offered) {
    Instant now = offered.viewpoint().moment();
    return Stream.of(
            order.placedAt(),
            order.placedAt().plus(DAY),
            offered.startOf(day(order, offered).plusDays(orders.days())))
        .filter(now::isBefore)
        .map(ValidUntil::before)
        .reduce(ValidUntil.NEVER_ENDS, ValidUntil.EARLIEST);
  }

  private static RecentOrders.Latest latest(LastOrder order, RecentOrders orders, Offered offered) {
    Optional<String> town =
        orders.place() == RecentOrders.Place.TOWN ? order.town() : Optional.empty();
    return new RecentOrders.Latest(
        day(order, offered),
        offered.viewpoint().moment().isBefore(order.placedAt().plus(DAY))
            ? Optional.of(order.placedAt().truncatedTo(ChronoUnit.MINUTES))
            : Optional.empty(),
        town,
        orders.place() == RecentOrders.Place.NONE ? Optional.empty() : order.country(),
        orders.tellsFirstNames() ? order.firstName() : Optional.empty());
  }
}
