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
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewState;
import nodyes.generated.tables.records.ReviewMoveItemRecord;
import nodyes.server.database.Database;
import nodyes.server.database.Many;
import nodyes.server.web.PageOf;
import nodyes.server.web.Refusal;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.SortField;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the owner's desk asks of reviews, and all that changes them. */
@Component
class ReviewStore {
  private static final int MOST_FACETS = 60;

  private final Database database;

  ReviewStore(Database database) {
    this.database = database;
  }

  /** What a move came to; the products whose published reviews it changed. */
  record Outcome(long move, int moved, Set<String> changedProducts) {}

  /** In which order reviews are listed. */
  enum Order {
    NEWEST_FIRST,
    OLDEST_FIRST
  }

  private static SortField<Long> by(Order order) {
    return order == Order.NEWEST_FIRST ? REVIEW.ID.desc() : REVIEW.ID.asc();
  }

  PageOf<ReviewLine> list(ReviewFilter filter, Order order, int page, int size) {
    Condition wanted = ReviewLineStore.condition(filter);
    return database.read(
        sql ->
            new PageOf<>(
                ReviewLineStore.lines(
                    sql,
                    sql.select(REVIEW.asterisk(), PRODUCT.SLUG, PRODUCT.TITLE, PRODUCT.PICTURE)
                        .from(REVIEW)
                        .join(PRODUCT)
                        .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                        .where(
                            REVIEW.ID.in(
                                select(REVIEW.ID)
                                    .from(REVIEW)
                                    .where(wanted)
                                    .orderBy(by(order))
                                    .limit(size)
                                    .offset((page - 1) * size)))
                        .orderBy(by(order))
                        .fetch()),
                page,
                size,
                sql.selectCount().from(REVIEW).where(wanted).fetchSingle().value1()));
  }

  Facets facets() {
    return database.read(sql -> new Facets(most(sql, REVIEW.LANGUAGE), most(sql, REVIEW.COUNTRY)));
  }

  private static List<String> most(DSLContext sql, Field<String> field) {
    return sql.select(field)
        .from(REVIEW)
        .where(field.isNotNull())
        .groupBy(field)
        .orderBy(count().desc(), field)
        .limit(MOST_FACETS)
        .fetch(field);
  }

  List<Long> ids(ReviewFilter filter, int most) {
    return database.read(
        sql ->
            sql.select(REVIEW.ID)
                .from(REVIEW)
                .where(ReviewLineStore.condition(filter))
                .orderBy(REVIEW.ID)
                .limit(most)
                .fetch(REVIEW.ID));
  }

  Map<ReviewState, Long> counts() {
    return database.read(
        sql -> {
          var counts = new EnumMap<ReviewState, Long>(ReviewState.class);
          for (ReviewState state : ReviewState.values()) {
            counts.put(state, 0L);
          }
          sql.select(REVIEW.STATE, count())
              .from(REVIEW)
              .groupBy(REVIEW.STATE)
              .forEach(row -> counts.put(ReviewState.valueOf(row.value1()), (long) row.value2()));
          return counts;
        });
  }

  Optional<ReviewLine> find(long id) {
    return database.read(
        sql ->
            ReviewLineStore.lines(
                    sql,
                    sql.select(REVIEW.asterisk(), PRODUCT.SLUG, PRODUCT.TITLE, PRODUCT.PICTURE)
                        .from(REVIEW)
                        .join(PRODUCT)
                        .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                        .where(REVIEW.ID.eq(id))
                        .fetch())
                .stream()
                .findFirst());
  }

  Map<Long, ReviewState> known(Collection<Long> fingerprints) {
    return database.read(
        sql ->
            sql.select(REVIEW.FINGERPRINT, REVIEW.STATE)
                .from(REVIEW)
                .where(REVIEW.FINGERPRINT.in(Many.of(fingerprints)))
                .fetchMap(REVIEW.FINGERPRINT, row -> ReviewState.valueOf(row.value2())));
  }

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
        waits.and(REVIEW.SORTED.isNull().or(REVIEW.SORTED.eq(ReviewFilter.Sorted.KEPT.name())));
    return database.write(
        sql -> {
          List<String> products =
              sql.selectDistinct(PRODUCT.SLUG)
                  .from(REVIEW)
                  .join(PRODUCT)
                  .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                  .where(kept)
                  .fetch(PRODUCT.SLUG);
          long move = beginMove(sql, ReviewState.PUBLISHED, null, who, now);
          addItems(sql, move, kept);
          int published =
              sql.update(REVIEW)
                  .set(REVIEW.STATE, ReviewState.PUBLISHED.name())
                  .where(kept)
                  .execute();
          long leaving =
              beginMove(sql, ReviewState.LEFT_OUT, LeaveOutReason.NOT_GIVEN.name(), who, now);
          addItems(sql, leaving, leftOut);
          int left =
              sql.update(REVIEW)
                  .set(REVIEW.STATE, ReviewState.LEFT_OUT.name())
                  .set(
                      REVIEW.LEFT_OUT_BECAUSE,
                      coalesce(REVIEW.SORTED_BECAUSE, inline(LeaveOutReason.NOT_GIVEN.name())))
                  .where(leftOut)
                  .execute();
          return new Sorting.Published(move, published, left, products);
        });
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
          Condition stays =
              REVIEW_MOVE_ITEM.MOVE_ID.eq(move).and(REVIEW.STATE.eq(done.getToState()));
          Set<String> changed =
              sql.selectDistinct(PRODUCT.SLUG)
                  .from(REVIEW_MOVE_ITEM)
                  .join(REVIEW)
                  .on(REVIEW.ID.eq(REVIEW_MOVE_ITEM.REVIEW_ID))
                  .join(PRODUCT)
                  .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                  .where(stays)
                  .fetchSet(PRODUCT.SLUG);
          int moved =
              sql.update(REVIEW)
                  .set(REVIEW.STATE, REVIEW_MOVE_ITEM.FROM_STATE)
                  .set(REVIEW.LEFT_OUT_BECAUSE, REVIEW_MOVE_ITEM.FROM_REASON)
                  .from(REVIEW_MOVE_ITEM)
                  .where(stays.and(REVIEW_MOVE_ITEM.REVIEW_ID.eq(REVIEW.ID)))
                  .execute();
          sql.update(REVIEW_MOVE)
              .set(REVIEW_MOVE.IS_UNDONE, true)
              .where(REVIEW_MOVE.ID.eq(move))
              .execute();
          return new Outcome(move, moved, changed);
        });
  }
}
