package nodyes.server.reviews;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.SORTING_RECORD;
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
import java.util.Set;
import nodyes.core.bringin.Flag;
import nodyes.core.rating.Histogram;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewState;
import nodyes.server.database.Database;
import nodyes.server.database.Many;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Record2;
import org.jooq.UpdateConditionStep;
import org.springframework.stereotype.Component;

/** What is asked of and done to the reviews of one batch. */
@Component
class BatchReviewStore {
  private final Database database;

  BatchReviewStore(Database database) {
    this.database = database;
  }

  Map<Long, Long> waiting(Collection<Long> batches) {
    return database.read(
        sql ->
            sql.select(REVIEW.BATCH_ID, count())
                .from(REVIEW)
                .where(REVIEW.BATCH_ID.in(batches).and(REVIEW.STATE.eq(ReviewState.WAITING.name())))
                .groupBy(REVIEW.BATCH_ID)
                .fetchMap(Record2::value1, row -> (long) row.value2()));
  }

  List<Long> products(long batch) {
    return database.read(
        sql ->
            sql.selectDistinct(REVIEW.PRODUCT_ID)
                .from(REVIEW)
                .where(REVIEW.BATCH_ID.eq(batch))
                .fetch(REVIEW.PRODUCT_ID));
  }

  /** The newest arrivals of a product, oldest first. */
  List<Told> told(long product, int most) {
    return database
        .read(
            sql ->
                sql.select(
                        REVIEW.ID,
                        REVIEW.BATCH_ID,
                        REVIEW.WORDS,
                        REVIEW.RATING_PARTS,
                        REVIEW.WRITTEN_ON)
                    .from(REVIEW)
                    .where(REVIEW.PRODUCT_ID.eq(product))
                    .orderBy(REVIEW.ID.desc())
                    .limit(most)
                    .fetch(
                        row ->
                            new Told(
                                row.value1(),
                                row.value2() == null ? 0 : row.value2(),
                                row.value3() == null ? "" : row.value3(),
                                new Rating(row.value4()).wholeStar(),
                                Optional.ofNullable(row.value5()).map(LocalDate::parse))))
        .reversed();
  }

  void evidence(long id, String file) {
    database.change(
        sql -> sql.update(REVIEW).set(REVIEW.EVIDENCE, file).where(REVIEW.ID.eq(id)).execute());
  }

  void mark(List<Reviews.Mark> marks) {
    Map<Flag, List<Long>> byFlag =
        marks.stream().collect(groupingBy(Reviews.Mark::flag, mapping(Reviews.Mark::id, toList())));
    database.change(
        sql -> {
          byFlag.forEach(
              (flag, ids) ->
                  sql.update(REVIEW)
                      .set(REVIEW.FLAGS, REVIEW.FLAGS.bitOr(flag.bit()))
                      .where(REVIEW.ID.in(Many.of(ids)))
                      .execute());
          List<UpdateConditionStep<?>> copies = new ArrayList<>();
          for (Reviews.Mark mark : marks) {
            mark.copyOf()
                .ifPresent(
                    earlier ->
                        copies.add(
                            sql.update(REVIEW)
                                .set(REVIEW.COPY_OF, earlier)
                                .where(REVIEW.ID.eq(mark.id()))));
          }
          sql.batch(copies).execute();
        });
  }

  /** What was left out comes back among the waiting, with another batch. */
  void wake(Collection<Long> fingerprints, long batch) {
    database.change(
        sql ->
            sql.update(REVIEW)
                .set(REVIEW.STATE, ReviewState.WAITING.name())
                .set(REVIEW.WOKEN_FROM, REVIEW.LEFT_OUT_BECAUSE)
                .setNull(REVIEW.LEFT_OUT_BECAUSE)
                .setNull(REVIEW.SORTED)
                .setNull(REVIEW.SORTED_BECAUSE)
                .set(REVIEW.BATCH_ID, batch)
                .where(
                    REVIEW
                        .FINGERPRINT
                        .in(Many.of(fingerprints))
                        .and(REVIEW.STATE.eq(ReviewState.LEFT_OUT.name())))
                .execute());
  }

  /** Removes all of a batch but what is remembered; the products whose pages that changes. */
  Set<String> remove(long batch) {
    Condition goes =
        REVIEW
            .BATCH_ID
            .eq(batch)
            .and(REVIEW.STATE.notIn(ReviewState.LEFT_OUT.name(), ReviewState.SPAM.name()));
    return database.write(
        sql -> {
          Set<String> changed =
              sql.selectDistinct(PRODUCT.SLUG)
                  .from(REVIEW)
                  .join(PRODUCT)
                  .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                  .where(goes.and(REVIEW.STATE.eq(ReviewState.PUBLISHED.name())))
                  .fetchSet(PRODUCT.SLUG);
          sql.update(REVIEW)
              .set(REVIEW.STATE, ReviewState.LEFT_OUT.name())
              .set(REVIEW.LEFT_OUT_BECAUSE, REVIEW.WOKEN_FROM)
              .setNull(REVIEW.WOKEN_FROM)
              .where(goes.and(REVIEW.WOKEN_FROM.isNotNull()))
              .execute();
          sql.execute(
              "delete from review_fts where rowid in ({0})",
              org.jooq.impl.DSL.select(REVIEW.ID).from(REVIEW).where(goes));
          sql.deleteFrom(REVIEW).where(goes).execute();
          return changed;
        });
  }

