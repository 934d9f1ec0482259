package nodyes.server.reviews;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static org.jooq.impl.DSL.count;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.review.ReviewStatus;
import nodyes.server.database.Database;
import nodyes.server.database.JsonArrayParam;
import nodyes.server.web.PagedResult;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.SelectJoinStep;
import org.jooq.SortOrder;
import org.springframework.stereotype.Component;

/** What the owner's desk asks of reviews. */
@Component
class ReviewStore {
  private static final int MOST_FACETS = 60;

  private final Database database;

  ReviewStore(Database database) {
    this.database = database;
  }

  /** In which order reviews are listed. */
  enum Order {
    NEWEST_FIRST,
    OLDEST_FIRST
  }

  private static SortOrder by(Order order) {
    return order == Order.NEWEST_FIRST ? SortOrder.DESC : SortOrder.ASC;
  }

  PagedResult<ReviewListItem> list(ReviewFilter filter, Order order, int page, int size) {
    return new PagedResult<>(rows(filter, order, page, size).items(), page, size, found(filter));
  }

  ReviewSlice rows(ReviewFilter filter, Order order, int page, int size) {
    return database.read(
        sql -> {
          var ids =
              sql.fetchValues(
                  ReviewQueryStore.ids(filter, by(order), size + 1, (page - 1L) * size));
          return new ReviewSlice(
              ReviewListStore.lines(
                  sql,
                  withProduct(sql)
                      .where(REVIEW.ID.in(ids.subList(0, Math.min(size, ids.size()))))
                      .orderBy(REVIEW.ID.sort(by(order)))
                      .fetch()),
              page,
              size,
              ids.size() > size);
        });
  }

  long found(ReviewFilter filter) {
    return database.read(sql -> sql.fetchOne(ReviewQueryStore.count(filter)).value1());
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
                .where(ReviewQueryStore.condition(filter))
                .orderBy(REVIEW.ID)
                .limit(most)
                .fetch(REVIEW.ID));
  }

  Map<ReviewStatus, Long> counts() {
    return database.read(
        sql -> {
          var counts = new EnumMap<ReviewStatus, Long>(ReviewStatus.class);
          for (ReviewStatus state : ReviewStatus.values()) {
            counts.put(state, 0L);
          }
          sql.select(REVIEW.STATUS, count())
              .from(REVIEW)
              .groupBy(REVIEW.STATUS)
              .forEach(row -> counts.put(row.value1(), (long) row.value2()));
          return counts;
        });
  }

  Optional<ReviewListItem> find(long id) {
    return database.read(
        sql ->
            ReviewListStore.lines(sql, withProduct(sql).where(REVIEW.ID.eq(id)).fetch()).stream()
                .findFirst());
  }

  List<ReviewListItem> ownSince(long id, int most) {
    return database.read(
        sql ->
            ReviewListStore.lines(
                sql,
                withProduct(sql)
                    .where(
                        REVIEW
                            .ID
                            .gt(id)
                            .and(REVIEW.ORIGIN.ne(ReviewListItem.Origin.IMPORTED))
                            .and(REVIEW.IMPORT_ID.isNull()))
                    .orderBy(REVIEW.ID)
                    .limit(most)
                    .fetch()));
  }

  private static SelectJoinStep<?> withProduct(DSLContext sql) {
    return sql.select(REVIEW.asterisk(), PRODUCT.SLUG, PRODUCT.TITLE, PRODUCT.PICTURE)
        .from(REVIEW)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID));
  }

  Map<Long, ReviewStatus> known(Collection<Long> fingerprints) {
    return database.read(
        sql ->
            sql.select(REVIEW.FINGERPRINT, REVIEW.STATUS)
                .from(REVIEW)
                .where(REVIEW.FINGERPRINT.in(JsonArrayParam.of(fingerprints)))
                .fetchMap(REVIEW.FINGERPRINT, row -> row.value2()));
  }
}
