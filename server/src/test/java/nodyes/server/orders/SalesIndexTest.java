package nodyes.server.orders;

import static java.util.Objects.requireNonNull;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.rank;
import static org.jooq.impl.DSL.sum;
import static org.jooq.impl.DSL.when;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.SplittableRandom;
import nodyes.core.common.ProductId;
import nodyes.core.sales.DailySales;
import nodyes.core.sales.SalesRank;
import nodyes.generated.Tables;
import nodyes.server.ServerTest;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.database.Database;
import nodyes.server.shop.Shop;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

public class SalesIndexTest extends ServerTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  @Autowired private SalesIndex sales;
  @Autowired private Catalogue catalogue;
  @Autowired private Database database;
  @Autowired private Shop shop;

  /** Orders, cancellations and returns at random, one file after another. */
  @Test
  public void ranksAreThoseOfSqlsOwnWindowFunction() throws Exception {
    for (int i = 0; i < 12; i++) {
      product("ranked-" + i);
    }
    var random = new SplittableRandom(2003); // SQL:2003 brought RANK() OVER
    for (int round = 0; round < 6; round++) {
      var lines = new StringBuilder();
      for (int k = 0; k < 25; k++) {
        lines.append(
            "{\"orderNumber\":\"S-%d\",\"orderDate\":\"2026-%02d-%02dT%02d:30:00Z\"%s,\"orderedItem\":[{\"orderQuantity\":%d%s,\"orderedItem\":{\"sku\":\"ranked-%d-1\"}}]}\n"
                .formatted(
                    random.nextInt(80),
                    10 + random.nextInt(2),
                    1 + random.nextInt(25),
                    random.nextInt(24),
                    random.nextInt(6) == 0
                        ? ",\"orderStatus\":\"https://schema.org/OrderCancelled\""
                        : "",
                    1 + random.nextInt(3),
                    random.nextInt(6) == 0
                        ? ",\"orderItemStatus\":\"https://schema.org/OrderReturned\""
                        : "",
                    random.nextInt(12)));
      }
      upload("/api/v1/orders/imports", "o.jsonl", utf8(lines.toString()))
          .andExpect(status().isOk());
      Map<Long, SalesRank> ours = new HashMap<>();
      DailySales.Group all = requireNonNull(catalogue.groups().get(""));
      for (ProductId product : all.products()) {
        ours.put(product.value(), sales.book().standing(product, all, 30, TODAY));
      }
      bySql()
          .forEach(
              (product, place) -> {
                SalesRank standing = requireNonNull(ours.get(product));
                assertEquals(standing.units(), place[0], "units of " + product);
                assertEquals(standing.rank(), (int) place[1], "rank of " + product);
              });
    }
  }

  /** Units of the last thirty days and rank, by product. */
  private Map<Long, long[]> bySql() {
    ZoneId zone = shop.settings().zone();
    Instant from = TODAY.minusDays(29).atStartOfDay(zone).toInstant();
    var order = Tables.SHOP_ORDER;
    var line = Tables.ORDER_LINE;
    var variant = Tables.VARIANT;
    var units =
        coalesce(
                sum(
                    when(
                            order.IS_CANCELLED.isFalse().and(order.PLACED_AT.ge(from)),
                            line.QUANTITY.minus(line.RETURNED))
                        .otherwise(inline(0L))),
                inline(BigDecimal.ZERO))
            .as("units");
    return database.read(
        sql -> {
          var sold =
              sql.select(variant.PRODUCT_ID, units)
                  .from(variant)
                  .leftJoin(line)
                  .on(line.VARIANT_ID.eq(variant.ID))
                  .leftJoin(order)
                  .on(order.ID.eq(line.ORDER_ID))
                  .groupBy(variant.PRODUCT_ID)
                  .asTable("sold");
          var sum = field("sold.units", Long.class);
          var product = field("sold.product_id", Long.class);
          var places = new HashMap<Long, long[]>();
          sql.select(product, sum, rank().over().orderBy(sum.desc()))
              .from(sold)
              .forEach(
                  row ->
                      places.put(
                          row.value1(), new long[] {row.value2(), row.value3().longValue()}));
          return places;
        });
  }
}
