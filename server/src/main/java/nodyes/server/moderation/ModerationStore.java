package nodyes.server.moderation;

import static nodyes.generated.Tables.MODERATION_ACTION;
import static nodyes.generated.Tables.MODERATION_ITEM;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.server.messages.Texts.text;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.val;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewStatus;
import nodyes.generated.tables.records.ModerationActionRecord;
import nodyes.generated.tables.records.ModerationItemRecord;
import nodyes.server.database.Database;
import nodyes.server.reviews.ReviewFilter;
import nodyes.server.web.ApiProblem;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Moves reviews from state to state, so that it can be undone. */
@Component
class ModerationStore {
  private final Database database;

  ModerationStore(Database database) {
    this.database = database;
  }

  ModerationResult move(
      Set<Long> ids, ReviewStatus to, Optional<LeaveOutReason> reason, String who, Instant now) {
    LeaveOutReason because = reason.orElse(null);
    return database.write(
        sql -> {
          var moving =
              sql
                  .select(REVIEW.ID, REVIEW.STATUS, REVIEW.LEFT_OUT_REASON)
                  .from(REVIEW)
                  .where(REVIEW.ID.in(ids))
                  .fetch()
                  .stream()
                  .filter(row -> row.get(REVIEW.STATUS).mayBecome(to))
                  .toList();
          long move = beginMove(sql, to, because, who, now);
          var items = new ArrayList<ModerationItemRecord>();
          for (var row : moving) {
            items.add(
                new ModerationItemRecord(
                    move,
                    row.get(REVIEW.ID),
                    row.get(REVIEW.STATUS),
                    row.get(REVIEW.LEFT_OUT_REASON)));
          }
          if (!moving.isEmpty()) {
            sql.batchInsert(items).execute();
            sql.update(REVIEW)
                .set(REVIEW.STATUS, to)
                .set(REVIEW.LEFT_OUT_REASON, because)
                .where(REVIEW.ID.in(moving.stream().map(row -> row.get(REVIEW.ID)).toList()))
                .execute();
          }
          return new ModerationResult(move, moving.size());
        });
  }

  /**
   * Moves all that waits from an import: what is kept to the published, the rest to the left out.
   */
  ImportModeration.Published publishBatch(long batch, String who, Instant now) {
    Condition waits = REVIEW.IMPORT_ID.eq(batch).and(REVIEW.STATUS.eq(ReviewStatus.PENDING));
    Condition leftOut = waits.and(REVIEW.IMPORT_DECISION.eq(ReviewFilter.ImportDecision.LEFT_OUT));
    Condition kept =
        waits.and(
            REVIEW
                .IMPORT_DECISION
                .isNull()
                .andNot(isSerious())
                .or(REVIEW.IMPORT_DECISION.eq(ReviewFilter.ImportDecision.ACCEPTED)));
    return database.write(
        sql -> {
          List<ImportModeration.OnProduct> products =
              sql.select(PRODUCT.SLUG, PRODUCT.TITLE, count())
                  .from(REVIEW)
                  .join(PRODUCT)
                  .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                  .where(kept)
                  .groupBy(PRODUCT.ID)
                  .orderBy(count().desc(), PRODUCT.TITLE)
                  .fetch(
                      row ->
                          new ImportModeration.OnProduct(row.value1(), row.value2(), row.value3()));
          long move = beginMove(sql, ReviewStatus.PUBLISHED, null, who, now);
          addItems(sql, move, kept);
          int published =
              sql.update(REVIEW).set(REVIEW.STATUS, ReviewStatus.PUBLISHED).where(kept).execute();
          int left = leaveOutWith(sql, move, leftOut, who, now);
          int waiting = sql.fetchCount(REVIEW, waits);
          return new ImportModeration.Published(move, published, left, waiting, products);
        });
  }

  /** Whether something was found that someone must have looked at. */
  static Condition isSerious() {
    return REVIEW.FLAGS.bitAnd(ReviewFlag.bits(ReviewFlag.SERIOUS)).ne(0L);
  }

