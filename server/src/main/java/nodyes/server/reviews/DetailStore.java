package nodyes.server.reviews;

import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_ASPECT_RATING;

import java.util.List;
import java.util.Map;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

/** What reviews say beside their words. */
@Component
class DetailStore {
  private final Database database;

  DetailStore(Database database) {
    this.database = database;
  }

  /** Keeps what a review says beside its words. */
  void keep(long review, List<String> pros, List<String> cons, Map<Long, Integer> criteria) {
    database.change(
        sql -> {
          sql.update(REVIEW)
              .set(REVIEW.PROS, pros)
              .set(REVIEW.CONS, cons)
              .where(REVIEW.ID.eq(review))
              .execute();
          criteria.forEach(
              (criterion, stars) ->
                  sql.insertInto(
                          REVIEW_ASPECT_RATING,
                          REVIEW_ASPECT_RATING.REVIEW_ID,
                          REVIEW_ASPECT_RATING.ASPECT_ID,
                          REVIEW_ASPECT_RATING.STARS)
                      .values(review, criterion, (long) stars)
                      .execute());
        });
  }
}
