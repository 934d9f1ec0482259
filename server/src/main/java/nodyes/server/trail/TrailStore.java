package nodyes.server.trail;

import static nodyes.generated.Tables.TRAIL;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import nodyes.core.common.Said;
import nodyes.generated.tables.records.TrailRecord;
import nodyes.server.database.Database;
import nodyes.server.messages.Texts;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@Component
class TrailStore {
  private static final int AT_A_TIME = 500;
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final TypeReference<Map<String, Object>> VALUES = new TypeReference<>() {};

  private final Database database;

  TrailStore(Database database) {
    this.database = database;
  }

  void add(Instant now, String who, String place, Said did, @Nullable String link) {
    database.change(
        sql ->
            sql.insertInto(
                    TRAIL,
                    TRAIL.DONE_AT,
                    TRAIL.WHO,
                    TRAIL.PLACE,
                    TRAIL.DID,
                    TRAIL.DETAILS,
                    TRAIL.LINK)
                .values(now, who, place, did.key(), JSON.writeValueAsString(did.values()), link)
                .execute());
  }

  /**
   * The newest first, those with a smaller number than {@code before}. Words are looked for in what
   * the reader reads, which no index knows, so lines are gone through until there are enough.
   */
  List<TrailLine> lines(TrailQuery query, long before, int most) {
    var found = new ArrayList<TrailLine>();
    long from = before;
    List<TrailLine> some;
    do {
      some = read(query, from, query.words().isPresent() ? AT_A_TIME : most);
      some.stream().filter(query::fits).limit(most - found.size()).forEach(found::add);
      from = some.isEmpty() ? 0 : some.getLast().id();
    } while (query.words().isPresent() && found.size() < most && some.size() == AT_A_TIME);
    return found;
  }

  private List<TrailLine> read(TrailQuery query, long before, int most) {
    return database.read(
        sql ->
            sql.selectFrom(TRAIL)
                .where(TRAIL.ID.lt(before))
                .and(query.who().map(TRAIL.WHO::eq).orElseGet(DSL::noCondition))
                .and(query.place().map(TRAIL.PLACE::eq).orElseGet(DSL::noCondition))
                .orderBy(TRAIL.ID.desc())
                .limit(most)
                .fetch(TrailStore::line));
  }

  private static TrailLine line(TrailRecord row) {
    return new TrailLine(
        row.getId(), row.getDoneAt(), row.getWho(), row.getPlace(), did(row), row.getLink());
  }

  private static String did(TrailRecord row) {
    return row.getDetails() == null
        ? row.getDid()
        : Texts.text(row.getDid(), JSON.readValue(row.getDetails(), VALUES));
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

  int forget(Instant before) {
    return database.write(sql -> sql.deleteFrom(TRAIL).where(TRAIL.DONE_AT.lt(before)).execute());
  }
}