  void decide(
      long batch, Collection<Long> ids, ReviewFilter.Sorted sorted, Optional<LeaveOutReason> why) {
    database.change(
        sql ->
            sql.update(REVIEW)
                .set(REVIEW.SORTED, sorted == ReviewFilter.Sorted.OPEN ? null : sorted.name())
                .set(REVIEW.SORTED_BECAUSE, why.map(LeaveOutReason::name).orElse(null))
                .where(
                    REVIEW
                        .ID
                        .in(Many.of(ids))
                        .and(REVIEW.BATCH_ID.eq(batch))
                        .and(REVIEW.STATE.eq(ReviewState.WAITING.name())))
                .execute());
  }

  List<Sorting.Decided> marks(ReviewFilter filter, int most) {
    return database.read(
        sql ->
            sql.select(REVIEW.ID, REVIEW.SORTED, REVIEW.SORTED_BECAUSE)
                .from(REVIEW)
                .where(WantedReviewStore.condition(filter))
                .orderBy(REVIEW.ID)
                .limit(most)
                .fetch(
                    row ->
                        new Sorting.Decided(
                            row.value1(),
                            ReviewLineStore.sorted(row.value2()),
                            ReviewLineStore.reason(row.value3()))));
  }

  /** Of some ids, those in which nothing serious was found, or that someone decided on. */
  List<Long> withoutSerious(Collection<Long> ids) {
    return database.read(
        sql ->
            sql.select(REVIEW.ID)
                .from(REVIEW)
                .where(REVIEW.ID.in(ids))
                .andNot(MoveStore.isSerious().and(REVIEW.SORTED.isNull()))
                .fetch(REVIEW.ID));
  }

  /** Ratings that stand alike. */
  record Group(ReviewFilter.Sorted sorted, boolean isSerious, RatingSummary summary) {}

  /** The ratings of what waits from a batch, by what was decided. */
  List<Group> groups(long batch) {
    Field<Integer> star =
        REVIEW.RATING_PARTS.add(Rating.PER_STAR / 2).div(Rating.PER_STAR).as("star");
    return database.read(
        sql -> {
          record Alike(String sorted, boolean isSerious) {}
          Map<Alike, List<long[]>> bySorted = new java.util.LinkedHashMap<>();
          Field<Boolean> serious = field(MoveStore.isSerious()).as("serious");
          sql.select(REVIEW.SORTED, star, count(), sum(REVIEW.RATING_PARTS), serious)
              .from(REVIEW)
              .where(REVIEW.BATCH_ID.eq(batch).and(REVIEW.STATE.eq(ReviewState.WAITING.name())))
              .groupBy(REVIEW.SORTED, star, serious)
              .forEach(
                  row ->
                      bySorted
                          .computeIfAbsent(
                              new Alike(
                                  ReviewLineStore.sorted(row.value1()).name(),
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
                          ReviewLineStore.sorted(entry.getKey().sorted()),
                          entry.getKey().isSerious(),
                          summary(entry.getValue())))
              .toList();
        });
  }

  void record(long batch, Sorting.Standing standing, String who, Instant now) {
    database.change(
        sql ->
            sql.insertInto(
                    SORTING_RECORD,
                    SORTING_RECORD.BATCH_ID,
                    SORTING_RECORD.KEPT,
                    SORTING_RECORD.USABLE,
                    SORTING_RECORD.IS_ONE_SIDED,
                    SORTING_RECORD.PUBLISHED_BY,
                    SORTING_RECORD.PUBLISHED_AT)
                .values(
                    batch,
                    standing.kept().stars().toString(),
                    standing.all().stars().toString(),
                    standing.isOneSided(),
                    who,
                    now)
                .execute());
  }

  List<Sorting.SortingRecord> records(long batch) {
    return database.read(
        sql ->
            sql.selectFrom(SORTING_RECORD)
                .where(SORTING_RECORD.BATCH_ID.eq(batch))
                .orderBy(SORTING_RECORD.ID)
                .limit(100)
                .fetch(
                    row ->
                        new Sorting.SortingRecord(
                            counts(row.getKept()),
                            counts(row.getUsable()),
                            row.getIsOneSided(),
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
