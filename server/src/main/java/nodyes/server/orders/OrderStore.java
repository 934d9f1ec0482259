package nodyes.server.orders;

import static nodyes.generated.Tables.ORDER_LINE;
import static nodyes.generated.Tables.ORDER_STATUS_WORD;
import static nodyes.generated.Tables.SHOP_ORDER;
import static nodyes.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.excluded;
import static org.jooq.impl.DSL.noCondition;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import nodyes.core.common.ProductId;
import nodyes.core.sales.OrderOutcome;
import nodyes.generated.tables.records.OrderLineRecord;
import nodyes.server.database.Database;
import nodyes.server.database.Rows;
import nodyes.server.orders.OrderImport.NewOrder;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

@Component
class OrderStore {
  private static final int MOST_WORDS = 500;

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

  /**
   * Units sold by product and the shop's day, cancelled and returned ones taken off.
   *
   * @param products ids; none for all. A product asked for is there even where nothing was sold
   */
  Map<ProductId, NavigableMap<LocalDate, Long>> unitsByDay(Set<Long> products, ZoneId zone) {
    return database.read(
        sql -> {
          var units = new HashMap<ProductId, NavigableMap<LocalDate, Long>>();
          products.forEach(id -> units.put(new ProductId(id), new TreeMap<>()));
          sql.select(
                  VARIANT.PRODUCT_ID,
                  SHOP_ORDER.PLACED_AT,
                  ORDER_LINE.QUANTITY.minus(ORDER_LINE.RETURNED))
              .from(VARIANT)
              .join(ORDER_LINE)
              .on(ORDER_LINE.VARIANT_ID.eq(VARIANT.ID))
              .join(SHOP_ORDER)
              .on(SHOP_ORDER.ID.eq(ORDER_LINE.ORDER_ID))
              .where(
                  SHOP_ORDER
                      .IS_CANCELLED
                      .isFalse()
                      .and(products.isEmpty() ? noCondition() : VARIANT.PRODUCT_ID.in(products)))
              .forEach(
                  row ->
                      units
                          .computeIfAbsent(new ProductId(row.value1()), _ -> new TreeMap<>())
                          .merge(LocalDate.ofInstant(row.value2(), zone), row.value3(), Long::sum));
          return units;
        });
  }

  /** Ids of the products of these orders, as they are known. */
  private static Set<Long> productsOf(DSLContext sql, Collection<String> numbers) {
    return new HashSet<>(
        sql.selectDistinct(VARIANT.PRODUCT_ID)
            .from(SHOP_ORDER)
            .join(ORDER_LINE)
            .on(ORDER_LINE.ORDER_ID.eq(SHOP_ORDER.ID))
            .join(VARIANT)
            .on(VARIANT.ID.eq(ORDER_LINE.VARIANT_ID))
            .where(SHOP_ORDER.NUMBER.in(numbers))
            .fetch(VARIANT.PRODUCT_ID));
  }

  /** Cancels an order; the products of it, none where it is not known or is cancelled already. */
  Set<Long> cancel(String number) {
    return database.write(
        sql ->
            sql.update(SHOP_ORDER)
                        .set(SHOP_ORDER.IS_CANCELLED, true)
                        .where(SHOP_ORDER.NUMBER.eq(number).and(SHOP_ORDER.IS_CANCELLED.isFalse()))
                        .execute()
                    > 0
                ? productsOf(sql, List.of(number))
                : Set.of());
  }

  boolean knows(String number) {
    return database.read(sql -> sql.fetchExists(SHOP_ORDER, SHOP_ORDER.NUMBER.eq(number)));
  }

  Map<String, Long> variants() {
    return database.read(
        sql -> sql.select(VARIANT.SKU, VARIANT.ID).from(VARIANT).fetchMap(VARIANT.SKU, VARIANT.ID));
  }

  /** What the owner says that words mean, by the word as it is compared. */
  Map<String, OrderOutcome> statusWords() {
    return database.read(
        sql ->
            sql.selectFrom(ORDER_STATUS_WORD)
                .fetchMap(row -> row.getWord(), row -> row.getOutcome()));
  }

  /** The same as they were written. */
  Map<String, OrderOutcome> writtenWords() {
    return database.read(
        sql ->
            sql.selectFrom(ORDER_STATUS_WORD)
                .orderBy(ORDER_STATUS_WORD.WORD)
                .limit(MOST_WORDS)
                .fetchMap(row -> row.getWritten(), row -> row.getOutcome()));
  }

  /** Keeps what a word means. */
  void learn(String written, OrderOutcome outcome) {
    database.change(
        sql ->
            sql.insertInto(ORDER_STATUS_WORD)
                .values(OrderOutcome.plain(written), written, outcome)
                .onConflict(ORDER_STATUS_WORD.WORD)
                .doUpdate()
                .set(ORDER_STATUS_WORD.OUTCOME, outcome)
                .execute());
  }

