package nodyes.server.orders;

import static nodyes.generated.Tables.ORDER_LINE;
import static nodyes.generated.Tables.SHOP_ORDER;
import static nodyes.generated.Tables.VARIANT;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.server.database.Database;
import nodyes.server.orders.OrderImport.NewOrder;
import org.springframework.stereotype.Component;

@Component
class OrderStore {
  private final Database database;

  OrderStore(Database database) {
    this.database = database;
  }

  Map<String, Set<Long>> products(Collection<String> numbers) {
    return database.read(
        sql -> {
          Map<String, Set<Long>> products = new HashMap<>();
          sql.select(SHOP_ORDER.NUMBER, VARIANT.PRODUCT_ID)
              .from(SHOP_ORDER)
              .join(ORDER_LINE)
              .on(ORDER_LINE.ORDER_ID.eq(SHOP_ORDER.ID))
              .join(VARIANT)
              .on(VARIANT.ID.eq(ORDER_LINE.VARIANT_ID))
              .where(SHOP_ORDER.NUMBER.in(numbers).and(SHOP_ORDER.IS_CANCELLED.isFalse()))
              .forEach(
                  row ->
                      products
                          .computeIfAbsent(row.value1(), _ -> new HashSet<>())
                          .add(row.value2()));
          return products;
        });
  }

  Map<String, Long> variants() {
    return database.read(
        sql -> sql.select(VARIANT.SKU, VARIANT.ID).from(VARIANT).fetchMap(VARIANT.SKU, VARIANT.ID));
  }

  /** Adds orders; one whose number is here already is replaced. */
  void save(List<NewOrder> orders, Map<String, Long> variants) {
    database.change(
        sql -> {
          for (NewOrder order : orders) {
            sql.deleteFrom(SHOP_ORDER).where(SHOP_ORDER.NUMBER.eq(order.number())).execute();
            long id =
                sql.insertInto(
                        SHOP_ORDER,
                        SHOP_ORDER.NUMBER,
                        SHOP_ORDER.PLACED_AT,
                        SHOP_ORDER.COUNTRY,
                        SHOP_ORDER.IS_CANCELLED)
                    .values(
                        order.number(),
                        order.placedAt(),
                        order.country().orElse(null),
                        order.cancelled())
                    .returningResult(SHOP_ORDER.ID)
                    .fetchSingle()
                    .value1();
            for (var line : order.lines()) {
              sql.insertInto(
                      ORDER_LINE,
                      ORDER_LINE.ORDER_ID,
                      ORDER_LINE.VARIANT_ID,
                      ORDER_LINE.QUANTITY,
                      ORDER_LINE.RETURNED)
                  .values(id, variants.get(line.sku()), line.quantity(), line.returned())
                  .onConflictDoNothing()
                  .execute();
            }
          }
        });
  }
}
