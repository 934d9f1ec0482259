package nodyes.server.nods;

import static nodyes.generated.Tables.INCOMPLETE_NOD;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.generated.tables.records.IncompleteNodRecord;
import nodyes.server.database.Database;
import nodyes.server.web.ApiProblem.FieldError;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What of the draft is incomplete. */
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
          var row = sql.newRecord(INCOMPLETE_NOD);
          row.setNodId(nod.value());
          row.setContent(content);
          row.setFaults(faults);
          row.setTypedAt(now);
          row.merge();
        });
  }

  void forget(NodId nod) {
    database.change(
        sql ->
            sql.deleteFrom(INCOMPLETE_NOD).where(INCOMPLETE_NOD.NOD_ID.eq(nod.value())).execute());
  }

  /** Nothing is incomplete any more. */
  void forgetAll() {
    database.change(sql -> sql.deleteFrom(INCOMPLETE_NOD).execute());
  }

  /** What is incomplete of a nod. */
  Optional<HalfMade> find(NodId nod) {
    return database.read(
        sql ->
            sql.selectFrom(INCOMPLETE_NOD)
                .where(INCOMPLETE_NOD.NOD_ID.eq(nod.value()))
                .fetchOptional(this::read));
  }

  /** All that is incomplete, by nod. */
  Map<NodId, HalfMade> all() {
    return database.read(
        sql ->
            sql.selectFrom(INCOMPLETE_NOD).fetchMap(row -> new NodId(row.getNodId()), this::read));
  }

  private HalfMade read(IncompleteNodRecord row) {
    return new HalfMade(
        json.readValue(row.getContent(), NodSettingsView.Settings.class),
        List.of(json.readValue(row.getFaults(), FieldError[].class)));
  }
}
