package nodyes.server.moderation;

import static nodyes.generated.Tables.PUBLICATION_RECORD;
import static nodyes.generated.Tables.REVIEW;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.sum;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.rating.Histogram;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewStatus;
import nodyes.server.database.Database;
import nodyes.server.database.JsonArrayParam;
import nodyes.server.reviews.ReviewFilter;
import nodyes.server.reviews.ReviewQueryStore;
import org.jooq.Field;
import org.springframework.stereotype.Component;

/** What was decided on the reviews of an import before they are published. */
@Component
class DecisionStore {
  private final Database database;

  DecisionStore(Database database) {
    this.database = database;
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
                    sorted == ReviewFilter.ImportDecision.OPEN ? null : sorted)
                .set(REVIEW.IMPORT_DECISION_REASON, why.orElse(null))
                .where(
                    REVIEW
                        .ID
                        .in(JsonArrayParam.of(ids))
                        .and(REVIEW.IMPORT_ID.eq(batch))
                        .and(REVIEW.STATUS.eq(ReviewStatus.PENDING)))
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
                            ReviewFilter.ImportDecision.of(row.value2()),
                            row.value3())));
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
          record Alike(ReviewFilter.ImportDecision sorted, boolean isSerious) {}
          Map<Alike, List<long[]>> bySorted = new java.util.LinkedHashMap<>();
          Field<Boolean> serious = field(ModerationStore.isSerious()).as("serious");
          sql.select(REVIEW.IMPORT_DECISION, star, count(), sum(REVIEW.RATING_PARTS), serious)
              .from(REVIEW)
              .where(REVIEW.IMPORT_ID.eq(batch).and(REVIEW.STATUS.eq(ReviewStatus.PENDING)))
              .groupBy(REVIEW.IMPORT_DECISION, star, serious)
              .forEach(
                  row ->
                      bySorted
                          .computeIfAbsent(
                              new Alike(
                                  ReviewFilter.ImportDecision.of(row.value1()),
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
                          entry.getKey().sorted(),
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
                    standing.accepted().stars(),
                    standing.all().stars(),
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
                            row.getAccepted(),
                            row.getImported(),
                            row.getIsBiased(),
                            row.getPublishedBy(),
                            row.getPublishedAt())));
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
