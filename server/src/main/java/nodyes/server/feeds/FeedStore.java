package nodyes.server.feeds;

import static nodyes.generated.Tables.FEED;
import static nodyes.generated.Tables.FEED_CHANGE;
import static nodyes.generated.Tables.FEED_ERROR;
import static nodyes.generated.Tables.FEED_RUN;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.notExists;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectOne;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.generated.tables.records.FeedRunRecord;
import nodyes.server.database.Database;
import nodyes.server.web.JsonLines.LineProblem;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

@Component
class FeedStore {
  private static final int MOST_RUNS = 500;

  private final Database database;

  FeedStore(Database database) {
    this.database = database;
  }

  List<FeedAddress> addresses() {
    return database.read(
        sql ->
            sql.selectFrom(FEED)
                .orderBy(FEED.KIND)
                .fetch(
                    row ->
                        new FeedAddress(
                            row.getKind(),
                            row.getAddress(),
                            row.getEveryHours().intValue(),
                            Optional.ofNullable(row.getRequestedAt()))));
  }

  void follow(FeedKind kind, String address, int everyHours) {
    database.change(
        sql ->
            sql.insertInto(FEED)
                .set(FEED.KIND, kind)
                .set(FEED.ADDRESS, address)
                .set(FEED.EVERY_HOURS, (long) everyHours)
                .onConflict(FEED.KIND)
                .doUpdate()
                .set(FEED.ADDRESS, address)
                .set(FEED.EVERY_HOURS, (long) everyHours)
                .execute());
  }

  void leave(FeedKind kind) {
    database.change(sql -> sql.deleteFrom(FEED).where(FEED.KIND.eq(kind)).execute());
  }

  void asked(FeedKind kind, Instant now) {
    database.change(
        sql -> sql.update(FEED).set(FEED.REQUESTED_AT, now).where(FEED.KIND.eq(kind)).execute());
  }

  /** Notes that a run begins; until it ends it is one that was cut off. */
  long begin(FeedKind kind, String source, Instant now, String cutOff) {
    return database.write(
        sql ->
            sql.insertInto(FEED_RUN)
                .set(FEED_RUN.KIND, kind)
                .set(FEED_RUN.SOURCE, source)
                .set(FEED_RUN.RAN_AT, now)
                .set(FEED_RUN.STATE, FeedRunState.FAILED)
                .set(FEED_RUN.IMPORTED, 0L)
                .set(FEED_RUN.ERRORS, 0L)
                .set(FEED_RUN.REMOVED, 0L)
                .set(FEED_RUN.FAILURE, cutOff)
                .set(FEED_RUN.IS_RUNNING, true)
                .returningResult(FEED_RUN.ID)
                .fetchSingle()
                .value1());
  }

  /** Ends what was cut off: no run goes on when the program starts. */
  void endAll() {
    database.change(
        sql ->
            sql.update(FEED_RUN)
                .set(FEED_RUN.IS_RUNNING, false)
                .where(FEED_RUN.IS_RUNNING)
                .execute());
  }

  /** Ends a run that could not be read: it is forgotten, or where it changed something, kept. */
  void abandon(long id) {
    database.change(
        sql -> {
          sql.deleteFrom(FEED_RUN)
              .where(
                  FEED_RUN
                      .ID
                      .eq(id)
                      .and(
                          notExists(
                              selectOne().from(FEED_CHANGE).where(FEED_CHANGE.RUN_ID.eq(id)))))
              .execute();
          sql.update(FEED_RUN).set(FEED_RUN.IS_RUNNING, false).where(FEED_RUN.ID.eq(id)).execute();
        });
  }

