package nodyes.server.delivery;

import static nodyes.generated.Tables.ORDER_LINE;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.SHOP_ORDER;
import static nodyes.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.condition;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.select;

import java.time.Instant;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.delivery.DeliveryEstimate;
import nodyes.core.delivery.OnTimePerformance;
import nodyes.server.database.Database;
import org.jooq.Record3;
import org.jooq.Select;
import org.springframework.stereotype.Component;

/** Orders as parcels: what was promised of them, and when they came. */
@Component
class PromisedParcelStore {
  private final Database database;

  PromisedParcelStore(Database database) {
    this.database = database;
  }

  /** Countries that orders went to. */
  Set<String> countries() {
    return database.read(
        sql ->
            new HashSet<>(
                sql.selectDistinct(SHOP_ORDER.COUNTRY)
                    .from(SHOP_ORDER)
                    .where(SHOP_ORDER.COUNTRY.isNotNull().and(SHOP_ORDER.IS_CANCELLED.isFalse()))
                    .fetch(SHOP_ORDER.COUNTRY)));
  }

  /** Orders since a moment whose promise is not settled, the newest first. */
  List<PromisedParcel> unsettled(Instant since, int most) {
    return database.read(
        sql -> {
          var rows = sql.fetch(newestUnsettled(since, most));
          Map<Long, List<String>> products =
              sql.select(ORDER_LINE.ORDER_ID, PRODUCT.SLUG)
                  .from(ORDER_LINE)
                  .join(VARIANT)
                  .on(VARIANT.ID.eq(ORDER_LINE.VARIANT_ID))
                  .join(PRODUCT)
                  .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
                  .where(ORDER_LINE.ORDER_ID.in(rows.getValues(SHOP_ORDER.ID)))
                  .fetchGroups(ORDER_LINE.ORDER_ID, PRODUCT.SLUG);
          return rows.map(
              row ->
                  new PromisedParcel(
                      row.value1(),
                      row.value2(),
                      row.value3(),
                      products.getOrDefault(row.value1(), List.of())));
        });
  }

  /** The condition is written out, as SQLite uses an index of a part for just its words. */
  static Select<Record3<Long, Instant, String>> newestUnsettled(Instant since, int most) {
    return select(SHOP_ORDER.ID, SHOP_ORDER.PLACED_AT, SHOP_ORDER.COUNTRY)
        .from(SHOP_ORDER)
        .where(condition("shop_order.is_promise_settled = 0"))
        .and(SHOP_ORDER.PLACED_AT.ge(since))
        .and(SHOP_ORDER.COUNTRY.isNotNull())
        .and(SHOP_ORDER.IS_CANCELLED.isFalse())
        .orderBy(SHOP_ORDER.PLACED_AT.desc())
        .limit(most);
  }

  /** A promise of an order, and whether it was computed long after that was placed. */
  record Promise(long order, DeliveryEstimate.Estimated promised, boolean isLate) {}

  /** Settles orders: with their promises, and those without one for good. */
  void settle(List<PromisedParcel> looked, List<Promise> promises) {
    database.change(
        sql -> {
          sql.update(SHOP_ORDER)
              .set(SHOP_ORDER.IS_PROMISE_SETTLED, true)
              .where(SHOP_ORDER.ID.in(looked.stream().map(PromisedParcel::id).toList()))
              .execute();
          sql.batch(
                  promises.stream()
                      .map(
                          one ->
                              sql.update(SHOP_ORDER)
                                  .set(
                                      SHOP_ORDER.PROMISED_LEAVES_FIRST,
                                      one.promised().leaves().first())
                                  .set(
                                      SHOP_ORDER.PROMISED_LEAVES_LAST,
                                      one.promised().leaves().last())
                                  .set(SHOP_ORDER.PROMISED_FIRST, one.promised().arrives().first())
                                  .set(SHOP_ORDER.PROMISED_LAST, one.promised().arrives().last())
                                  .set(SHOP_ORDER.IS_PROMISED_LATE, one.isLate())
                                  .where(SHOP_ORDER.ID.eq(one.order())))
                      .toList())
              .execute();
        });
  }

  /** A parcel that came, and when it was ordered. */
  record Came(Instant placedAt, OnTimePerformance.Arrived arrived) {}

  /** Parcels that were promised and came, from a day on, by country. */
  Map<String, List<Came>> arrived(LocalDate since) {
    return database.read(
        sql ->
            sql
                .select(
                    SHOP_ORDER.COUNTRY,
                    SHOP_ORDER.PROMISED_LEAVES_FIRST,
                    SHOP_ORDER.PROMISED_LEAVES_LAST,
                    SHOP_ORDER.PROMISED_FIRST,
                    SHOP_ORDER.PROMISED_LAST,
                    SHOP_ORDER.ARRIVED_ON,
                    SHOP_ORDER.PLACED_AT)
                .from(SHOP_ORDER)
                .where(
                    SHOP_ORDER
                        .ARRIVED_ON
                        .ge(since)
                        .and(SHOP_ORDER.PROMISED_LAST.isNotNull())
                        .and(SHOP_ORDER.IS_CANCELLED.isFalse()))
                .orderBy(SHOP_ORDER.COUNTRY)
                .stream()
                .collect(
                    Collectors.groupingBy(
                        row -> row.value1(),
                        LinkedHashMap::new,
                        Collectors.mapping(
                            row ->
                                new Came(
                                    row.value7(),
                                    new OnTimePerformance.Arrived(
                                        new DeliveryEstimate.DateRange(row.value2(), row.value3()),
                                        new DeliveryEstimate.DateRange(row.value4(), row.value5()),
                                        row.value6())),
                            Collectors.toList()))));
  }

  /** How many of them were promised long after they were placed. */
  int promisedLate(LocalDate since) {
    return database.read(
        sql ->
            sql.select(count())
                .from(SHOP_ORDER)
                .where(SHOP_ORDER.ARRIVED_ON.ge(since).and(SHOP_ORDER.IS_PROMISED_LATE.isTrue()))
                .fetchSingle()
                .value1());
  }
}
