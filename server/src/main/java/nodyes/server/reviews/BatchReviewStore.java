package nodyes.server.reviews;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static nodyes.generated.Tables.REVIEW;
import static org.jooq.impl.DSL.count;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.rating.Rating;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewStatus;
import nodyes.server.database.Database;
import nodyes.server.database.JsonArrayParam;
import org.jooq.Condition;
import org.jooq.Record2;
import org.jooq.UpdateConditionStep;
import org.springframework.stereotype.Component;

/** What is asked of and done to the reviews of one import. */
@Component
class BatchReviewStore {
  private final Database database;

  BatchReviewStore(Database database) {
    this.database = database;
  }

  Map<Long, Long> waiting(Collection<Long> batches) {
    return database.read(
        sql ->
            sql.select(REVIEW.IMPORT_ID, count())
                .from(REVIEW)
                .where(REVIEW.IMPORT_ID.in(batches).and(REVIEW.STATUS.eq(ReviewStatus.PENDING)))
                .groupBy(REVIEW.IMPORT_ID)
                .fetchMap(Record2::value1, row -> (long) row.value2()));
  }

  List<Long> products(long batch) {
    return database.read(
        sql ->
            sql.selectDistinct(REVIEW.PRODUCT_ID)
                .from(REVIEW)
                .where(REVIEW.IMPORT_ID.eq(batch))
                .fetch(REVIEW.PRODUCT_ID));
  }

  /** The newest arrivals of a product, oldest first. */
  List<ReviewDigest> told(long product, int most) {
    return database
        .read(
            sql ->
                sql.select(
                        REVIEW.ID,
                        REVIEW.IMPORT_ID,
                        REVIEW.TEXT,
                        REVIEW.RATING_PARTS,
                        REVIEW.REVIEWED_ON)
                    .from(REVIEW)
                    .where(REVIEW.PRODUCT_ID.eq(product))
                    .orderBy(REVIEW.ID.desc())
                    .limit(most)
                    .fetch(
                        row ->
                            new ReviewDigest(
                                row.value1(),
                                row.value2() == null ? 0 : row.value2(),
                                row.value3() == null ? "" : row.value3(),
                                new Rating(row.value4()).wholeStar(),
                                Optional.ofNullable(row.value5()).flatMap(ReviewDate::day))))
        .reversed();
  }

  void evidence(long id, String file) {
    database.change(
        sql ->
            sql.update(REVIEW).set(REVIEW.ORIGINAL_FILE, file).where(REVIEW.ID.eq(id)).execute());
  }

  void mark(List<Reviews.Mark> marks) {
    Map<ReviewFlag, List<Long>> byFlag =
        marks.stream().collect(groupingBy(Reviews.Mark::flag, mapping(Reviews.Mark::id, toList())));
    database.change(
        sql -> {
          byFlag.forEach(
              (flag, ids) ->
                  sql.update(REVIEW)
                      .set(REVIEW.FLAGS, REVIEW.FLAGS.bitOr(flag.bit()))
                      .where(REVIEW.ID.in(JsonArrayParam.of(ids)))
                      .execute());
          List<UpdateConditionStep<?>> copies = new ArrayList<>();
          for (Reviews.Mark mark : marks) {
            mark.duplicateOf()
                .ifPresent(
                    earlier ->
                        copies.add(
                            sql.update(REVIEW)
                                .set(REVIEW.DUPLICATE_OF, earlier)
                                .where(REVIEW.ID.eq(mark.id()))));
          }
          sql.batch(copies).execute();
        });
  }

  /** What was left out comes back among the waiting, with another import. */
  void wake(Collection<Long> fingerprints, long batch) {
    database.change(
        sql ->
            sql.update(REVIEW)
                .set(REVIEW.STATUS, ReviewStatus.PENDING)
                .set(REVIEW.RESTORED_FROM, REVIEW.LEFT_OUT_REASON)
                .setNull(REVIEW.LEFT_OUT_REASON)
                .setNull(REVIEW.IMPORT_DECISION)
                .setNull(REVIEW.IMPORT_DECISION_REASON)
                .set(REVIEW.IMPORT_ID, batch)
                .where(
                    REVIEW
                        .FINGERPRINT
                        .in(JsonArrayParam.of(fingerprints))
                        .and(REVIEW.STATUS.eq(ReviewStatus.LEFT_OUT)))
                .execute());
  }

  /** Removes all of an import but what is remembered. */
  void remove(long batch) {
    Condition goes =
        REVIEW
            .IMPORT_ID
            .eq(batch)
            .and(REVIEW.STATUS.notIn(ReviewStatus.LEFT_OUT, ReviewStatus.SPAM));
    database.change(
        sql -> {
          sql.update(REVIEW)
              .set(REVIEW.STATUS, ReviewStatus.LEFT_OUT)
              .set(REVIEW.LEFT_OUT_REASON, REVIEW.RESTORED_FROM)
              .setNull(REVIEW.RESTORED_FROM)
              .where(goes.and(REVIEW.RESTORED_FROM.isNotNull()))
              .execute();
          sql.execute(
              "delete from review_fts where rowid in ({0})",
              org.jooq.impl.DSL.select(REVIEW.ID).from(REVIEW).where(goes));
          sql.deleteFrom(REVIEW).where(goes).execute();
        });
  }
}
