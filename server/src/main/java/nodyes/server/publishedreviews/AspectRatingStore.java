package nodyes.server.publishedreviews;

import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_ASPECT;
import static nodyes.generated.Tables.REVIEW_ASPECT_RATING;
import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.sum;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nodyes.core.review.ReviewStatus;
import nodyes.server.database.Database;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Stars for single things. */
@Component
class AspectRatingStore {
  private final Database database;

  AspectRatingStore(Database database) {
    this.database = database;
  }

  /** Stars for one thing, added up over the published reviews of a product. */
  record Rated(long criterion, long sum, long count) {}

  /** What the published reviews of each product say of single things, in the owner's order. */
  Map<Long, List<Rated>> rated(Collection<Long> products) {
    return database.read(
        sql -> {
          var rated = new HashMap<Long, List<Rated>>();
          sql.select(
                  REVIEW.PRODUCT_ID,
                  REVIEW_ASPECT.ID,
                  sum(REVIEW_ASPECT_RATING.STARS).as("sum"),
                  count())
              .from(REVIEW)
              .join(REVIEW_ASPECT_RATING)
              .on(REVIEW_ASPECT_RATING.REVIEW_ID.eq(REVIEW.ID))
              .join(REVIEW_ASPECT)
              .on(REVIEW_ASPECT.ID.eq(REVIEW_ASPECT_RATING.ASPECT_ID))
              .where(
                  REVIEW
                      .PRODUCT_ID
                      .in(products)
                      .and(REVIEW.STATUS.eq(inline(ReviewStatus.PUBLISHED))))
              .groupBy(REVIEW.PRODUCT_ID, REVIEW_ASPECT.ID)
              .orderBy(REVIEW_ASPECT.POSITION, REVIEW_ASPECT.ID)
              .forEach(
                  row ->
                      rated
                          .computeIfAbsent(row.value1(), _ -> new ArrayList<>())
                          .add(new Rated(row.value2(), row.value3().longValue(), row.value4())));
          return rated;
        });
  }

  /** Stars for single things, by review and criterion. */
  static Map<Long, Map<Long, Integer>> criteria(DSLContext sql, Collection<Long> reviews) {
    var criteria = new HashMap<Long, Map<Long, Integer>>();
    if (!reviews.isEmpty()) {
      sql.selectFrom(REVIEW_ASPECT_RATING)
          .where(REVIEW_ASPECT_RATING.REVIEW_ID.in(reviews))
          .forEach(
              row ->
                  criteria
                      .computeIfAbsent(row.getReviewId(), _ -> new HashMap<>())
                      .put(row.getAspectId(), Math.toIntExact(row.getStars())));
    }
    return criteria;
  }
}
