package nodyes.server.reviews;

import static nodyes.generated.Tables.REVIEW_ASPECT_RATING;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nodyes.core.reviewform.ReviewAspect;
import nodyes.generated.tables.records.ReviewAspectRatingRecord;
import nodyes.server.database.Database;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** What reviews say beside their words. */
@Component
class DetailStore {
  /**
   * More things than anyone rates; a file that names each review's own fills no table with them.
   */
  private static final int MOST_ASPECTS = 200;

  /** The language that names are shown in where there is none in the shopper's own. */
  private static final String ENGLISH = "en";

  private final Database database;

  DetailStore(Database database) {
    this.database = database;
  }

  /** Keeps the stars that a review gives to single things. */
  void rate(long review, Map<Long, Integer> criteria) {
    database.change(sql -> insert(sql, Map.of(review, criteria)));
  }

  /**
   * The same of reviews from elsewhere, which name the things: what the shop does not ask about is
   * kept, up to a bound, and asked about no more than before.
   */
  static void rateByName(DSLContext sql, Map<Long, Map<String, Integer>> given) {
    List<ReviewAspect> all = CriterionStore.all(sql);
    var ids = new HashMap<String, Long>();
    all.reversed()
        .forEach(one -> one.names().values().forEach(name -> ids.put(plain(name), one.id())));
    int many = all.size();
    var byId = new LinkedHashMap<Long, Map<Long, Integer>>();
    for (Map.Entry<Long, Map<String, Integer>> review : given.entrySet()) {
      var rated = new LinkedHashMap<Long, Integer>();
      for (Map.Entry<String, Integer> one : review.getValue().entrySet()) {
        String name = plain(one.getKey());
        if (!ids.containsKey(name) && many < MOST_ASPECTS) {
          ids.put(name, CriterionStore.addUnasked(sql, ENGLISH, one.getKey(), many++).id());
        }
        Optional.ofNullable(ids.get(name)).ifPresent(id -> rated.put(id, one.getValue()));
      }
      byId.put(review.getKey(), rated);
    }
    insert(sql, byId);
  }

  /** Stars for single things of some reviews, by the names they go by everywhere. */
  static Map<Long, Map<String, Integer>> ratedByName(DSLContext sql, List<Long> reviews) {
    var rated = new HashMap<Long, Map<String, Integer>>();
    Map<Long, Map<Long, Integer>> stars =
        sql
            .selectFrom(REVIEW_ASPECT_RATING)
            .where(REVIEW_ASPECT_RATING.REVIEW_ID.in(reviews))
            .fetch()
            .stream()
            .collect(
                Collectors.groupingBy(
                    ReviewAspectRatingRecord::getReviewId,
                    Collectors.toMap(
                        ReviewAspectRatingRecord::getAspectId, row -> row.getStars().intValue())));
    if (!stars.isEmpty()) {
      List<ReviewAspect> all = CriterionStore.all(sql);
      stars.forEach((review, given) -> rated.put(review, named(all, given)));
    }
    return rated;
  }

  private static Map<String, Integer> named(List<ReviewAspect> all, Map<Long, Integer> given) {
    var named = new LinkedHashMap<String, Integer>();
    for (ReviewAspect one : all) {
      Optional.ofNullable(given.get(one.id()))
          .ifPresent(stars -> named.put(one.name(ENGLISH), stars));
    }
    return named;
  }

  private static String plain(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }

  private static void insert(DSLContext sql, Map<Long, Map<Long, Integer>> given) {
    var rows = new ArrayList<ReviewAspectRatingRecord>();
    given.forEach(
        (review, stars) ->
            stars.forEach(
                (aspect, star) ->
                    rows.add(new ReviewAspectRatingRecord(review, aspect, (long) star))));
    sql.batchInsert(rows).execute();
  }
}
