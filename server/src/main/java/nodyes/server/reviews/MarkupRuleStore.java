package nodyes.server.reviews;

import static nodyes.generated.Tables.MARKUP_RULE;

import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class MarkupRuleStore {
  private final Database database;

  MarkupRuleStore(Database database) {
    this.database = database;
  }

  /** Whether reviews from elsewhere count. */
  boolean countsBroughtIn() {
    return database.read(
        sql ->
            sql.select(MARKUP_RULE.HAS_BROUGHT_IN)
                .from(MARKUP_RULE)
                .fetchOptional(MARKUP_RULE.HAS_BROUGHT_IN)
                .orElse(false));
  }

  void save(boolean countsBroughtIn) {
    database.change(
        sql ->
            sql.insertInto(MARKUP_RULE, MARKUP_RULE.ID, MARKUP_RULE.HAS_BROUGHT_IN)
                .values(1L, countsBroughtIn)
                .onConflict(MARKUP_RULE.ID)
                .doUpdate()
                .set(MARKUP_RULE.HAS_BROUGHT_IN, countsBroughtIn)
                .execute());
  }
}
