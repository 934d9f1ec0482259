package nodyes.server.reviews;

import static nodyes.generated.Tables.CRITERION;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_CRITERION;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.form.Criterion;
import nodyes.server.database.Database;
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

  List<Criterion> all() {
    return database.read(
        sql ->
            sql.selectFrom(CRITERION)
                .orderBy(CRITERION.POSITION, CRITERION.ID)
                .fetch(
                    row ->
                        new Criterion(
                            row.getId(),
                            JSON.readValue(
                                row.getNames(), new TypeReference<Map<String, String>>() {}),
                            Optional.ofNullable(row.getCategory()),
                            row.getIsAsked())));
  }

  /** Ids that are not there yet, or 0, are given out anew. */
  void set(List<Criterion> wanted) {
    database.change(
        sql -> {
          sql.update(CRITERION).set(CRITERION.IS_ASKED, false).execute();
          for (int place = 0; place < wanted.size(); place++) {
            Criterion criterion = wanted.get(place);
            var row = sql.newRecord(CRITERION);
            row.setNames(JSON.writeValueAsString(criterion.names()));
            row.setCategory(criterion.category().orElse(null));
            row.setPosition(place);
            row.setIsAsked(criterion.isAsked());
            boolean isThere =
                sql.update(CRITERION).set(row).where(CRITERION.ID.eq(criterion.id())).execute() > 0;
            if (!isThere) {
              sql.insertInto(CRITERION).set(row).execute();
            }
          }
          sql.deleteFrom(CRITERION)
              .where(
                  CRITERION
                      .IS_ASKED
                      .isFalse()
                      .and(
                          CRITERION.ID.notIn(
                              sql.select(REVIEW_CRITERION.CRITERION_ID).from(REVIEW_CRITERION))))
              .execute();
        });
  }

  Set<String> ratedProducts() {
    return database.read(
        sql ->
            sql.selectDistinct(PRODUCT.SLUG)
                .from(REVIEW_CRITERION)
                .join(REVIEW)
                .on(REVIEW.ID.eq(REVIEW_CRITERION.REVIEW_ID))
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                .fetchSet(PRODUCT.SLUG));
  }
}
