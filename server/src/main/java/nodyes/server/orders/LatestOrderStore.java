package nodyes.server.orders;

import static nodyes.generated.Tables.ORDER_LINE;
import static nodyes.generated.Tables.SHOP_ORDER;
import static nodyes.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.rowNumber;
import static org.jooq.impl.DSL.select;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ProductId;
import nodyes.core.sales.LatestOrder;
import nodyes.server.database.Database;
import org.jooq.Field;
import org.springframework.stereotype.Component;

/** The last order of products. */
@Component
class LatestOrderStore {
  /** A town is told where at least so many orders went there in a year. */
  private static final int ORDERS_OF_A_TOWN = 5;

  private static final Duration YEAR = Duration.ofDays(365);
  private static final Duration LONGEST_AGO = Duration.ofDays(31);

  private final Database database;

  LatestOrderStore(Database database) {
    this.database = database;
  }

  /**
   * By product, the last one placed in the 31 days to a moment, cancelled and returned ones aside.
   */
  Map<ProductId, LatestOrder> find(Collection<Long> products, Instant moment) {
    return database.read(
        sql -> {
          var place =
              rowNumber()
                  .over()
                  .partitionBy(VARIANT.PRODUCT_ID)
                  .orderBy(SHOP_ORDER.PLACED_AT.desc(), SHOP_ORDER.ID.desc())
                  .as("place");
          var latest =
              select(
                      VARIANT.PRODUCT_ID,
                      SHOP_ORDER.PLACED_AT,
                      SHOP_ORDER.COUNTRY,
                      SHOP_ORDER.TOWN,
                      SHOP_ORDER.FIRST_NAME,
                      place)
                  .from(VARIANT)
                  .join(ORDER_LINE)
                  .on(ORDER_LINE.VARIANT_ID.eq(VARIANT.ID))
                  .join(SHOP_ORDER)
                  .on(SHOP_ORDER.ID.eq(ORDER_LINE.ORDER_ID))
                  .where(
                      VARIANT
                          .PRODUCT_ID
                          .in(products)
                          .and(SHOP_ORDER.IS_CANCELLED.isFalse())
                          .and(ORDER_LINE.RETURNED.lt(ORDER_LINE.QUANTITY))
                          .and(SHOP_ORDER.PLACED_AT.le(moment))
                          .and(SHOP_ORDER.PLACED_AT.gt(moment.minus(LONGEST_AGO))))
                  .asTable("latest");
          var found = new HashMap<ProductId, LatestOrder>();
          // how many go to a town is counted for the last orders alone
          sql.select(latest.fields())
              .select(
                  ordersTo(latest.field(SHOP_ORDER.TOWN), latest.field(SHOP_ORDER.COUNTRY), moment)
                      .as("to_town"))
              .from(latest)
              .where(latest.field(place).eq(1))
              .forEach(row -> found.put(new ProductId(row.get(VARIANT.PRODUCT_ID)), order(row)));
          return found;
        });
  }

  private static LatestOrder order(org.jooq.Record row) {
    return new LatestOrder(
        row.get(SHOP_ORDER.PLACED_AT),
        Optional.ofNullable(row.get(SHOP_ORDER.COUNTRY)),
        Optional.ofNullable(row.get(SHOP_ORDER.TOWN))
            .filter(_ -> row.get("to_town", Integer.class) >= ORDERS_OF_A_TOWN),
        Optional.ofNullable(row.get(SHOP_ORDER.FIRST_NAME)));
  }

  private static Field<Integer> ordersTo(
      Field<String> town, Field<String> country, Instant moment) {
    return field(
        select(count())
            .from(SHOP_ORDER)
            .where(
                SHOP_ORDER
                    .TOWN
                    .eq(town)
                    .and(SHOP_ORDER.COUNTRY.eq(country))
                    .and(SHOP_ORDER.IS_CANCELLED.isFalse())
                    .and(SHOP_ORDER.PLACED_AT.le(moment))
                    .and(SHOP_ORDER.PLACED_AT.gt(moment.minus(YEAR)))));
  }
}
