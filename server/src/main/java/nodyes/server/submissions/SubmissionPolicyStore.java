package nodyes.server.submissions;

import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.SUBMISSION_POLICY;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;

import java.time.Instant;
import java.util.Optional;
import nodyes.core.review.PublicationPolicy;
import nodyes.generated.tables.records.SubmissionPolicyRecord;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class SubmissionPolicyStore {
  private final Database database;

  SubmissionPolicyStore(Database database) {
    this.database = database;
  }

  SubmissionPolicy rule() {
    return stored()
        .map(
            row ->
                new SubmissionPolicy(
                    row.getPublication(),
                    row.getNotification(),
                    row.getNotifyEmail(),
                    row.getNotifiedAt(),
                    row.getFailedAt(),
                    row.getFailure()))
        .orElse(SubmissionPolicy.FIRST);
  }

  private Optional<SubmissionPolicyRecord> stored() {
    return database.read(sql -> sql.selectFrom(SUBMISSION_POLICY).fetchOptional());
  }

  /** Replaces the rule; a notice that is new tells of what comes from now on. */
  void save(PublicationPolicy admission, NotificationFrequency notice, String to) {
    database.change(
        sql -> {
          boolean tellsAlready = rule().notice() != NotificationFrequency.NEVER;
          var row = sql.newRecord(SUBMISSION_POLICY);
          row.setId(1L);
          row.setPublication(admission);
          row.setNotification(notice);
          row.setNotifyEmail(to);
          row.setFailedAt(null);
          row.setFailure(null);
          if (!tellsAlready) {
            row.setNotifiedUntil(
                sql.select(coalesce(max(REVIEW.ID), inline(0L)))
                    .from(REVIEW)
                    .fetchSingle()
                    .value1());
          } else {
            row.setNotifiedUntil(toldTo());
          }
          sql.insertInto(SUBMISSION_POLICY)
              .set(row)
              .onConflict(SUBMISSION_POLICY.ID)
              .doUpdate()
              .set(row)
              .execute();
        });
  }

  /** The last review that was told of. */
  long toldTo() {
    return stored().map(SubmissionPolicyRecord::getNotifiedUntil).orElse(0L);
  }

  void told(long to, Instant now) {
    database.change(
        sql ->
            sql.update(SUBMISSION_POLICY)
                .set(SUBMISSION_POLICY.NOTIFIED_UNTIL, to)
                .set(SUBMISSION_POLICY.NOTIFIED_AT, now)
                .setNull(SUBMISSION_POLICY.FAILED_AT)
                .setNull(SUBMISSION_POLICY.FAILURE)
                .execute());
  }

  void failed(String why, Instant now) {
    database.change(
        sql ->
            sql.update(SUBMISSION_POLICY)
                .set(SUBMISSION_POLICY.FAILED_AT, coalesce(SUBMISSION_POLICY.FAILED_AT, now))
                .set(SUBMISSION_POLICY.FAILURE, why)
                .execute());
  }
}
