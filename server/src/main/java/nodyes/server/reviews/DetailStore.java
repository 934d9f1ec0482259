package nodyes.server.reviews;

import static nodyes.generated.Tables.REVIEW_ASPECT;
import static nodyes.generated.Tables.REVIEW_ASPECT_RATING;
import static org.jooq.impl.DSL.max;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nodyes.core.reviewform.ReviewAspect;
import nodyes.generated.tables.records.ReviewAspectRatingRecord;
import nodyes.server.database.Database;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What reviews say beside their words. */
@Component
class DetailStore {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final TypeReference<Map<String, String>> NAMES = new TypeReference<>() {};

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
   * kept, and asked about no more than before.
   */
  static void rateByName(DSLContext sql, Map<Long, Map<String, Integer>> given) {
    Map<String, Long> ids = ids(sql);
    var byId = new LinkedHashMap<Long, Map<Long, Integer>>();
    given.forEach(
        (review, stars) -> {
          var rated = new LinkedHashMap<Long, Integer>();
          stars.forEach(
              (name, star) ->
                  rated.put(ids.computeIfAbsent(plain(name), _ -> added(sql, name)), star));
          byId.put(review, rated);
        });
    insert(sql, byId);
  }

  /** Stars for single things of some reviews, by the names they go by everywhere. */
  static Map<Long, Map<String, Integer>> ratedByName(DSLContext sql, List<Long> reviews) {
    var rated = new HashMap<Long, Map<String, Integer>>();
    sql.select(REVIEW_ASPECT_RATING.REVIEW_ID, REVIEW_ASPECT_RATING.STARS, REVIEW_ASPECT.NAMES)
        .from(REVIEW_ASPECT_RATING)
        .join(REVIEW_ASPECT)
        .on(REVIEW_ASPECT.ID.eq(REVIEW_ASPECT_RATING.ASPECT_ID))
        .where(REVIEW_ASPECT_RATING.REVIEW_ID.in(reviews))
        .orderBy(REVIEW_ASPECT.POSITION, REVIEW_ASPECT.ID)
        .forEach(
            row ->
                rated
                    .computeIfAbsent(row.value1(), _ -> new LinkedHashMap<>())
                    .put(name(row.value3()), row.value2().intValue()));
    return rated;
  }

  private static String name(String names) {
    Map<String, String> byLanguage = JSON.readValue(names, NAMES);
    return new ReviewAspect(0, byLanguage, Optional.empty(), true).name(ENGLISH);
  }

  private static Map<String, Long> ids(DSLContext sql) {
    var ids = new HashMap<String, Long>();
    sql.select(REVIEW_ASPECT.ID, REVIEW_ASPECT.NAMES)
        .from(REVIEW_ASPECT)
        .orderBy(REVIEW_ASPECT.POSITION.desc(), REVIEW_ASPECT.ID.desc())
        .forEach(
            row ->
                JSON.readValue(row.value2(), NAMES)
                    .values()
                    .forEach(name -> ids.put(plain(name), row.value1())));
    return ids;
  }

  private static long added(DSLContext sql, String name) {
    int last =
        sql.select(max(REVIEW_ASPECT.POSITION))
            .from(REVIEW_ASPECT)
            .fetchOptional(max(REVIEW_ASPECT.POSITION))
            .orElse(-1);
    return sql.insertInto(REVIEW_ASPECT)
        .set(REVIEW_ASPECT.NAMES, JSON.writeValueAsString(Map.of(ENGLISH, name)))
        .set(REVIEW_ASPECT.POSITION, last + 1)
        .set(REVIEW_ASPECT.IS_ACTIVE, false)
        .returning(REVIEW_ASPECT.ID)
        .fetchSingle(REVIEW_ASPECT.ID);
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
