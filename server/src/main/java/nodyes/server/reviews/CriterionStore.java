package nodyes.server.reviews;

import static nodyes.generated.Tables.REVIEW_ASPECT;
import static nodyes.generated.Tables.REVIEW_ASPECT_RATING;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.reviewform.ReviewAspect;
import nodyes.server.database.Database;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@Component
class CriterionStore {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final Database database;

  CriterionStore(Database database) {
    this.database = database;
  }

  List<ReviewAspect> all() {
    return database.read(CriterionStore::all);
  }

  static List<ReviewAspect> all(DSLContext sql) {
    return sql.selectFrom(REVIEW_ASPECT)
        .orderBy(REVIEW_ASPECT.POSITION, REVIEW_ASPECT.ID)
        .fetch(
            row ->
                new ReviewAspect(
                    row.getId(),
                    JSON.readValue(row.getNames(), new TypeReference<Map<String, String>>() {}),
                    Optional.ofNullable(row.getCategory()),
                    row.getIsActive()));
  }

  /** One that reviews from elsewhere rate and the form does not ask for, behind all others. */
  static ReviewAspect addUnasked(DSLContext sql, String language, String name, int position) {
    Map<String, String> names = Map.of(language, name);
    long id =
        sql.insertInto(REVIEW_ASPECT)
            .set(REVIEW_ASPECT.NAMES, JSON.writeValueAsString(names))
            .set(REVIEW_ASPECT.POSITION, position)
            .set(REVIEW_ASPECT.IS_ACTIVE, false)
            .returning(REVIEW_ASPECT.ID)
            .fetchSingle(REVIEW_ASPECT.ID);
    return new ReviewAspect(id, names, Optional.empty(), false);
  }

  /** Ids that are not there yet, or 0, are given out anew. */
  void set(List<ReviewAspect> wanted) {
    database.change(
        sql -> {
          sql.update(REVIEW_ASPECT).set(REVIEW_ASPECT.IS_ACTIVE, false).execute();
          for (int place = 0; place < wanted.size(); place++) {
            ReviewAspect criterion = wanted.get(place);
            var row = sql.newRecord(REVIEW_ASPECT);
            row.setNames(JSON.writeValueAsString(criterion.names()));
            row.setCategory(criterion.category().orElse(null));
            row.setPosition(place);
            row.setIsActive(criterion.isAsked());
            boolean isThere =
                sql.update(REVIEW_ASPECT)
                        .set(row)
                        .where(REVIEW_ASPECT.ID.eq(criterion.id()))
                        .execute()
                    > 0;
            if (!isThere) {
              sql.insertInto(REVIEW_ASPECT).set(row).execute();
            }
          }
          sql.deleteFrom(REVIEW_ASPECT)
              .where(
                  REVIEW_ASPECT
                      .IS_ACTIVE
                      .isFalse()
                      .and(
                          REVIEW_ASPECT.ID.notIn(
                              sql.select(REVIEW_ASPECT_RATING.ASPECT_ID)
                                  .from(REVIEW_ASPECT_RATING))))
              .execute();
        });
  }
}
