package nodyes.server.imports;

import static nodyes.generated.Tables.IMPORT_ERROR;
import static nodyes.generated.Tables.REVIEW_IMPORT;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.generated.tables.records.ImportErrorRecord;
import nodyes.generated.tables.records.ReviewImportRecord;
import nodyes.server.database.Database;
import nodyes.server.web.PagedResult;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

@Component
class ImportStore {
  private final Database database;
  private final ObjectMapper json;

  ImportStore(Database database, ObjectMapper json) {
    this.database = database;
    this.json = json;
  }

  long add(String fileName, long size, FileInspection look, String who, Instant now) {
    return database.write(
        sql ->
            sql.insertInto(
                    REVIEW_IMPORT,
                    REVIEW_IMPORT.FILE_NAME,
                    REVIEW_IMPORT.FILE_SIZE,
                    REVIEW_IMPORT.STATE,
                    REVIEW_IMPORT.INSPECTION,
                    REVIEW_IMPORT.IMPORTED_BY,
                    REVIEW_IMPORT.CREATED_AT)
                .values(
                    fileName, size, ImportState.INSPECTED, json.writeValueAsString(look), who, now)
                .returningResult(REVIEW_IMPORT.ID)
                .fetchSingle()
                .value1());
  }

  Optional<ImportView> find(long id) {
    return database.read(
        sql ->
            sql.selectFrom(REVIEW_IMPORT).where(REVIEW_IMPORT.ID.eq(id)).fetchOptional(this::view));
  }

  /** Whether it was in that state, and is in the other now. */
  boolean changeState(long id, ImportState from, ImportState to) {
    return database.write(
        sql ->
            sql.update(REVIEW_IMPORT)
                    .set(REVIEW_IMPORT.STATE, to)
                    .where(REVIEW_IMPORT.ID.eq(id).and(REVIEW_IMPORT.STATE.eq(from)))
                    .execute()
                == 1);
  }

  /** Puts what was found by another look in its place. */
  void lookAgain(long id, FileInspection look) {
    database.change(
        sql ->
            sql.update(REVIEW_IMPORT)
                .set(REVIEW_IMPORT.INSPECTION, json.writeValueAsString(look))
                .setNull(REVIEW_IMPORT.OPTIONS) // they were of other columns
                .where(REVIEW_IMPORT.ID.eq(id).and(REVIEW_IMPORT.STATE.eq(ImportState.INSPECTED)))
                .execute());
  }

  /** Keeps how a file is to be read; nothing where it is read already. */
  void choose(long id, ImportOptions choices) {
    String text = json.writeValueAsString(choices);
    database.change(
        sql ->
            sql.update(REVIEW_IMPORT)
                .set(REVIEW_IMPORT.OPTIONS, text)
                .where(REVIEW_IMPORT.ID.eq(id).and(REVIEW_IMPORT.STATE.eq(ImportState.INSPECTED)))
                .execute());
  }

  Optional<ImportOptions> choices(long id) {
    return database.read(
        sql ->
            sql.select(REVIEW_IMPORT.OPTIONS)
                .from(REVIEW_IMPORT)
                .where(REVIEW_IMPORT.ID.eq(id).and(REVIEW_IMPORT.OPTIONS.isNotNull()))
                .fetchOptional(row -> json.readValue(row.value1(), ImportOptions.class)));
  }

  List<Long> inState(ImportState state) {
    return database.read(
        sql ->
            sql.select(REVIEW_IMPORT.ID)
                .from(REVIEW_IMPORT)
                .where(REVIEW_IMPORT.STATE.eq(state))
                .fetch(REVIEW_IMPORT.ID));
  }

  PagedResult<ImportView> list(int page, int size) {
    return database.read(
        sql ->
            new PagedResult<>(
                sql.selectFrom(REVIEW_IMPORT)
                    .where(REVIEW_IMPORT.STATE.ne(ImportState.INSPECTED))
                    .orderBy(REVIEW_IMPORT.ID.desc())
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(this::view),
                page,
                size,
                sql.fetchCount(REVIEW_IMPORT, REVIEW_IMPORT.STATE.ne(ImportState.INSPECTED))));
  }

