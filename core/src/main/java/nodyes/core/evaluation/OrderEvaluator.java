package nodyes.core.evaluation;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nodyes.core.common.ProductId;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.RecentOrders;
import nodyes.core.sales.DailySales;
import nodyes.core.sales.LatestOrder;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;

/** What recent orders have to show: real ones alone, and nothing that points to a person. */
final class OrderEvaluator {
  private static final Duration DAY = Duration.ofHours(24);

  /** More strokes or leaves than this nobody counts. */
  private static final int MOST_DRAWN = 25;

  private static final int MOST_DAYS_DRAWN = 10;

  private OrderEvaluator() {}

  static NodEvaluator.Part of(RecentOrders orders, OfferedProduct offered) {
    ShopSales sales = offered.facts().sales();
    FactValue wanted = new FactValue.UnitsSold(orders.leastSold(), orders.days());
    if (!sales.isKnown(offered.product().id())) {
      return new NodEvaluator.Part(
          Finding.unknown(FactName.UNITS_SOLD, wanted), Optional::empty, ValidUntil.NEVER_ENDS);
    }
    LocalDate today = offered.today();
    long units = sales.book().units(offered.product().id(), orders.days(), today);
    Optional<LatestOrder> known = Optional.ofNullable(sales.last().get(offered.product().id()));
    Optional<LatestOrder> last =
        known
            .filter(order -> !order.placedAt().isAfter(offered.viewpoint().moment()))
            .filter(order -> !day(order, offered).isBefore(today.minusDays(orders.days() - 1L)));
    ValidUntil lastUntil =
        known.map(order -> until(order, orders, offered)).orElse(ValidUntil.NEVER_ENDS);
    var findings = new ArrayList<Finding>();
    findings.add(
        Finding.of(
            FactName.UNITS_SOLD,
            new FactValue.UnitsSold(units, orders.days()),
            wanted,
            units >= orders.leastSold()));
    if (orders.tells() == RecentOrders.Detail.LATEST && last.isEmpty()) {
      findings.add(Finding.unknown(FactName.LAST_ORDER, new FactValue.MaxAgeDays(orders.days())));
    }
    return new NodEvaluator.Part(
        findings,
        () ->
            orders.tells() == RecentOrders.Detail.LATEST && last.isEmpty()
                ? Optional.empty()
                : Optional.of(
                    orders.content(
                        counted(orders, units, offered),
                        last.map(order -> latest(order, orders, offered)),
                        offered.zone())),
        sales
            .book()
            .unitsChangeOn(offered.product().id(), orders.days(), today)
            .map(day -> ValidUntil.before(offered.startOf(day)))
            .orElse(ValidUntil.NEVER_ENDS)
            // without a last order that may be told it does not show
            .and(orders.tells() == RecentOrders.Detail.LATEST ? lastUntil : ValidUntil.NEVER_ENDS),
        orders.tells() == RecentOrders.Detail.COUNT ? ValidUntil.NEVER_ENDS : lastUntil,
        List.of());
  }

  private static RecentOrders.Counted counted(
      RecentOrders orders, long units, OfferedProduct offered) {
    DailySales book = offered.facts().sales().book();
    ProductId product = offered.product().id();
    LocalDate today = offered.today();
    boolean canBeDrawn = units <= MOST_DRAWN && orders.days() <= MOST_DAYS_DRAWN;
    return new RecentOrders.Counted(
        units,
        canBeDrawn
            ? today
                .minusDays(orders.days() - 1L)
                .datesUntil(today.plusDays(1))
                .map(day -> new RecentOrders.OnDay(day, book.units(product, 1, day)))
                .filter(day -> day.units() > 0)
                .toList()
            : List.of(),
        book.unitsChangeOn(product, orders.days(), today).map(offered::startOf));
  }

  private static LocalDate day(LatestOrder order, OfferedProduct offered) {
    return LocalDate.ofInstant(order.placedAt(), offered.zone());
  }

  /** Within a day its time is told, later its day alone, and after the last of the days nothing. */
  private static ValidUntil until(LatestOrder order, RecentOrders orders, OfferedProduct offered) {
    Instant now = offered.viewpoint().moment();
    return Stream.of(
            order.placedAt(),
            order.placedAt().plus(DAY),
            offered.startOf(day(order, offered).plusDays(orders.days())))
        .filter(now::isBefore)
        .map(ValidUntil::before)
        .reduce(ValidUntil.NEVER_ENDS, ValidUntil.EARLIEST);
  }

  private static RecentOrders.Latest latest(
      LatestOrder order, RecentOrders orders, OfferedProduct offered) {
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
