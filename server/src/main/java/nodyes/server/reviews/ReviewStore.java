package nodyes.server.reviews;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_MOVE;
import static nodyes.generated.Tables.REVIEW_MOVE_ITEM;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.noCondition;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.rating.Rating;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewState;
import nodyes.generated.tables.records.ReviewMoveItemRecord;
import nodyes.generated.tables.records.ReviewRecord;
import nodyes.server.database.Database;
import nodyes.server.database.Many;
import nodyes.server.web.PageOf;
import nodyes.server.web.Refusal;
import org.jooq.Condition;
import org.jooq.Record;
import org.springframework.stereotype.Component;

/** What the owner's desk asks of reviews, and all that changes them. */
@Component
class ReviewStore {
  private final Database database;

  ReviewStore(Database database) {
    this.database = database;
  }

  /** What a move came to; the products whose published reviews it changed. */
  record Outcome(long move, int moved, Set<String> changedProducts) {}

  PageOf<ReviewLine> list(ReviewFilter filter, int page, int size) {
    Condition wanted = condition(filter);
    return database.read(
        sql ->
            new PageOf<>(
                sql.select(REVIEW.asterisk(), PRODUCT.SLUG, PRODUCT.TITLE, PRODUCT.PICTURE)
                    .from(REVIEW)
                    .join(PRODUCT)
                    .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                    .where(wanted)
                    .orderBy(REVIEW.ID.desc())
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(ReviewStore::line),
                page,
                size,
                sql.selectCount()
                    .from(REVIEW)
                    .join(PRODUCT)
                    .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                    .where(wanted)
                    .fetchSingle()
                    .value1()));
  }

  List<Long> ids(ReviewFilter filter, int most) {
    return database.read(
        sql ->
            sql.select(REVIEW.ID)
                .from(REVIEW)
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                .where(condition(filter))
                .orderBy(REVIEW.ID)
                .limit(most)
                .fetch(REVIEW.ID));
  }

  private static Condition condition(ReviewFilter filter) {
    Condition wanted = noCondition();
    if (filter.state() != null) {
      wanted = wanted.and(REVIEW.STATE.eq(filter.state().name()));
    }
    if (filter.product() != null) {
      wanted = wanted.and(PRODUCT.SLUG.eq(filter.product()));
    }
    if (filter.batch() != null) {
      wanted = wanted.and(REVIEW.BATCH_ID.eq(filter.batch()));
    }
    if (!filter.text().isBlank()) {
      String text = filter.text().strip();
      wanted =
          wanted.and(
              REVIEW
                  .WORDS
                  .containsIgnoreCase(text)
                  .or(REVIEW.TITLE.containsIgnoreCase(text))
                  .or(REVIEW.REVIEWER.containsIgnoreCase(text)));
    }
    return wanted;
  }

  private static ReviewLine line(Record row) {
    ReviewRecord review = row.into(REVIEW);
    String reason = review.getLeftOutBecause();
    String day = review.getWrittenOn();
    return new ReviewLine(
        review.getId(),
        row.get(PRODUCT.SLUG),
        row.get(PRODUCT.TITLE),
        row.get(PRODUCT.PICTURE),
        review.getVariant(),
        new Rating(review.getRatingParts()).stars(2),
        review.getGivenRating(),
        row.get(REVIEW.TITLE),
        review.getWords(),
        review.getReviewer(),
        review.getCountry(),
        review.getLanguage(),
        day == null ? null : LocalDate.parse(day),
        ReviewState.valueOf(review.getState()),
        reason == null ? null : LeaveOutReason.valueOf(reason),
        ReviewLine.Origin.valueOf(review.getOrigin()),
        review.getOrderNumber(),
        review.getSource(),
        review.getSourceLine(),
        review.getBatchId(),
        review.getArrivedAt());
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
          long move =
              sql.insertInto(
                      REVIEW_MOVE,
                      REVIEW_MOVE.TO_STATE,
                      REVIEW_MOVE.REASON,
                      REVIEW_MOVE.MOVED_BY,
                      REVIEW_MOVE.MOVED_AT)
                  .values(to.name(), because, who, now)
                  .returningResult(REVIEW_MOVE.ID)
                  .fetchSingle()
                  .value1();
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
          var items =
              sql.select(
                      REVIEW.ID,
                      PRODUCT.SLUG,
                      REVIEW_MOVE_ITEM.FROM_STATE,
                      REVIEW_MOVE_ITEM.FROM_REASON)
                  .from(REVIEW_MOVE_ITEM)
                  .join(REVIEW)
                  .on(REVIEW.ID.eq(REVIEW_MOVE_ITEM.REVIEW_ID))
                  .join(PRODUCT)
                  .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                  .where(REVIEW_MOVE_ITEM.MOVE_ID.eq(move).and(REVIEW.STATE.eq(done.getToState())))
                  .fetch();
          for (var item : items) {
            moved +=
                sql.update(REVIEW)
                    .set(REVIEW.STATE, item.get(REVIEW_MOVE_ITEM.FROM_STATE))
                    .set(REVIEW.LEFT_OUT_BECAUSE, item.get(REVIEW_MOVE_ITEM.FROM_REASON))
                    .where(REVIEW.ID.eq(item.get(REVIEW.ID)))
                    .execute();
            changed.add(item.get(PRODUCT.SLUG));
          }
          sql.update(REVIEW_MOVE)
              .set(REVIEW_MOVE.IS_UNDONE, true)
              .where(REVIEW_MOVE.ID.eq(move))
              .execute();
          return new Outcome(move, moved, changed);
        });
  }
}
