package nodyes.server.presence;

import static nodyes.generated.Tables.PRESENCE_SHOWN;
import static nodyes.generated.Tables.PRESENCE_TALLY;
import static nodyes.generated.Tables.PRODUCT;
import static org.jooq.impl.DSL.val;
import static org.jooq.impl.DSL.when;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import nodyes.core.presence.ViewWindow;
import nodyes.server.database.Database;
import nodyes.server.web.PageOf;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Tallies and shown numbers as they are kept. */
@Component
class PresenceStore {
  private static final long DAY = 86_400;
  private static final long KEPT_DAYS = 400;

  private final Database database;

  PresenceStore(Database database) {
    this.database = database;
  }

  Optional<byte[]> find(long product) {
    return database.read(
        sql ->
            sql.select(PRESENCE_TALLY.CONTENT)
                .from(PRESENCE_TALLY)
                .where(PRESENCE_TALLY.PRODUCT_ID.eq(product))
                .fetchOptional(PRESENCE_TALLY.CONTENT));
  }

  /** Saves tallies, and adds numbers that were shown; of products that are gone nothing is kept. */
  void save(Map<Long, byte[]> tallies, Map<Presence.Shown, Presence.Times> numbers, Instant now) {
    if (tallies.isEmpty() && numbers.isEmpty()) {
      return;
    }
    database.write(
        sql -> {
          tallies.forEach((product, content) -> save(sql, product, content, now));
          numbers.forEach((shown, times) -> add(sql, shown, times));
          return sql.deleteFrom(PRESENCE_SHOWN)
              .where(PRESENCE_SHOWN.HOUR.lt(now.getEpochSecond() - KEPT_DAYS * DAY))
              .execute();
        });
  }

  private static void save(DSLContext sql, long product, byte[] content, Instant now) {
    sql.insertInto(
            PRESENCE_TALLY,
            PRESENCE_TALLY.PRODUCT_ID,
            PRESENCE_TALLY.SAVED_AT,
            PRESENCE_TALLY.CONTENT)
        .select(
            DSL.select(PRODUCT.ID, val(now, PRESENCE_TALLY.SAVED_AT), val(content))
                .from(PRODUCT)
                .where(PRODUCT.ID.eq(product)))
        .onConflict(PRESENCE_TALLY.PRODUCT_ID)
        .doUpdate()
        .set(PRESENCE_TALLY.SAVED_AT, now)
        .set(PRESENCE_TALLY.CONTENT, content)
        .execute();
  }

  private static void add(DSLContext sql, Presence.Shown shown, Presence.Times times) {
    sql.insertInto(
            PRESENCE_SHOWN,
            PRESENCE_SHOWN.HOUR,
            PRESENCE_SHOWN.PRODUCT_ID,
            PRESENCE_SHOWN.LOOKED_BACK,
            PRESENCE_SHOWN.NUMBER,
            PRESENCE_SHOWN.TIMES,
            PRESENCE_SHOWN.COUNTED)
        .select(
            DSL.select(
                    val(shown.hour()),
                    PRODUCT.ID,
                    val(shown.window().name()),
                    val(shown.number()),
                    val(times.times()),
                    val(times.counted()))
                .from(PRODUCT)
                .where(PRODUCT.ID.eq(shown.product())))
        .onConflict(
            PRESENCE_SHOWN.HOUR,
            PRESENCE_SHOWN.PRODUCT_ID,
            PRESENCE_SHOWN.LOOKED_BACK,
            PRESENCE_SHOWN.NUMBER)
        .doUpdate()
        .set(PRESENCE_SHOWN.TIMES, PRESENCE_SHOWN.TIMES.plus(times.times()))
        .set(
            PRESENCE_SHOWN.COUNTED,
            when(PRESENCE_SHOWN.COUNTED.gt(times.counted()), val(times.counted()))
                .otherwise(PRESENCE_SHOWN.COUNTED))
        .execute();
  }

  /** Numbers shown from an instant to another, the latest first. */
  PageOf<ShownNumber> shown(Instant from, Instant to, int page, int size) {
    var within =
        PRESENCE_SHOWN
            .HOUR
            .ge(from.getEpochSecond())
            .and(PRESENCE_SHOWN.HOUR.lt(to.getEpochSecond()));
    return database.read(
        sql ->
            new PageOf<>(
                sql.select(
                        PRESENCE_SHOWN.HOUR,
                        PRODUCT.SLUG,
                        PRODUCT.TITLE,
                        PRESENCE_SHOWN.LOOKED_BACK,
                        PRESENCE_SHOWN.NUMBER,
                        PRESENCE_SHOWN.COUNTED,
                        PRESENCE_SHOWN.TIMES)
                    .from(PRESENCE_SHOWN)
                    .join(PRODUCT)
                    .on(PRODUCT.ID.eq(PRESENCE_SHOWN.PRODUCT_ID))
                    .where(within)
                    .orderBy(
                        PRESENCE_SHOWN.HOUR.desc(),
                        PRESENCE_SHOWN.PRODUCT_ID.desc(),
                        PRESENCE_SHOWN.LOOKED_BACK.desc(),
                        PRESENCE_SHOWN.NUMBER.desc())
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(
                        row ->
                            new ShownNumber(
                                Instant.ofEpochSecond(row.value1()),
                                row.value2(),
                                row.value3(),
                                ViewWindow.valueOf(row.value4()),
                                row.value5(),
                                row.value6(),
                                row.value7())),
                page,
                size,
                sql.fetchCount(PRESENCE_SHOWN, within)));
  }
}