  /** Leaves out with a move for each reason, all undone with the first. */
  private static int leaveOutWith(
      DSLContext sql, long first, Condition leftOut, String who, Instant now) {
    Field<LeaveOutReason> reason =
        coalesce(REVIEW.IMPORT_DECISION_REASON, inline(LeaveOutReason.NOT_GIVEN));
    int left = 0;
    for (LeaveOutReason because :
        sql.selectDistinct(reason).from(REVIEW).where(leftOut).fetch(reason)) {
      Condition these = leftOut.and(reason.eq(because));
      long move = beginMove(sql, ReviewStatus.LEFT_OUT, because, who, now);
      sql.update(MODERATION_ACTION)
          .set(MODERATION_ACTION.PARENT_ACTION, first)
          .where(MODERATION_ACTION.ID.eq(move))
          .execute();
      addItems(sql, move, these);
      left +=
          sql.update(REVIEW)
              .set(REVIEW.STATUS, ReviewStatus.LEFT_OUT)
              .set(REVIEW.LEFT_OUT_REASON, because)
              .where(these)
              .execute();
    }
    return left;
  }

  private static long beginMove(
      DSLContext sql, ReviewStatus to, @Nullable LeaveOutReason because, String who, Instant now) {
    return sql.insertInto(
            MODERATION_ACTION,
            MODERATION_ACTION.TO_STATUS,
            MODERATION_ACTION.REASON,
            MODERATION_ACTION.DONE_BY,
            MODERATION_ACTION.DONE_AT)
        .values(to, because, who, now)
        .returningResult(MODERATION_ACTION.ID)
        .fetchSingle()
        .value1();
  }

  private static void addItems(DSLContext sql, long move, Condition moving) {
    sql.insertInto(
            MODERATION_ITEM,
            MODERATION_ITEM.ACTION_ID,
            MODERATION_ITEM.REVIEW_ID,
            MODERATION_ITEM.FROM_STATUS,
            MODERATION_ITEM.FROM_REASON)
        .select(
            select(val(move), REVIEW.ID, REVIEW.STATUS, REVIEW.LEFT_OUT_REASON)
                .from(REVIEW)
                .where(moving))
        .execute();
  }

  int takeBack(long move) {
    return database.write(
        sql -> {
          var done =
              sql.selectFrom(MODERATION_ACTION)
                  .where(MODERATION_ACTION.ID.eq(move))
                  .fetchOptional()
                  .orElseThrow(() -> ApiProblem.notFound(text("reviews.nothingToUndo")));
          if (done.getIsUndone()) {
            throw ApiProblem.unusable(text("reviews.alreadyUndone"));
          }
          int moved = 0;
          for (var part :
              sql.selectFrom(MODERATION_ACTION)
                  .where(MODERATION_ACTION.ID.eq(move).or(MODERATION_ACTION.PARENT_ACTION.eq(move)))
                  .fetch()) {
            moved += takeBack(sql, part);
          }
          return moved;
        });
  }

  private static int takeBack(DSLContext sql, ModerationActionRecord move) {
    Condition stays =
        MODERATION_ITEM.ACTION_ID.eq(move.getId()).and(REVIEW.STATUS.eq(move.getToStatus()));
    sql.update(MODERATION_ACTION)
        .set(MODERATION_ACTION.IS_UNDONE, true)
        .where(MODERATION_ACTION.ID.eq(move.getId()))
        .execute();
    return sql.update(REVIEW)
        .set(REVIEW.STATUS, MODERATION_ITEM.FROM_STATUS)
        .set(REVIEW.LEFT_OUT_REASON, MODERATION_ITEM.FROM_REASON)
        .from(MODERATION_ITEM)
        .where(stays.and(MODERATION_ITEM.REVIEW_ID.eq(REVIEW.ID)))
        .execute();
  }
}
