package nodyes.server.trail;

import static nodyes.generated.Tables.TRAIL;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import nodyes.server.database.Database;
import org.jooq.Condition;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

@Component
class TrailStore {
  private static final int AT_A_TIME = 500;

  private final Database database;

  TrailStore(Database database) {
    this.database = database;
  }

  void add(Instant now, String who, String place, String did, @Nullable String link) {
    database.change(
        sql ->
            sql.insertInto(TRAIL, TRAIL.DONE_AT, TRAIL.WHO, TRAIL.PLACE, TRAIL.DID, TRAIL.LINK)
                .values(now, who, place, did, link)
                .execute());
  }

  private static Condition wanted(TrailQuery query) {
    var all = new ArrayList<Condition>();
    query.who().ifPresent(who -> all.add(TRAIL.WHO.eq(who)));
    query.place().ifPresent(place -> all.add(TRAIL.PLACE.eq(place)));
    query
        .words()
        .ifPresent(
            words ->
                all.add(
                    TRAIL.DID.containsIgnoreCase(words).or(TRAIL.WHO.containsIgnoreCase(words))));
    return DSL.and(all);
  }

  /** The newest first, those with a smaller number than {@code before}. */
  List<TrailLine> lines(TrailQuery query, long before, int most) {
    return database.read(
        sql ->
            sql.selectFrom(TRAIL)
                .where(wanted(query).and(TRAIL.ID.lt(before)))
                .orderBy(TRAIL.ID.desc())
                .limit(most)
                .fetch(
                    row ->
                        new TrailLine(
                            row.getId(),
                            row.getDoneAt(),
                            row.getWho(),
                            row.getPlace(),
                            row.getDid(),
                            row.getLink())));
  }

  /** All of them, some at a time, so that no reader holds a transaction for long. */
  void each(TrailQuery query, Consumer<TrailLine> taker) {
    long before = Long.MAX_VALUE;
    List<TrailLine> some;
    do {
      some = lines(query, before, AT_A_TIME);
      some.forEach(taker);
      before = some.isEmpty() ? 0 : some.getLast().id();
    } while (some.size() == AT_A_TIME);
  }

  List<String> names(int most) {
    return database.read(
        sql ->
            sql.selectDistinct(TRAIL.WHO)
                .from(TRAIL)
                .orderBy(TRAIL.WHO)
                .limit(most)
                .fetch(TRAIL.WHO));
  }

  List<String> places(int most) {
    return database.read(
        sql ->
            sql.selectDistinct(TRAIL.PLACE)
                .from(TRAIL)
                .orderBy(TRAIL.PLACE)
                .limit(most)
                .fetch(TRAIL.PLACE));
  }

  void forget(Instant before) {
    database.change(sql -> sql.deleteFrom(TRAIL).where(TRAIL.DONE_AT.lt(before)).execute());
  }
}
