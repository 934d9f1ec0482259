package nodyes.server.feeds;

import static nodyes.generated.Tables.FEED_CHANGE;
import static nodyes.generated.Tables.FEED_RECORDING;
import static nodyes.generated.Tables.FEED_RUN;
import static nodyes.generated.Tables.ORDER_LINE;
import static nodyes.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.exists;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectOne;

import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.generated.tables.records.FeedChangeRecord;
import nodyes.server.database.Database;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/**
 * What runs changed, row by row. The database's triggers note it while {@link #noting} writes, so
 * that nothing a run does can be left out, whichever feature does it.
 */
@Component
class FeedChangeStore {
  private static final int AT_ONCE = 4_000;

  private final Database database;
  private final ObjectMapper json;

  FeedChangeStore(Database database, ObjectMapper json) {
    this.database = database;
    this.json = json;
  }

  /** Writes something as a part of a run, in one transaction. */
  void noting(long run, Runnable work) {
    database.change(
        sql -> {
          sql.insertInto(FEED_RECORDING).set(FEED_RECORDING.RUN_ID, run).execute();
          work.run();
          sql.deleteFrom(FEED_RECORDING).execute();
        });
  }

  private static Condition hasChanges() {
    return exists(selectOne().from(FEED_CHANGE).where(FEED_CHANGE.RUN_ID.eq(FEED_RUN.ID)));
  }

  /** Of these runs, those that changed something which is not undone. */
  Set<Long> undoable(Collection<Long> runs) {
    return database.read(
        sql ->
            new HashSet<>(
                sql.select(FEED_RUN.ID)
                    .from(FEED_RUN)
                    .where(FEED_RUN.ID.in(runs).and(FEED_RUN.UNDONE_AT.isNull()).and(hasChanges()))
                    .fetch(FEED_RUN.ID)));
  }

  /** The newest run of a kind that came after a run and changed something too. */
  Optional<Long> laterThan(long run) {
    return database.read(
        sql ->
            sql.select(FEED_RUN.ID)
                .from(FEED_RUN)
                .where(
                    FEED_RUN
                        .ID
                        .gt(run)
                        .and(
                            FEED_RUN.KIND.eq(
                                select(FEED_RUN.KIND).from(FEED_RUN).where(FEED_RUN.ID.eq(run))))
                        .and(FEED_RUN.UNDONE_AT.isNull())
                        .and(hasChanges()))
                .orderBy(FEED_RUN.ID.desc())
                .limit(1)
                .fetchOptional(FEED_RUN.ID));
  }

  /** What came of undoing: products whose orders are others now. */
  record Undone(Set<Long> soldAnew) {}

  /**
   * Makes all that a run changed as it was before: the newest notes first, some at a time, so that
   * others can write meanwhile. Where it is cut off the rest can still be undone.
   */
  Undone undo(long run, Instant now) {
    var soldAnew = new HashSet<Long>();
    while (true) {
      boolean isMore = database.write(sql -> undoSome(sql, run, soldAnew));
      if (!isMore) {
        break;
      }
    }
    return database.write(
        sql -> {
          sql.update(FEED_RUN).set(FEED_RUN.UNDONE_AT, now).where(FEED_RUN.ID.eq(run)).execute();
          return new Undone(productsOf(sql, soldAnew));
        });
  }

  private boolean undoSome(DSLContext sql, long run, Set<Long> soldAnew) {
    List<FeedChangeRecord> newest =
        sql.selectFrom(FEED_CHANGE)
            .where(FEED_CHANGE.RUN_ID.eq(run))
            .orderBy(FEED_CHANGE.ID.desc())
            .limit(AT_ONCE)
            .fetch();
    if (newest.isEmpty()) {
      return false;
    }
    var former = new FormerRowWriter(sql, json);
    newest.reversed().forEach(former::add);
    soldAnew.addAll(former.keys(ORDER_LINE, ORDER_LINE.VARIANT_ID));
    long kept = former.restore();
    sql.deleteFrom(FEED_CHANGE)
        .where(FEED_CHANGE.RUN_ID.eq(run).and(FEED_CHANGE.ID.ge(newest.getLast().getId())))
        .execute();
    sql.update(FEED_RUN)
        .set(FEED_RUN.KEPT_IN_UNDO, FEED_RUN.KEPT_IN_UNDO.plus(kept))
        .where(FEED_RUN.ID.eq(run))
        .execute();
    return true;
  }

  private static Set<Long> productsOf(DSLContext sql, Set<Long> variants) {
    return new HashSet<>(
        sql.selectDistinct(VARIANT.PRODUCT_ID)
            .from(VARIANT)
            .where(VARIANT.ID.in(variants))
            .fetch(VARIANT.PRODUCT_ID));
  }

  /** Forgets what runs from before a moment changed: they can no longer be undone. */
  void forgetBefore(Instant moment) {
    database.change(
        sql ->
            sql.deleteFrom(FEED_CHANGE)
                .where(
                    FEED_CHANGE.RUN_ID.notIn(
                        select(FEED_RUN.ID).from(FEED_RUN).where(FEED_RUN.RAN_AT.ge(moment))))
                .execute());
  }
}