  /** Keeps what came of a run that {@link #begin began}, and forgets the oldest. */
  void end(FeedRun run, List<LineProblem> problems) {
    database.change(
        sql -> {
          long id = run.id();
          sql.update(FEED_RUN)
              .set(FEED_RUN.STATE, run.state())
              .set(FEED_RUN.IMPORTED, run.imported())
              .set(FEED_RUN.ERRORS, run.errors())
              .set(FEED_RUN.REMOVED, run.removed())
              .set(FEED_RUN.FAILURE, run.failure().orElse(null))
              .set(FEED_RUN.PENDING_FILE, run.heldFile().orElse(null))
              .set(FEED_RUN.IS_RUNNING, false)
              .where(FEED_RUN.ID.eq(id))
              .execute();
          long number = 0;
          for (LineProblem problem : problems) {
            sql.insertInto(FEED_ERROR)
                .set(FEED_ERROR.RUN_ID, id)
                .set(FEED_ERROR.NUMBER, ++number)
                .set(FEED_ERROR.LINE, problem.line())
                .set(FEED_ERROR.FIELD, problem.field())
                .set(FEED_ERROR.VALUE, problem.value())
                .set(FEED_ERROR.REASON, problem.reason())
                .execute();
          }
          sql.deleteFrom(FEED_RUN).where(FEED_RUN.ID.le(id - MOST_RUNS)).execute();
        });
  }

  void end(long id, FeedRunState state, long taken, long gone) {
    database.change(
        sql ->
            sql.update(FEED_RUN)
                .set(FEED_RUN.STATE, state)
                .set(FEED_RUN.IMPORTED, taken)
                .set(FEED_RUN.REMOVED, gone)
                .setNull(FEED_RUN.PENDING_FILE)
                .where(FEED_RUN.ID.eq(id))
                .execute());
  }

  /** How far runs are, or can be, undone. */
  Map<Long, FeedUndo.State> undoStates(Collection<Long> runs, Set<Long> undoable) {
    return database.read(
        sql ->
            sql.select(FEED_RUN.ID, FEED_RUN.UNDONE_AT, FEED_RUN.KEPT_IN_UNDO)
                .from(FEED_RUN)
                .where(FEED_RUN.ID.in(runs))
                .fetchMap(
                    FEED_RUN.ID,
                    row ->
                        new FeedUndo.State(
                            undoable.contains(row.value1()),
                            Optional.ofNullable(row.value2()),
                            row.value3())));
  }

  Optional<FeedRun> run(long id) {
    return database.read(
        sql -> sql.selectFrom(FEED_RUN).where(FEED_RUN.ID.eq(id)).fetchOptional(FeedStore::run));
  }

  PagedResult<FeedRun> runs(int page, int size) {
    return database.read(
        sql ->
            new PagedResult<>(
                sql.selectFrom(FEED_RUN)
                    .where(FEED_RUN.IS_RUNNING.isFalse())
                    .orderBy(FEED_RUN.RAN_AT.desc(), FEED_RUN.ID.desc())
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(FeedStore::run),
                page,
                size,
                sql.fetchCount(FEED_RUN, FEED_RUN.IS_RUNNING.isFalse())));
  }

  /** The newest run of each kind. */
  List<FeedRun> newest() {
    return database.read(
        sql ->
            sql.selectFrom(FEED_RUN)
                .where(
                    FEED_RUN.ID.in(
                        select(max(FEED_RUN.ID))
                            .from(FEED_RUN)
                            .where(FEED_RUN.IS_RUNNING.isFalse())
                            .groupBy(FEED_RUN.KIND)))
                .orderBy(FEED_RUN.KIND)
                .fetch(FeedStore::run));
  }

  List<LineProblem> problems(long run) {
    return database.read(
        sql ->
            sql.selectFrom(FEED_ERROR)
                .where(FEED_ERROR.RUN_ID.eq(run))
                .orderBy(FEED_ERROR.NUMBER)
                .fetch(
                    row ->
                        new LineProblem(
                            row.getLine(), row.getField(), row.getValue(), row.getReason())));
  }

  private static FeedRun run(FeedRunRecord row) {
    boolean isForNothing =
        row.getState() == FeedRunState.DONE && row.getImported() == 0 && row.getRemoved() == 0;
    return new FeedRun(
        row.getId(),
        row.getKind(),
        row.getSource(),
        row.getRanAt(),
        isForNothing ? FeedRunState.NOTHING_TAKEN : row.getState(),
        row.getImported(),
        row.getErrors(),
        row.getRemoved(),
        Optional.ofNullable(row.getFailure()),
        Optional.ofNullable(row.getPendingFile()));
  }
}
