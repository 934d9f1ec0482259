package nodyes.server.own;

import static nodyes.generated.Tables.OWN_REVIEW_RULE;
import static nodyes.generated.Tables.REVIEW;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;

import java.time.Instant;
import java.util.Optional;
import nodyes.core.review.Admission;
import nodyes.generated.tables.records.OwnReviewRuleRecord;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class OwnRuleStore {
  private final Database database;

  OwnRuleStore(Database database) {
    this.database = database;
  }

  OwnRule rule() {
    return stored()
        .map(
            row ->
                new OwnRule(
                    Admission.valueOf(row.getAdmission()),
                    Notice.valueOf(row.getNotice()),
                    row.getNoticeTo(),
                    row.getToldAt(),
                    row.getFailedAt(),
                    row.getFailure()))
        .orElse(OwnRule.FIRST);
  }

  private Optional<OwnReviewRuleRecord> stored() {
    return database.read(sql -> sql.selectFrom(OWN_REVIEW_RULE).fetchOptional());
  }

  /** Replaces the rule; a notice that is new tells of what comes from now on. */
  void save(Admission admission, Notice notice, String to) {
    database.change(
        sql -> {
          boolean tellsAlready = rule().notice() != Notice.NEVER;
          var row = sql.newRecord(OWN_REVIEW_RULE);
          row.setId(1L);
          row.setAdmission(admission.name());
          row.setNotice(notice.name());
          row.setNoticeTo(to);
          row.setFailedAt(null);
          row.setFailure(null);
          if (!tellsAlready) {
            row.setToldTo(
                sql.select(coalesce(max(REVIEW.ID), inline(0L)))
                    .from(REVIEW)
                    .fetchSingle()
                    .value1());
          } else {
            row.setToldTo(toldTo());
          }
          sql.insertInto(OWN_REVIEW_RULE)
              .set(row)
              .onConflict(OWN_REVIEW_RULE.ID)
              .doUpdate()
              .set(row)
              .execute();
        });
  }

  /** The last review that was told of. */
  long toldTo() {
    return stored().map(OwnReviewRuleRecord::getToldTo).orElse(0L);
  }

  void told(long to, Instant now) {
    database.change(
        sql ->
            sql.update(OWN_REVIEW_RULE)
                .set(OWN_REVIEW_RULE.TOLD_TO, to)
                .set(OWN_REVIEW_RULE.TOLD_AT, now)
                .setNull(OWN_REVIEW_RULE.FAILED_AT)
                .setNull(OWN_REVIEW_RULE.FAILURE)
                .execute());
  }

  void failed(String why, Instant now) {
    database.change(
        sql ->
            sql.update(OWN_REVIEW_RULE)
                .set(OWN_REVIEW_RULE.FAILED_AT, coalesce(OWN_REVIEW_RULE.FAILED_AT, now))
                .set(OWN_REVIEW_RULE.FAILURE, why)
                .execute());
  }
}
