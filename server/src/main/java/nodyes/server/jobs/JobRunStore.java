package nodyes.server.jobs;

import static nodyes.generated.Tables.JOB_RUN;

import java.time.Duration;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nodyes.generated.tables.records.JobRunRecord;
import nodyes.server.database.Database;
import nodyes.server.jobs.JobRuns.JobRun;
import org.springframework.stereotype.Component;

@Component
class JobRunStore {
  private static final int KEPT = 20;

  private final Database database;

  JobRunStore(Database database) {
    this.database = database;
  }

  /** Keeps a time, and the last few before it. */
  void add(JobKind kind, JobRun run) {
    database.change(
        sql -> {
          var row = sql.newRecord(JOB_RUN);
          row.setJob(kind);
          row.setStartedAt(run.startedAt());
          row.setTookMillis(run.took().toMillis());
          row.setDone(run.done());
          row.setFailure(run.failure());
          row.insert();
          sql.deleteFrom(JOB_RUN)
              .where(JOB_RUN.JOB.eq(kind))
              .and(
                  JOB_RUN.ID.notIn(
                      sql.select(JOB_RUN.ID)
                          .from(JOB_RUN)
                          .where(JOB_RUN.JOB.eq(kind))
                          .orderBy(JOB_RUN.ID.desc())
                          .limit(KEPT)))
              .execute();
        });
  }

  Map<JobKind, List<JobRun>> recent() {
    return database.read(
        sql -> {
          var recent = new EnumMap<JobKind, List<JobRun>>(JobKind.class);
          recent.putAll(
              sql.selectFrom(JOB_RUN)
                  .orderBy(JOB_RUN.ID.desc())
                  .fetchGroups(row -> row.getJob(), JobRunStore::run));
          return recent;
        });
  }

  private static JobRun run(JobRunRecord row) {
    return new JobRun(
        row.getStartedAt(),
        Duration.ofMillis(row.getTookMillis()),
        row.getDone(),
        row.getFailure());
  }
}
