package nodyes.server.nods;

import static nodyes.generated.Tables.ARRANGED_DELIVERY;
import static nodyes.generated.Tables.ARRANGED_KIT;
import static nodyes.generated.Tables.ARRANGED_NOD;
import static nodyes.generated.Tables.DRAFT_STEP;
import static nodyes.generated.Tables.POINTED_SPOT;
import static nodyes.generated.Tables.UNDONE_STEP;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import nodyes.core.common.NodId;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.generated.tables.records.ArrangedNodRecord;
import nodyes.server.database.Database;
import org.jooq.DSLContext;
import org.jooq.exception.NoDataFoundException;
import org.springframework.stereotype.Component;

/** The draft, and how it was before each of its changes. */
@Component
class NodStore {
  static final int DRAFT = 0;

  /** Older changes cannot be taken back one by one; versions can still be gone back to. */
  private static final int MOST_STEPS = 1000;

  private final Database database;
  private final NodJson json;

  NodStore(Database database, NodJson json) {
    this.database = database;
    this.json = json;
  }

  Draft draft() {
    return database.read(sql -> draft(sql, DRAFT));
  }

  Draft draft(DSLContext sql, int version) {
    return drafts(sql, List.of(version)).getOrDefault(version, Draft.EMPTY);
  }

  /** What several versions hold, each table asked once. */
  Map<Integer, Draft> drafts(DSLContext sql, Collection<Integer> versions) {
    Map<Integer, List<Nod>> nods =
        sql.select(ARRANGED_NOD.VERSION, ARRANGED_NOD.SETTINGS)
            .from(ARRANGED_NOD)
            .where(ARRANGED_NOD.VERSION.in(versions))
            .orderBy(ARRANGED_NOD.VERSION, ARRANGED_NOD.POSITION)
            .fetchGroups(ARRANGED_NOD.VERSION, row -> json.read(row.value2()));
    Map<Integer, List<PointedSpot>> spots =
        sql.selectFrom(POINTED_SPOT)
            .where(POINTED_SPOT.VERSION.in(versions))
            .fetchGroups(
                POINTED_SPOT.VERSION,
                row ->
                    new PointedSpot(
                        row.getName(),
                        PageKind.valueOf(row.getPageKind()),
                        row.getSelector(),
                        PointedSpot.Side.valueOf(row.getSide())));
    Map<Integer, BrandKit> kits =
        sql.selectFrom(ARRANGED_KIT)
            .where(ARRANGED_KIT.VERSION.in(versions))
            .fetchMap(ARRANGED_KIT.VERSION, row -> json.readKit(row.getSettings()));
    Map<Integer, DeliverySettings> deliveries =
        sql.selectFrom(ARRANGED_DELIVERY)
            .where(ARRANGED_DELIVERY.VERSION.in(versions))
            .fetchMap(ARRANGED_DELIVERY.VERSION, row -> json.readDelivery(row.getSettings()));
    var drafts = new HashMap<Integer, Draft>();
    for (int version : versions) {
      drafts.put(
          version,
          new Draft(
              nods.getOrDefault(version, List.of()),
              spots.getOrDefault(version, List.of()),
              kits.getOrDefault(version, BrandKit.NONE),
              deliveries.getOrDefault(version, DeliverySettings.NONE)));
    }
    return drafts;
  }

  /** How often each nod of the draft was changed. */
  Map<NodId, Long> revisions() {
    return database.read(NodStore::revisions);
  }

  private static Map<NodId, Long> revisions(DSLContext sql) {
    return sql.select(ARRANGED_NOD.NOD_ID, ARRANGED_NOD.REVISION)
        .from(ARRANGED_NOD)
        .where(ARRANGED_NOD.VERSION.eq(DRAFT))
        .fetchMap(row -> new NodId(row.value1()), row -> row.value2());
  }

  /** Changes the draft in one piece; the step that can be taken back. */
  Step change(
      BiFunction<Draft, Draft, String> telling,
      String who,
      Instant now,
      UnaryOperator<Draft> change) {
    return database.write(
        sql -> {
          Draft before = draft(sql, DRAFT);
          Draft after = change.apply(before);
          String words = telling.apply(before, after);
          write(sql, before, after);
          var row = sql.newRecord(DRAFT_STEP);
          row.setWords(words);
          row.setMadeBy(who);
          row.setMadeAt(now);
          row.setBefore(json.write(before));
          row.insert();
          // what was taken back before cannot be done again on top of something else
          sql.deleteFrom(UNDONE_STEP).execute();
          sql.deleteFrom(DRAFT_STEP).where(DRAFT_STEP.ID.le(row.getId() - MOST_STEPS)).execute();
          return new Step(row.getId(), words, who, now);
        });
  }

  /** The newest change, if any is kept. */
  Optional<Step> newest() {
    return database.read(
        sql ->
            sql.selectFrom(DRAFT_STEP)
                .orderBy(DRAFT_STEP.ID.desc())
                .limit(1)
                .fetchOptional(
                    row ->
                        new Step(row.getId(), row.getWords(), row.getMadeBy(), row.getMadeAt())));
  }

