package nodyes.server.publishedreviews;

import static nodyes.generated.Tables.STRUCTURED_DATA_POLICY;

import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class StructuredDataPolicyStore {
  private final Database database;

  StructuredDataPolicyStore(Database database) {
    this.database = database;
  }

  /** Whether reviews from elsewhere count. */
  boolean countsBroughtIn() {
    return database.read(
        sql ->
            sql.select(STRUCTURED_DATA_POLICY.HAS_IMPORTED)
                .from(STRUCTURED_DATA_POLICY)
                .fetchOptional(STRUCTURED_DATA_POLICY.HAS_IMPORTED)
                .orElse(false));
  }

  void save(boolean countsBroughtIn) {
    database.change(
        sql ->
            sql.insertInto(
                    STRUCTURED_DATA_POLICY,
                    STRUCTURED_DATA_POLICY.ID,
                    STRUCTURED_DATA_POLICY.HAS_IMPORTED)
                .values(1L, countsBroughtIn)
                .onConflict(STRUCTURED_DATA_POLICY.ID)
                .doUpdate()
                .set(STRUCTURED_DATA_POLICY.HAS_IMPORTED, countsBroughtIn)
                .execute());
  }
}
