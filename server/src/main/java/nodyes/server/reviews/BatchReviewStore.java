package nodyes.server.reviews;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static nodyes.generated.Tables.PUBLICATION_RECORD;
import static nodyes.generated.Tables.REVIEW;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.sum;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.rating.Histogram;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewStatus;
import nodyes.server.database.Database;
import nodyes.server.database.JsonArrayParam;
import org.jooq.Condition;
import org.jooq.Field;
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
                .where(
                    REVIEW.IMPORT_ID.in(batches).and(REVIEW.STATUS.eq(ReviewStatus.PENDING.name())))
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
                                Optional.ofNullable(row.value5()).map(LocalDate::parse))))
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
                .set(REVIEW.STATUS, ReviewStatus.PENDING.name())
                .set(REVIEW.RESTORED_FROM, REVIEW.LEFT_OUT_REASON)
                .setNull(REVIEW.LEFT_OUT_REASON)
                .setNull(REVIEW.IMPORT_DECISION)
                .setNull(REVIEW.IMPORT_DECISION_REASON)
                .set(REVIEW.IMPORT_ID, batch)
                .where(
                    REVIEW
                        .FINGERPRINT
                        .in(JsonArrayParam.of(fingerprints))
                        .and(REVIEW.STATUS.eq(ReviewStatus.LEFT_OUT.name())))
                .execute());
  }

  /** Removes all of an import but what is remembered. */
  void remove(long batch) {
    Condition goes =
        REVIEW
            .IMPORT_ID
            .eq(batch)
            .and(REVIEW.STATUS.notIn(ReviewStatus.LEFT_OUT.name(), ReviewStatus.SPAM.name()));
    database.change(
        sql -> {
          sql.update(REVIEW)
              .set(REVIEW.STATUS, ReviewStatus.LEFT_OUT.name())
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

  void decide(
      long batch,
      Collection<Long> ids,
      ReviewFilter.ImportDecision sorted,
      Optional<LeaveOutReason> why) {
    database.change(
        sql ->
            sql.update(REVIEW)
                .set(
                    REVIEW.IMPORT_DECISION,
                    sorted == ReviewFilter.ImportDecision.OPEN ? null : sorted.name())
                .set(REVIEW.IMPORT_DECISION_REASON, why.map(LeaveOutReason::name).orElse(null))
                .where(
                    REVIEW
                        .ID
                        .in(JsonArrayParam.of(ids))
                        .and(REVIEW.IMPORT_ID.eq(batch))
                        .and(REVIEW.STATUS.eq(ReviewStatus.PENDING.name())))
                .execute());
  }

  List<ImportModeration.Decided> marks(ReviewFilter filter, int most) {
    return database.read(
        sql ->
            sql.select(REVIEW.ID, REVIEW.IMPORT_DECISION, REVIEW.IMPORT_DECISION_REASON)
                .from(REVIEW)
                .where(ReviewQueryStore.condition(filter))
                .orderBy(REVIEW.ID)
                .limit(most)
                .fetch(
                    row ->
                        new ImportModeration.Decided(
                            row.value1(),
                            ReviewListStore.sorted(row.value2()),
                            ReviewListStore.reason(row.value3()))));
  }

  /** Of some ids, those in which nothing serious was found, or that someone decided on. */
  List<Long> withoutSerious(Collection<Long> ids) {
    return database.read(
        sql ->
            sql.select(REVIEW.ID)
                .from(REVIEW)
                .where(REVIEW.ID.in(ids))
                .andNot(ModerationStore.isSerious().and(REVIEW.IMPORT_DECISION.isNull()))
                .fetch(REVIEW.ID));
  }

  /** Ratings that stand alike. */
  record Group(ReviewFilter.ImportDecision decision, boolean isSerious, RatingSummary summary) {}

  /** The ratings of what waits from an import, by what was decided. */
  List<Group> groups(long batch) {
    Field<Integer> star =
        REVIEW.RATING_PARTS.add(Rating.PER_STAR / 2).div(Rating.PER_STAR).as("star");
    return database.read(
        sql -> {
          record Alike(String sorted, boolean isSerious) {}
          Map<Alike, List<long[]>> bySorted = new java.util.LinkedHashMap<>();
          Field<Boolean> serious = field(ModerationStore.isSerious()).as("serious");
          sql.select(REVIEW.IMPORT_DECISION, star, count(), sum(REVIEW.RATING_PARTS), serious)
              .from(REVIEW)
              .where(REVIEW.IMPORT_ID.eq(batch).and(REVIEW.STATUS.eq(ReviewStatus.PENDING.name())))
              .groupBy(REVIEW.IMPORT_DECISION, star, serious)
              .forEach(
                  row ->
                      bySorted
                          .computeIfAbsent(
                              new Alike(
                                  ReviewListStore.sorted(row.value1()).name(),
                                  Boolean.TRUE.equals(row.value5())),
                              _ -> new ArrayList<>())
                          .add(
                              new long[] {
                                row.value2(), row.value3(), row.value4().longValueExact()
                              }));
          return bySorted.entrySet().stream()
              .map(
                  entry ->
                      new Group(
                          ReviewListStore.sorted(entry.getKey().sorted()),
                          entry.getKey().isSerious(),
                          summary(entry.getValue())))
              .toList();
        });
  }

  void record(long batch, ImportModeration.ImportProgress standing, String who, Instant now) {
    database.change(
        sql ->
            sql.insertInto(
                    PUBLICATION_RECORD,
                    PUBLICATION_RECORD.IMPORT_ID,
                    PUBLICATION_RECORD.ACCEPTED,
                    PUBLICATION_RECORD.IMPORTED,
                    PUBLICATION_RECORD.IS_BIASED,
                    PUBLICATION_RECORD.PUBLISHED_BY,
                    PUBLICATION_RECORD.PUBLISHED_AT)
                .values(
                    batch,
                    standing.accepted().stars().toString(),
                    standing.all().stars().toString(),
                    standing.isOneSided(),
                    who,
                    now)
                .execute());
  }

  List<ImportModeration.PublicationRecord> records(long batch) {
    return database.read(
        sql ->
            sql.selectFrom(PUBLICATION_RECORD)
                .where(PUBLICATION_RECORD.IMPORT_ID.eq(batch))
                .orderBy(PUBLICATION_RECORD.ID)
                .limit(100)
                .fetch(
                    row ->
                        new ImportModeration.PublicationRecord(
                            counts(row.getAccepted()),
                            counts(row.getImported()),
                            row.getIsBiased(),
                            row.getPublishedBy(),
                            row.getPublishedAt())));
  }

  private static List<Long> counts(String json) {
    return java.util.Arrays.stream(json.substring(1, json.length() - 1).split(", "))
        .map(Long::valueOf)
        .toList();
  }

  private static RatingSummary summary(List<long[]> stars) {
    var counts = new long[5];
    long parts = 0;
    for (long[] star : stars) {
      counts[(int) star[0] - 1] += star[1];
      parts += star[2];
    }
    return new RatingSummary(
        parts, new Histogram(java.util.Arrays.stream(counts).boxed().toList()));
  }
}
