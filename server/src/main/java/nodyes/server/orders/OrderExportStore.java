package nodyes.server.orders;

import static nodyes.generated.Tables.ORDER_LINE;
import static nodyes.generated.Tables.SHOP_ORDER;
import static nodyes.generated.Tables.VARIANT;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.generated.tables.records.ShopOrderRecord;
import nodyes.server.database.Database;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Orders, some at a time, as they go out. */
@Component
class OrderExportStore {
  private final Database database;

  OrderExportStore(Database database) {
    this.database = database;
  }

  /** A line of an order. */
  record OutgoingLine(String sku, long quantity, long returned) {}

  /** An order without its lines. */
  record OutgoingOrder(
      long id,
      String number,
      Instant placedAt,
      boolean isCancelled,
      @Nullable String country,
      @Nullable String town,
      @Nullable String firstName,
      @Nullable LocalDate shippedOn,
      @Nullable LocalDate arrivedOn) {}

  /** An order with its lines. */
  record Outgoing(OutgoingOrder order, List<OutgoingLine> lines) {}

  /** Those behind an id, at most so many. */
  List<Outgoing> after(long id, int most) {
    return database.read(
        sql -> {
          List<ShopOrderRecord> orders =
              sql.selectFrom(SHOP_ORDER)
                  .where(SHOP_ORDER.ID.gt(id))
                  .orderBy(SHOP_ORDER.ID)
                  .limit(most)
                  .fetch();
          Set<Long> ids = orders.stream().map(ShopOrderRecord::getId).collect(Collectors.toSet());
          Map<Long, List<OutgoingLine>> lines =
              sql.select(ORDER_LINE.ORDER_ID, VARIANT.SKU, ORDER_LINE.QUANTITY, ORDER_LINE.RETURNED)
                  .from(ORDER_LINE)
                  .join(VARIANT)
                  .on(VARIANT.ID.eq(ORDER_LINE.VARIANT_ID))
                  .where(ORDER_LINE.ORDER_ID.in(ids))
                  .orderBy(ORDER_LINE.ORDER_ID, VARIANT.SKU)
                  .fetchGroups(
                      ORDER_LINE.ORDER_ID,
                      row -> new OutgoingLine(row.value2(), row.value3(), row.value4()));
          return orders.stream()
              .map(
                  order -> new Outgoing(plain(order), lines.getOrDefault(order.getId(), List.of())))
              .toList();
        });
  }

  private static OutgoingOrder plain(ShopOrderRecord order) {
    return new OutgoingOrder(
        order.getId(),
        order.getNumber(),
        order.getPlacedAt(),
        order.getIsCancelled(),
        order.getCountry(),
        order.getTown(),
        order.getFirstName(),
        order.getShippedOn(),
        order.getArrivedOn());
  }
}