  /** Puts the draft back as it was before the newest change, which must be this one. */
  boolean takeBack(long step) {
    return database.write(
        sql -> {
          Long newest =
              sql.select(org.jooq.impl.DSL.max(DRAFT_STEP.ID))
                  .from(DRAFT_STEP)
                  .fetchSingle()
                  .value1();
          if (newest == null || newest != step) {
            return false;
          }
          var taken =
              sql.selectFrom(DRAFT_STEP)
                  .where(DRAFT_STEP.ID.eq(step))
                  .fetchOptional()
                  .orElseThrow(NoDataFoundException::new);
          Draft now = draft(sql, DRAFT);
          var undone = sql.newRecord(UNDONE_STEP);
          undone.setWords(taken.getWords());
          undone.setMadeBy(taken.getMadeBy());
          undone.setMadeAt(taken.getMadeAt());
          undone.setAfter(json.write(now));
          undone.insert();
          write(sql, now, json.readDraft(taken.getBefore()));
          sql.deleteFrom(DRAFT_STEP).where(DRAFT_STEP.ID.eq(step)).execute();
          return true;
        });
  }

  /** What was taken back last and can be done again, if anything. */
  Optional<Step> newestUndone() {
    return database.read(
        sql ->
            sql.selectFrom(UNDONE_STEP)
                .orderBy(UNDONE_STEP.ID.desc())
                .limit(1)
                .fetchOptional(
                    row ->
                        new Step(row.getId(), row.getWords(), row.getMadeBy(), row.getMadeAt())));
  }

  /** Does again what was taken back last; empty where nothing was. */
  Optional<Step> doAgain() {
    return database.write(
        sql -> {
          var undone =
              sql.selectFrom(UNDONE_STEP)
                  .orderBy(UNDONE_STEP.ID.desc())
                  .limit(1)
                  .fetchOptional()
                  .orElse(null);
          if (undone == null) {
            return Optional.empty();
          }
          Draft before = draft(sql, DRAFT);
          write(sql, before, json.readDraft(undone.getAfter()));
          var row = sql.newRecord(DRAFT_STEP);
          row.setWords(undone.getWords());
          row.setMadeBy(undone.getMadeBy());
          row.setMadeAt(undone.getMadeAt());
          row.setBefore(json.write(before));
          row.insert();
          undone.delete();
          return Optional.of(
              new Step(row.getId(), row.getWords(), row.getMadeBy(), row.getMadeAt()));
        });
  }

  /** What was done up to a publication stays done: versions bring it back, steps no more. */
  void forgetSteps() {
    database.change(
        sql -> {
          sql.deleteFrom(DRAFT_STEP).execute();
          sql.deleteFrom(UNDONE_STEP).execute();
        });
  }

  /** Writes a whole draft; a nod that differs from what was there has been changed once more. */
  private void write(DSLContext sql, Draft before, Draft after) {
    Map<NodId, Long> revisions = new HashMap<>(revisions(sql));
    sql.deleteFrom(ARRANGED_NOD).where(ARRANGED_NOD.VERSION.eq(DRAFT)).execute();
    var rows = new ArrayList<ArrangedNodRecord>();
    for (Nod nod : after.nods()) {
      boolean same = before.find(nod.id()).filter(nod::equals).isPresent();
      long revision = revisions.getOrDefault(nod.id(), 0L) + (same ? 0 : 1);
      var row = sql.newRecord(ARRANGED_NOD);
      row.setVersion(DRAFT);
      row.setNodId(nod.id().value());
      row.setKind(nod.kind().wireName());
      row.setPosition(rows.size() + 1);
      row.setSettings(json.write(nod));
      row.setRevision(revision);
      rows.add(row);
    }
    sql.batchInsert(rows).execute();
    sql.deleteFrom(POINTED_SPOT).where(POINTED_SPOT.VERSION.eq(DRAFT)).execute();
    for (PointedSpot spot : after.spots()) {
      var row = sql.newRecord(POINTED_SPOT);
      row.setVersion(DRAFT);
      row.setName(spot.name());
      row.setPageKind(spot.page().name());
      row.setSelector(spot.selector());
      row.setSide(spot.side().name());
      sql.insertInto(POINTED_SPOT).set(row).execute();
    }
    sql.deleteFrom(ARRANGED_KIT).where(ARRANGED_KIT.VERSION.eq(DRAFT)).execute();
    if (!after.kit().equals(BrandKit.NONE)) {
      sql.insertInto(ARRANGED_KIT).values(DRAFT, json.write(after.kit())).execute();
    }
    sql.deleteFrom(ARRANGED_DELIVERY).where(ARRANGED_DELIVERY.VERSION.eq(DRAFT)).execute();
    if (!after.delivery().equals(DeliverySettings.NONE)) {
      sql.insertInto(ARRANGED_DELIVERY).values(DRAFT, json.write(after.delivery())).execute();
    }
  }
}