  private ImportView view(ReviewImportRecord row) {
    return new ImportView(
        row.getId(),
        row.getFileName(),
        row.getFileSize(),
        row.getState(),
        json.readValue(row.getInspection(), FileInspection.class),
        new ImportCounts(
            row.getRowsSeen(),
            row.getImported(),
            row.getUnreadable(),
            row.getDuplicates(),
            row.getLeftOutBefore(),
            row.getNotSelected()),
        ImportView.Reading.at(row.getState() == ImportState.INSPECTED ? 0 : 100),
        row.getSource(),
        row.getFailure(),
        row.getCreatedAt());
  }

  /** Begins reading, from the start; true for the one caller that may go on. */
  boolean begin(long id, ImportOptions choices, ImportState from) {
    return database.write(
        sql -> {
          sql.deleteFrom(IMPORT_ERROR).where(IMPORT_ERROR.IMPORT_ID.eq(id)).execute();
          return sql.update(REVIEW_IMPORT)
                  .set(REVIEW_IMPORT.STATE, ImportState.RUNNING)
                  .set(REVIEW_IMPORT.OPTIONS, json.writeValueAsString(choices))
                  .set(REVIEW_IMPORT.SOURCE, choices.handling().source())
                  .set(REVIEW_IMPORT.FAILURE, (String) null)
                  .where(REVIEW_IMPORT.ID.eq(id).and(REVIEW_IMPORT.STATE.eq(from)))
                  .execute()
              == 1;
        });
  }

  void progress(long id, ImportCounts counts, List<RowErrorView> problems) {
    database.change(sql -> save(sql, id, counts, problems));
  }

  void finish(long id, ImportState state, @Nullable String failure, Instant now) {
    database.change(
        sql ->
            sql.update(REVIEW_IMPORT)
                .set(REVIEW_IMPORT.STATE, state)
                .set(REVIEW_IMPORT.FAILURE, failure)
                .set(REVIEW_IMPORT.FINISHED_AT, now)
                .where(REVIEW_IMPORT.ID.eq(id))
                .execute());
  }

  private static void save(
      DSLContext sql, long id, ImportCounts counts, List<RowErrorView> problems) {
    sql.update(REVIEW_IMPORT)
        .set(REVIEW_IMPORT.ROWS_SEEN, counts.rowsSeen())
        .set(REVIEW_IMPORT.IMPORTED, counts.imported())
        .set(REVIEW_IMPORT.UNREADABLE, counts.unreadable())
        .set(REVIEW_IMPORT.DUPLICATES, counts.duplicates())
        .set(REVIEW_IMPORT.LEFT_OUT_BEFORE, counts.leftOutBefore())
        .set(REVIEW_IMPORT.NOT_SELECTED, counts.notSelected())
        .where(REVIEW_IMPORT.ID.eq(id))
        .execute();
    var rows = new ArrayList<ImportErrorRecord>();
    for (RowErrorView problem : problems) {
      var row = sql.newRecord(IMPORT_ERROR);
      row.setImportId(id);
      row.setLine(problem.line());
      row.setColumnName(problem.column());
      row.setValue(problem.value());
      row.setReason(problem.reason());
      rows.add(row);
    }
    sql.batchInsert(rows).execute();
  }

  PagedResult<RowErrorView> problems(long id, int page, int size) {
    return database.read(
        sql ->
            new PagedResult<>(
                sql.selectFrom(IMPORT_ERROR)
                    .where(IMPORT_ERROR.IMPORT_ID.eq(id))
                    .orderBy(IMPORT_ERROR.LINE, IMPORT_ERROR.ID)
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(
                        row ->
                            new RowErrorView(
                                row.getLine(),
                                row.getColumnName(),
                                row.getValue(),
                                row.getReason(),
                                null,
                                List.of())),
                page,
                size,
                sql.fetchCount(IMPORT_ERROR, IMPORT_ERROR.IMPORT_ID.eq(id))));
  }
}
