package nodyes.server.dashboard;

import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.SHOP_ORDER;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.min;
import static org.jooq.impl.DSL.when;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nodyes.core.rating.Rating;
import nodyes.core.rating.WeeklyRatings;
import nodyes.core.review.ReviewDate;
import nodyes.core.review.ReviewStatus;
import nodyes.server.database.Database;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** What a day and the last weeks brought, counted. */
@Component
class DashboardStore {
  private static final Condition PUBLISHED = REVIEW.STATUS.eq(inline(ReviewStatus.PUBLISHED));
  private static final Field<BigDecimal> PARTS =
      coalesce(DSL.sum(REVIEW.RATING_PARTS), BigDecimal.ZERO);

  private final Database database;

  DashboardStore(Database database) {
    this.database = database;
  }

  /** Orders placed from an instant to another, cancelled ones left out. */
  long orders(Instant from, Instant to) {
    return database.read(
        sql ->
            (long)
                sql.fetchCount(
                    SHOP_ORDER,
                    SHOP_ORDER
                        .PLACED_AT
                        .ge(from)
                        .and(SHOP_ORDER.PLACED_AT.lt(to))
                        .and(SHOP_ORDER.IS_CANCELLED.isFalse())));
  }

  /** Reviews written on a day, whatever became of them; spam is none. */
  WeeklyRatings.Sum written(LocalDate day) {
    return added(
        REVIEW.REVIEWED_ON.eq(ReviewDate.on(day)).and(REVIEW.STATUS.ne(ReviewStatus.SPAM)));
  }

  /** Published reviews written before a day, those that tell no day among them. */
  WeeklyRatings.Sum publishedBefore(LocalDate day) {
    return added(
        PUBLISHED.and(REVIEW.REVIEWED_ON.lt(ReviewDate.from(day)).or(REVIEW.REVIEWED_ON.isNull())));
  }

  private WeeklyRatings.Sum added(Condition condition) {
    return database.read(
        sql ->
            sql.select(PARTS, count())
                .from(REVIEW)
                .where(condition)
                .fetchSingle(
                    row -> new WeeklyRatings.Sum(row.value1().longValueExact(), row.value2())));
  }

  /** Published reviews by the day they were written, from a day on. */
  Map<LocalDate, WeeklyRatings.Sum> publishedFrom(LocalDate day) {
    return database.read(
        sql ->
            sql.select(REVIEW.REVIEWED_ON, PARTS, count())
                .from(REVIEW)
                .where(PUBLISHED.and(REVIEW.REVIEWED_ON.ge(ReviewDate.from(day))))
                .groupBy(REVIEW.REVIEWED_ON)
                .collect(
                    Collectors.toMap(
                        // a month alone counts from its first day, so that nothing is newer than it
                        // is
                        row -> row.value1().earliest(),
                        row -> new WeeklyRatings.Sum(row.value2().longValueExact(), row.value3()),
                        WeeklyRatings.Sum::and)));
  }

  /**
   * Reviews that wait.
   *
   * @param oldest the id of the first that came
   */
  record Waiting(long count, long pictured, long low, long oldest) {}

  Optional<Waiting> waiting() {
    return database.read(
        sql ->
            sql.select(
                    count(),
                    count(when(REVIEW.PICTURE_COUNT.gt(0L), 1)),
                    count(when(atMost(3), 1)),
                    min(REVIEW.ID))
                .from(REVIEW)
                .where(REVIEW.STATUS.eq(inline(ReviewStatus.PENDING)))
                .fetchOptional()
                .filter(row -> row.value1() > 0)
                .map(row -> new Waiting(row.value1(), row.value2(), row.value3(), row.value4())));
  }

  /** Published reviews with words and a whole star that have no reply, of 1 and of 2 stars. */
  Map<Integer, Long> unanswered() {
    Field<Integer> stars = when(atMost(1), 1).otherwise(2);
    return database.read(
        sql ->
            sql.select(stars, count())
                .from(REVIEW)
                .where(
                    PUBLISHED
                        .and(atMost(2))
                        .and(REVIEW.REPLY.isNull())
                        .and(REVIEW.TEXT.isNotNull()))
                .groupBy(stars)
                .fetchMap(row -> row.value1(), row -> (long) row.value2()));
  }

  /** Of so many whole stars, or fewer: a half counts for the star above it. */
  private static Condition atMost(int stars) {
    return REVIEW.RATING_PARTS.lt(DSL.val(Rating.PER_STAR * stars + Rating.PER_STAR / 2));
  }
}
