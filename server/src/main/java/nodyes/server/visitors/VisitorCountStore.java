package nodyes.server.visitors;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.VISITOR_COUNTER;
import static nodyes.generated.Tables.VISITOR_COUNT_SHOWN;
import static org.jooq.impl.DSL.val;
import static org.jooq.impl.DSL.when;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import nodyes.server.database.Database;
import nodyes.server.web.PagedResult;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Tallies and shown numbers as they are kept. */
@Component
class VisitorCountStore {
  private static final long DAY = 86_400;
  private static final long KEPT_DAYS = 400;

  private final Database database;

  VisitorCountStore(Database database) {
    this.database = database;
  }

  Optional<byte[]> find(long product) {
    return database.read(
        sql ->
            sql.select(VISITOR_COUNTER.CONTENT)
                .from(VISITOR_COUNTER)
                .where(VISITOR_COUNTER.PRODUCT_ID.eq(product))
                .fetchOptional(VISITOR_COUNTER.CONTENT));
  }

  /** Saves tallies, and adds numbers that were shown; of products that are gone nothing is kept. */
  void save(
      Map<Long, byte[]> tallies,
      Map<VisitorCounts.Shown, VisitorCounts.Times> numbers,
      Instant now) {
    if (tallies.isEmpty() && numbers.isEmpty()) {
      return;
    }
    database.write(
        sql -> {
          tallies.forEach((product, content) -> save(sql, product, content, now));
          numbers.forEach((shown, times) -> add(sql, shown, times));
          return sql.deleteFrom(VISITOR_COUNT_SHOWN)
              .where(VISITOR_COUNT_SHOWN.HOUR.lt(now.getEpochSecond() - KEPT_DAYS * DAY))
              .execute();
        });
  }

  private static void save(DSLContext sql, long product, byte[] content, Instant now) {
    sql.insertInto(
            VISITOR_COUNTER,
            VISITOR_COUNTER.PRODUCT_ID,
            VISITOR_COUNTER.SAVED_AT,
            VISITOR_COUNTER.CONTENT)
        .select(
            DSL.select(PRODUCT.ID, val(now, VISITOR_COUNTER.SAVED_AT), val(content))
                .from(PRODUCT)
                .where(PRODUCT.ID.eq(product)))
        .onConflict(VISITOR_COUNTER.PRODUCT_ID)
        .doUpdate()
        .set(VISITOR_COUNTER.SAVED_AT, now)
        .set(VISITOR_COUNTER.CONTENT, content)
        .execute();
  }

  private static void add(DSLContext sql, VisitorCounts.Shown shown, VisitorCounts.Times times) {
    sql.insertInto(
            VISITOR_COUNT_SHOWN,
            VISITOR_COUNT_SHOWN.HOUR,
            VISITOR_COUNT_SHOWN.PRODUCT_ID,
            VISITOR_COUNT_SHOWN.TIME_WINDOW,
            VISITOR_COUNT_SHOWN.NUMBER,
            VISITOR_COUNT_SHOWN.TIMES,
            VISITOR_COUNT_SHOWN.COUNTED)
        .select(
            DSL.select(
                    val(shown.hour()),
                    PRODUCT.ID,
                    val(shown.window(), VISITOR_COUNT_SHOWN.TIME_WINDOW),
                    val(shown.number()),
                    val(times.times()),
                    val(times.counted()))
                .from(PRODUCT)
                .where(PRODUCT.ID.eq(shown.product())))
        .onConflict(
            VISITOR_COUNT_SHOWN.HOUR,
            VISITOR_COUNT_SHOWN.PRODUCT_ID,
            VISITOR_COUNT_SHOWN.TIME_WINDOW,
            VISITOR_COUNT_SHOWN.NUMBER)
        .doUpdate()
        .set(VISITOR_COUNT_SHOWN.TIMES, VISITOR_COUNT_SHOWN.TIMES.plus(times.times()))
        .set(
            VISITOR_COUNT_SHOWN.COUNTED,
            when(VISITOR_COUNT_SHOWN.COUNTED.gt(times.counted()), val(times.counted()))
                .otherwise(VISITOR_COUNT_SHOWN.COUNTED))
        .execute();
  }

  /** Numbers shown from an instant to another, the latest first. */
  PagedResult<ShownVisitorCount> shown(Instant from, Instant to, int page, int size) {
    var within =
        VISITOR_COUNT_SHOWN
            .HOUR
            .ge(from.getEpochSecond())
            .and(VISITOR_COUNT_SHOWN.HOUR.lt(to.getEpochSecond()));
    return database.read(
        sql ->
            new PagedResult<>(
                sql.select(
                        VISITOR_COUNT_SHOWN.HOUR,
                        PRODUCT.SLUG,
                        PRODUCT.TITLE,
                        VISITOR_COUNT_SHOWN.TIME_WINDOW,
                        VISITOR_COUNT_SHOWN.NUMBER,
                        VISITOR_COUNT_SHOWN.COUNTED,
                        VISITOR_COUNT_SHOWN.TIMES)
                    .from(VISITOR_COUNT_SHOWN)
                    .join(PRODUCT)
                    .on(PRODUCT.ID.eq(VISITOR_COUNT_SHOWN.PRODUCT_ID))
                    .where(within)
                    .orderBy(
                        VISITOR_COUNT_SHOWN.HOUR.desc(),
                        VISITOR_COUNT_SHOWN.PRODUCT_ID.desc(),
                        VISITOR_COUNT_SHOWN.TIME_WINDOW.desc(),
                        VISITOR_COUNT_SHOWN.NUMBER.desc())
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(
                        row ->
                            new ShownVisitorCount(
                                Instant.ofEpochSecond(row.value1()),
                                row.value2(),
                                row.value3(),
                                row.value4(),
                                row.value5(),
                                row.value6(),
                                row.value7())),
                page,
                size,
                sql.fetchCount(VISITOR_COUNT_SHOWN, within)));
  }
}
