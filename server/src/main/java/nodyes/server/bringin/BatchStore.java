package nodyes.server.bringin;

import static nodyes.generated.Tables.BATCH;
import static nodyes.generated.Tables.BATCH_PROBLEM;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.generated.tables.records.BatchProblemRecord;
import nodyes.generated.tables.records.BatchRecord;
import nodyes.server.database.Database;
import nodyes.server.web.PageOf;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

@Component
class BatchStore {
  private final Database database;
  private final ObjectMapper json;

  BatchStore(Database database, ObjectMapper json) {
    this.database = database;
    this.json = json;
  }

  /** Running counts of a batch. */
  record Counts(
      long rowsSeen, long taken, long bad, long hereAlready, long leftOutBefore, long notChosen) {
    static final Counts NONE = new Counts(0, 0, 0, 0, 0, 0);
  }

  long add(String fileName, long size, Look look, String who, Instant now) {
    return database.write(
        sql ->
            sql.insertInto(
                    BATCH,
                    BATCH.FILE_NAME,
                    BATCH.FILE_SIZE,
                    BATCH.STATE,
                    BATCH.LOOK,
                    BATCH.BROUGHT_BY,
                    BATCH.CREATED_AT)
                .values(
                    fileName,
                    size,
                    BatchState.LOOKED.name(),
                    json.writeValueAsString(look),
                    who,
                    now)
                .returningResult(BATCH.ID)
                .fetchSingle()
                .value1());
  }

  Optional<BatchView> find(long id) {
    return database.read(
        sql -> sql.selectFrom(BATCH).where(BATCH.ID.eq(id)).fetchOptional(this::view));
  }

  /** Whether it was in that state, and is in the other now. */
  boolean changeState(long id, BatchState from, BatchState to) {
    return database.write(
        sql ->
            sql.update(BATCH)
                    .set(BATCH.STATE, to.name())
                    .where(BATCH.ID.eq(id).and(BATCH.STATE.eq(from.name())))
                    .execute()
                == 1);
  }

  /** Puts what was found by another look in its place. */
  void lookAgain(long id, Look look) {
    database.change(
        sql ->
            sql.update(BATCH)
                .set(BATCH.LOOK, json.writeValueAsString(look))
                .setNull(BATCH.CHOICES) // they were of other columns
                .where(BATCH.ID.eq(id).and(BATCH.STATE.eq(BatchState.LOOKED.name())))
                .execute());
  }

  /** Keeps how a file is to be read; nothing where it is read already. */
  void choose(long id, Choices choices) {
    String text = json.writeValueAsString(choices);
    database.change(
        sql ->
            sql.update(BATCH)
                .set(BATCH.CHOICES, text)
                .where(BATCH.ID.eq(id).and(BATCH.STATE.eq(BatchState.LOOKED.name())))
                .execute());
  }

  Optional<Choices> choices(long id) {
    return database.read(
        sql ->
            sql.select(BATCH.CHOICES)
                .from(BATCH)
                .where(BATCH.ID.eq(id).and(BATCH.CHOICES.isNotNull()))
                .fetchOptional(row -> json.readValue(row.value1(), Choices.class)));
  }

  List<Long> inState(BatchState state) {
    return database.read(
        sql ->
            sql.select(BATCH.ID).from(BATCH).where(BATCH.STATE.eq(state.name())).fetch(BATCH.ID));
  }

  PageOf<BatchView> list(int page, int size) {
    return database.read(
        sql ->
            new PageOf<>(
                sql.selectFrom(BATCH)
                    .where(BATCH.STATE.ne(BatchState.LOOKED.name()))
                    .orderBy(BATCH.ID.desc())
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(this::view),
                page,
                size,
                sql.fetchCount(BATCH, BATCH.STATE.ne(BatchState.LOOKED.name()))));
  }

  private BatchView view(BatchRecord row) {
    return new BatchView(
        row.getId(),
        row.getFileName(),
        row.getFileSize(),
        BatchState.valueOf(row.getState()),
        json.readValue(row.getLook(), Look.class),
        BatchState.LOOKED.name().equals(row.getState()) ? 0 : 100,
        row.getRowsSeen(),
        row.getTaken(),
        row.getBad(),
        row.getHereAlready(),
        row.getLeftOutBefore(),
        row.getNotChosen(),
        0,
        null,
        null,
        row.getSource(),
        row.getFailure(),
        row.getCreatedAt());
  }

  /** Begins reading, from the start; true for the one caller that may go on. */
  boolean begin(long id, Choices choices, BatchState from) {
    return database.write(
        sql -> {
          sql.deleteFrom(BATCH_PROBLEM).where(BATCH_PROBLEM.BATCH_ID.eq(id)).execute();
          return sql.update(BATCH)
                  .set(BATCH.STATE, BatchState.READING.name())
                  .set(BATCH.CHOICES, json.writeValueAsString(choices))
                  .set(BATCH.SOURCE, choices.source())
                  .set(BATCH.FAILURE, (String) null)
                  .where(BATCH.ID.eq(id).and(BATCH.STATE.eq(from.name())))
                  .execute()
              == 1;
        });
  }

  void progress(long id, Counts counts, List<ProblemLine> problems) {
    database.change(sql -> save(sql, id, counts, problems));
  }

  void finish(long id, BatchState state, @Nullable String failure, Instant now) {
    database.change(
        sql ->
            sql.update(BATCH)
                .set(BATCH.STATE, state.name())
                .set(BATCH.FAILURE, failure)
                .set(BATCH.FINISHED_AT, now)
                .where(BATCH.ID.eq(id))
                .execute());
  }

  private static void save(DSLContext sql, long id, Counts counts, List<ProblemLine> problems) {
    sql.update(BATCH)
        .set(BATCH.ROWS_SEEN, counts.rowsSeen())
        .set(BATCH.TAKEN, counts.taken())
        .set(BATCH.BAD, counts.bad())
        .set(BATCH.HERE_ALREADY, counts.hereAlready())
        .set(BATCH.LEFT_OUT_BEFORE, counts.leftOutBefore())
        .set(BATCH.NOT_CHOSEN, counts.notChosen())
        .where(BATCH.ID.eq(id))
        .execute();
    var rows = new ArrayList<BatchProblemRecord>();
    for (ProblemLine problem : problems) {
      var row = sql.newRecord(BATCH_PROBLEM);
      row.setBatchId(id);
      row.setLine(problem.line());
      row.setColumnName(problem.column());
      row.setValue(problem.value());
      row.setReason(problem.reason());
      rows.add(row);
    }
    sql.batchInsert(rows).execute();
  }

  PageOf<ProblemLine> problems(long id, int page, int size) {
    return database.read(
        sql ->
            new PageOf<>(
                sql.selectFrom(BATCH_PROBLEM)
                    .where(BATCH_PROBLEM.BATCH_ID.eq(id))
                    .orderBy(BATCH_PROBLEM.LINE, BATCH_PROBLEM.ID)
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(
                        row ->
                            new ProblemLine(
                                row.getLine(),
                                row.getColumnName(),
                                row.getValue(),
                                row.getReason(),
                                List.of())),
                page,
                size,
                sql.fetchCount(BATCH_PROBLEM, BATCH_PROBLEM.BATCH_ID.eq(id))));
  }
}
