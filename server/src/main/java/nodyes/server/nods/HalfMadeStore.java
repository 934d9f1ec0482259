package nodyes.server.nods;

import static nodyes.generated.Tables.HALF_MADE_NOD;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.generated.tables.records.HalfMadeNodRecord;
import nodyes.server.database.Database;
import nodyes.server.web.Refusal.Fault;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What of the draft is half made. */
@Component
class HalfMadeStore {
  private final Database database;
  private final JsonMapper json;

  HalfMadeStore(Database database, JsonMapper json) {
    this.database = database;
    this.json = json;
  }

  void keep(NodId nod, HalfMade half, Instant now) {
    String content = json.writeValueAsString(half.set());
    String faults = json.writeValueAsString(half.faults());
    database.change(
        sql -> {
          var row = sql.newRecord(HALF_MADE_NOD);
          row.setNodId(nod.value());
          row.setContent(content);
          row.setFaults(faults);
          row.setTypedAt(now);
          row.merge();
        });
  }

  void forget(NodId nod) {
    database.change(
        sql -> sql.deleteFrom(HALF_MADE_NOD).where(HALF_MADE_NOD.NOD_ID.eq(nod.value())).execute());
  }

  /** Nothing is half made any more. */
  void forgetAll() {
    database.change(sql -> sql.deleteFrom(HALF_MADE_NOD).execute());
  }

  /** What is half made of a nod. */
  Optional<HalfMade> find(NodId nod) {
    return database.read(
        sql ->
            sql.selectFrom(HALF_MADE_NOD)
                .where(HALF_MADE_NOD.NOD_ID.eq(nod.value()))
                .fetchOptional(this::read));
  }

  /** All that is half made, by nod. */
  Map<NodId, HalfMade> all() {
    return database.read(
        sql ->
            sql.selectFrom(HALF_MADE_NOD).fetchMap(row -> new NodId(row.getNodId()), this::read));
  }

  private HalfMade read(HalfMadeNodRecord row) {
    return new HalfMade(
        json.readValue(row.getContent(), NodFace.Settings.class),
        List.of(json.readValue(row.getFaults(), Fault[].class)));
  }
}
