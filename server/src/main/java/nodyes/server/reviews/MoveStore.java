package nodyes.server.reviews;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_MOVE;
import static nodyes.generated.Tables.REVIEW_MOVE_ITEM;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.val;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.bringin.Flag;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewState;
import nodyes.generated.tables.records.ReviewMoveItemRecord;
import nodyes.generated.tables.records.ReviewMoveRecord;
import nodyes.server.database.Database;
import nodyes.server.web.Refusal;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Moves reviews from state to state, so that it can be taken back. */
@Component
class MoveStore {
  private final Database database;

  MoveStore(Database database) {
    this.database = database;
  }

  /** What a move came to; the products whose published reviews it changed. */
  record Outcome(long move, int moved, Set<String> changedProducts) {}

  Outcome move(
      Set<Long> ids, ReviewState to, Optional<LeaveOutReason> reason, String who, Instant now) {
    String because = reason.map(LeaveOutReason::name).orElse(null);
    return database.write(
        sql -> {
          var moving =
              sql
                  .select(REVIEW.ID, PRODUCT.SLUG, REVIEW.STATE, REVIEW.LEFT_OUT_BECAUSE)
                  .from(REVIEW)
                  .join(PRODUCT)
                  .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                  .where(REVIEW.ID.in(ids))
                  .fetch()
                  .stream()
                  .filter(row -> ReviewState.valueOf(row.get(REVIEW.STATE)).mayBecome(to))
                  .toList();
          long move = beginMove(sql, to, because, who, now);
          var changed = new HashSet<String>();
          var items = new ArrayList<ReviewMoveItemRecord>();
          for (var row : moving) {
            ReviewState from = ReviewState.valueOf(row.get(REVIEW.STATE));
            items.add(
                new ReviewMoveItemRecord(
                    move, row.get(REVIEW.ID), from.name(), row.get(REVIEW.LEFT_OUT_BECAUSE)));
            if (from == ReviewState.PUBLISHED || to == ReviewState.PUBLISHED) {
              changed.add(row.get(PRODUCT.SLUG));
            }
          }
          if (!moving.isEmpty()) {
            sql.batchInsert(items).execute();
            sql.update(REVIEW)
                .set(REVIEW.STATE, to.name())
                .set(REVIEW.LEFT_OUT_BECAUSE, because)
                .where(REVIEW.ID.in(moving.stream().map(row -> row.get(REVIEW.ID)).toList()))
                .execute();
          }
          return new Outcome(move, moving.size(), changed);
        });
  }

  /** Moves all that waits from a batch: what is kept to the published, the rest to the left out. */
  Sorting.Published publishBatch(long batch, String who, Instant now) {
    Condition waits = REVIEW.BATCH_ID.eq(batch).and(REVIEW.STATE.eq(ReviewState.WAITING.name()));
    Condition leftOut = waits.and(REVIEW.SORTED.eq(ReviewFilter.Sorted.LEFT_OUT.name()));
    Condition kept =
        waits.and(
            REVIEW
                .SORTED
                .isNull()
                .andNot(isSerious())
                .or(REVIEW.SORTED.eq(ReviewFilter.Sorted.KEPT.name())));
    return database.write(
        sql -> {
          List<Sorting.OnProduct> products =
              sql.select(PRODUCT.SLUG, PRODUCT.TITLE, count())
                  .from(REVIEW)
                  .join(PRODUCT)
                  .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                  .where(kept)
                  .groupBy(PRODUCT.ID)
                  .orderBy(count().desc(), PRODUCT.TITLE)
                  .fetch(row -> new Sorting.OnProduct(row.value1(), row.value2(), row.value3()));
          long move = beginMove(sql, ReviewState.PUBLISHED, null, who, now);
          addItems(sql, move, kept);
          int published =
              sql.update(REVIEW)
                  .set(REVIEW.STATE, ReviewState.PUBLISHED.name())
                  .where(kept)
                  .execute();
          int left = leaveOutWith(sql, move, leftOut, who, now);
          int waiting = sql.fetchCount(REVIEW, waits);
          return new Sorting.Published(move, published, left, waiting, products);
        });
  }

  /** Whether something was found that someone must have looked at. */
  static Condition isSerious() {
    return REVIEW.FLAGS.bitAnd(Flag.bits(Flag.SERIOUS)).ne(0L);
  }