  /** Adds orders; one whose number is here already is replaced. The products that this is of. */
  Set<Long> save(List<NewOrder> orders, Map<String, Long> variants) {
    // of two with one number the later one stands
    var byNumber = new LinkedHashMap<String, NewOrder>();
    orders.forEach(order -> byNumber.put(order.number(), order));
    return database.write(
        sql -> {
          Set<Long> products = productsOf(sql, byNumber.keySet());
          saveOrders(sql, byNumber.values());
          Map<String, Long> ids =
              sql.select(SHOP_ORDER.NUMBER, SHOP_ORDER.ID)
                  .from(SHOP_ORDER)
                  .where(SHOP_ORDER.NUMBER.in(byNumber.keySet()))
                  .fetchMap(SHOP_ORDER.NUMBER, SHOP_ORDER.ID);
          saveLines(sql, byNumber.values(), ids, variants);
          products.addAll(productsOf(sql, byNumber.keySet()));
          return products;
        });
  }

  /** What was promised of them stays. */
  private static void saveOrders(DSLContext sql, Collection<NewOrder> orders) {
    var batch =
        sql.batch(
            sql.insertInto(
                    SHOP_ORDER,
                    SHOP_ORDER.NUMBER,
                    SHOP_ORDER.PLACED_AT,
                    SHOP_ORDER.COUNTRY,
                    SHOP_ORDER.TOWN,
                    SHOP_ORDER.FIRST_NAME,
                    SHOP_ORDER.IS_CANCELLED,
                    SHOP_ORDER.SHIPPED_ON,
                    SHOP_ORDER.ARRIVED_ON)
                .values("", Instant.EPOCH, null, null, null, false, null, null)
                .onConflict(SHOP_ORDER.NUMBER)
                .doUpdate()
                .set(SHOP_ORDER.PLACED_AT, excluded(SHOP_ORDER.PLACED_AT))
                .set(SHOP_ORDER.COUNTRY, excluded(SHOP_ORDER.COUNTRY))
                .set(SHOP_ORDER.TOWN, excluded(SHOP_ORDER.TOWN))
                .set(SHOP_ORDER.FIRST_NAME, excluded(SHOP_ORDER.FIRST_NAME))
                .set(SHOP_ORDER.IS_CANCELLED, excluded(SHOP_ORDER.IS_CANCELLED))
                .set(SHOP_ORDER.SHIPPED_ON, excluded(SHOP_ORDER.SHIPPED_ON))
                .set(SHOP_ORDER.ARRIVED_ON, excluded(SHOP_ORDER.ARRIVED_ON)));
    for (NewOrder order : orders) {
      batch =
          batch.bind(
              order.number(),
              order.placedAt(),
              order.country().orElse(null),
              order.town().orElse(null),
              order.firstName().orElse(null),
              order.cancelled(),
              order.shippedOn().orElse(null),
              order.arrivedOn().orElse(null));
    }
    batch.execute();
  }

  /** What stands on two lines of an order was sold twice; lines that are as they were stay. */
  private static void saveLines(
      DSLContext sql,
      Collection<NewOrder> orders,
      Map<String, Long> ids,
      Map<String, Long> variants) {
    Map<Long, Map<Long, OrderLineRecord>> stored = new HashMap<>();
    sql.selectFrom(ORDER_LINE)
        .where(ORDER_LINE.ORDER_ID.in(ids.values()))
        .forEach(
            row ->
                stored
                    .computeIfAbsent(row.getOrderId(), _ -> new HashMap<>())
                    .put(row.getVariantId(), row));
    var changed = new ArrayList<OrderLineRecord>();
    for (NewOrder order : orders) {
      var bySku = new LinkedHashMap<String, OrderImport.Line>();
      for (OrderImport.Line line : order.lines()) {
        bySku.merge(line.sku(), line, OrderImport.Line::with);
      }
      long id = Objects.requireNonNull(ids.get(order.number()));
      Map<Long, OrderLineRecord> before = stored.computeIfAbsent(id, _ -> new HashMap<>());
      for (OrderImport.Line line : bySku.values()) {
        long variant = Objects.requireNonNull(variants.get(line.sku()));
        OrderLineRecord row = before.remove(variant);
        if (row == null) {
          row = sql.newRecord(ORDER_LINE);
          row.setOrderId(id);
          row.setVariantId(variant);
        } else if (row.getQuantity() == line.quantity() && row.getReturned() == line.returned()) {
          continue;
        }
        row.setQuantity(line.quantity());
        row.setReturned(line.returned());
        changed.add(row);
      }
    }
    sql.batchDelete(stored.values().stream().flatMap(rows -> rows.values().stream()).toList())
        .execute();
    Rows.store(sql, ORDER_LINE, changed);
  }
}