  /** Leaves out with a move for each reason, all taken back with the first. */
  private static int leaveOutWith(
      DSLContext sql, long first, Condition leftOut, String who, Instant now) {
    Field<String> reason = coalesce(REVIEW.SORTED_BECAUSE, inline(LeaveOutReason.NOT_GIVEN.name()));
    int left = 0;
    for (String because : sql.selectDistinct(reason).from(REVIEW).where(leftOut).fetch(reason)) {
      Condition these = leftOut.and(reason.eq(because));
      long move = beginMove(sql, ReviewState.LEFT_OUT, because, who, now);
      sql.update(REVIEW_MOVE)
          .set(REVIEW_MOVE.WITH_MOVE, first)
          .where(REVIEW_MOVE.ID.eq(move))
          .execute();
      addItems(sql, move, these);
      left +=
          sql.update(REVIEW)
              .set(REVIEW.STATE, ReviewState.LEFT_OUT.name())
              .set(REVIEW.LEFT_OUT_BECAUSE, because)
              .where(these)
              .execute();
    }
    return left;
  }

  private static long beginMove(
      DSLContext sql, ReviewState to, @Nullable String because, String who, Instant now) {
    return sql.insertInto(
            REVIEW_MOVE,
            REVIEW_MOVE.TO_STATE,
            REVIEW_MOVE.REASON,
            REVIEW_MOVE.MOVED_BY,
            REVIEW_MOVE.MOVED_AT)
        .values(to.name(), because, who, now)
        .returningResult(REVIEW_MOVE.ID)
        .fetchSingle()
        .value1();
  }

  private static void addItems(DSLContext sql, long move, Condition moving) {
    sql.insertInto(
            REVIEW_MOVE_ITEM,
            REVIEW_MOVE_ITEM.MOVE_ID,
            REVIEW_MOVE_ITEM.REVIEW_ID,
            REVIEW_MOVE_ITEM.FROM_STATE,
            REVIEW_MOVE_ITEM.FROM_REASON)
        .select(
            select(val(move), REVIEW.ID, REVIEW.STATE, REVIEW.LEFT_OUT_BECAUSE)
                .from(REVIEW)
                .where(moving))
        .execute();
  }

  Outcome takeBack(long move) {
    return database.write(
        sql -> {
          var done =
              sql.selectFrom(REVIEW_MOVE)
                  .where(REVIEW_MOVE.ID.eq(move))
                  .fetchOptional()
                  .orElseThrow(() -> Refusal.notFound("There is nothing to take back."));
          if (done.getIsUndone()) {
            throw Refusal.unusable("That was taken back already.");
          }
          var changed = new HashSet<String>();
          int moved = 0;
          for (var part :
              sql.selectFrom(REVIEW_MOVE)
                  .where(REVIEW_MOVE.ID.eq(move).or(REVIEW_MOVE.WITH_MOVE.eq(move)))
                  .fetch()) {
            moved += takeBack(sql, part, changed);
          }
          return new Outcome(move, moved, changed);
        });
  }

  private static int takeBack(DSLContext sql, ReviewMoveRecord move, Set<String> changed) {
    Condition stays =
        REVIEW_MOVE_ITEM.MOVE_ID.eq(move.getId()).and(REVIEW.STATE.eq(move.getToState()));
    changed.addAll(
        sql.selectDistinct(PRODUCT.SLUG)
            .from(REVIEW_MOVE_ITEM)
            .join(REVIEW)
            .on(REVIEW.ID.eq(REVIEW_MOVE_ITEM.REVIEW_ID))
            .join(PRODUCT)
            .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
            .where(stays)
            .fetchSet(PRODUCT.SLUG));
    sql.update(REVIEW_MOVE)
        .set(REVIEW_MOVE.IS_UNDONE, true)
        .where(REVIEW_MOVE.ID.eq(move.getId()))
        .execute();
    return sql.update(REVIEW)
        .set(REVIEW.STATE, REVIEW_MOVE_ITEM.FROM_STATE)
        .set(REVIEW.LEFT_OUT_BECAUSE, REVIEW_MOVE_ITEM.FROM_REASON)
        .from(REVIEW_MOVE_ITEM)
        .where(stays.and(REVIEW_MOVE_ITEM.REVIEW_ID.eq(REVIEW.ID)))
        .execute();
  }
}
