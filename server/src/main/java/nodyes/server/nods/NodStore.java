package nodyes.server.nods;

import static nodyes.generated.Tables.CUSTOM_SPOT;
import static nodyes.generated.Tables.DRAFT_CHANGE;
import static nodyes.generated.Tables.LAYOUT_BRAND_KIT;
import static nodyes.generated.Tables.LAYOUT_DELIVERY;
import static nodyes.generated.Tables.LAYOUT_NOD;
import static nodyes.generated.Tables.LAYOUT_PAGES;
import static nodyes.generated.Tables.UNDONE_CHANGE;

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
import nodyes.core.recognition.LearnedPages;
import nodyes.generated.tables.records.DraftChangeRecord;
import nodyes.generated.tables.records.LayoutNodRecord;
import nodyes.generated.tables.records.UndoneChangeRecord;
import nodyes.server.database.Database;
import nodyes.server.messages.Multilingual;
import org.jooq.DSLContext;
import org.jooq.exception.NoDataFoundException;
import org.springframework.stereotype.Component;

/** The draft, and how it was before each of its changes. */
@Component
class NodStore {
  static final int DRAFT = 0;

  /** Older changes cannot be undone one by one; versions can still be gone back to. */
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
        sql.select(LAYOUT_NOD.VERSION, LAYOUT_NOD.SETTINGS)
            .from(LAYOUT_NOD)
            .where(LAYOUT_NOD.VERSION.in(versions))
            .orderBy(LAYOUT_NOD.VERSION, LAYOUT_NOD.POSITION)
            .fetchGroups(LAYOUT_NOD.VERSION, row -> json.read(row.value2()));
    Map<Integer, List<CustomSpot>> spots =
        sql.selectFrom(CUSTOM_SPOT)
            .where(CUSTOM_SPOT.VERSION.in(versions))
            .fetchGroups(
                CUSTOM_SPOT.VERSION,
                row ->
                    new CustomSpot(
                        row.getName(), row.getPageKind(), row.getSelector(), row.getSide()));
    Map<Integer, BrandKit> kits =
        sql.selectFrom(LAYOUT_BRAND_KIT)
            .where(LAYOUT_BRAND_KIT.VERSION.in(versions))
            .fetchMap(LAYOUT_BRAND_KIT.VERSION, row -> json.readKit(row.getSettings()));
    Map<Integer, DeliverySettings> deliveries =
        sql.selectFrom(LAYOUT_DELIVERY)
            .where(LAYOUT_DELIVERY.VERSION.in(versions))
            .fetchMap(LAYOUT_DELIVERY.VERSION, row -> json.readDelivery(row.getSettings()));
    Map<Integer, LearnedPages> pages =
        sql.selectFrom(LAYOUT_PAGES)
            .where(LAYOUT_PAGES.VERSION.in(versions))
            .fetchMap(LAYOUT_PAGES.VERSION, row -> json.readPages(row.getSettings()));
    var drafts = new HashMap<Integer, Draft>();
    for (int version : versions) {
      drafts.put(
          version,
          new Draft(
              nods.getOrDefault(version, List.of()),
              spots.getOrDefault(version, List.of()),
              kits.getOrDefault(version, BrandKit.NONE),
              deliveries.getOrDefault(version, DeliverySettings.NONE),
              pages.getOrDefault(version, LearnedPages.NONE)));
    }
    return drafts;
  }

  /** How often each nod of the draft was changed. */
  Map<NodId, Long> revisions() {
    return database.read(NodStore::revisions);
  }

  private static Map<NodId, Long> revisions(DSLContext sql) {
    return sql.select(LAYOUT_NOD.NOD_ID, LAYOUT_NOD.REVISION)
        .from(LAYOUT_NOD)
        .where(LAYOUT_NOD.VERSION.eq(DRAFT))
        .fetchMap(row -> new NodId(row.value1()), row -> row.value2());
  }

  /** Changes the draft in one piece; the step that can be undone. */
  DraftChange change(
      BiFunction<Draft, Draft, String> message,
      String who,
      Instant now,
      UnaryOperator<Draft> change) {
    return database.write(
        sql -> {
          Draft before = draft(sql, DRAFT);
          Draft after = change.apply(before);
          Multilingual messages = Multilingual.of(() -> message.apply(before, after));
          write(sql, before, after);
          var row = sql.newRecord(DRAFT_CHANGE);
          row.setMessages(messages.toJson());
          row.setMadeBy(who);
          row.setMadeAt(now);
          row.setPreviousState(json.write(before));
          row.insert();
          // what was undone before cannot be done again on top of something else
          sql.deleteFrom(UNDONE_CHANGE).execute();
          sql.deleteFrom(DRAFT_CHANGE)
              .where(DRAFT_CHANGE.ID.le(row.getId() - MOST_STEPS))
              .execute();
          return new DraftChange(
              row.getId(), messages.text(), who, now, isOfDelivery(before, after));
        });
  }

  /** The newest change, if any is kept. */
  Optional<DraftChange> newest() {
    return database.read(
        sql ->
            sql.selectFrom(DRAFT_CHANGE)
                .orderBy(DRAFT_CHANGE.ID.desc())
                .limit(1)
                .fetchOptional(
                    row -> step(row, json.readDraft(row.getPreviousState()), draft(sql, DRAFT))));
  }

  private static boolean isOfDelivery(Draft before, Draft after) {
    return !before.delivery().equals(after.delivery());
  }

  private static DraftChange step(DraftChangeRecord row, Draft before, Draft after) {
    return new DraftChange(
        row.getId(),
        Multilingual.parse(row.getMessages()).text(),
        row.getMadeBy(),
        row.getMadeAt(),
        isOfDelivery(before, after));
  }

  private static DraftChange undone(UndoneChangeRecord row, Draft before, Draft after) {
    return new DraftChange(
        row.getId(),
        Multilingual.parse(row.getMessages()).text(),
        row.getMadeBy(),
        row.getMadeAt(),
        isOfDelivery(before, after));
  }

  /** Puts the draft back as it was before the newest change, which must be this one. */
  boolean takeBack(long step) {
    return database.write(
        sql -> {
          Long newest =
              sql.select(org.jooq.impl.DSL.max(DRAFT_CHANGE.ID))
                  .from(DRAFT_CHANGE)
                  .fetchSingle()
                  .value1();
          if (newest == null || newest != step) {
            return false;
          }
          var taken =
              sql.selectFrom(DRAFT_CHANGE)
                  .where(DRAFT_CHANGE.ID.eq(step))
                  .fetchOptional()
                  .orElseThrow(NoDataFoundException::new);
          Draft now = draft(sql, DRAFT);
          var undone = sql.newRecord(UNDONE_CHANGE);
          undone.setMessages(taken.getMessages());
          undone.setMadeBy(taken.getMadeBy());
          undone.setMadeAt(taken.getMadeAt());
          undone.setNextState(json.write(now));
          undone.insert();
          write(sql, now, json.readDraft(taken.getPreviousState()));
          sql.deleteFrom(DRAFT_CHANGE).where(DRAFT_CHANGE.ID.eq(step)).execute();
          return true;
        });
  }

  /** What was undone last and can be redone, if anything. */
  Optional<DraftChange> newestUndone() {
    return database.read(
        sql ->
            sql.selectFrom(UNDONE_CHANGE)
                .orderBy(UNDONE_CHANGE.ID.desc())
                .limit(1)
                .fetchOptional(
                    row -> undone(row, draft(sql, DRAFT), json.readDraft(row.getNextState()))));
  }

  /** Redoes what was undone last; empty where nothing was. */
  Optional<DraftChange> doAgain() {
    return database.write(
        sql -> {
          var undone =
              sql.selectFrom(UNDONE_CHANGE)
                  .orderBy(UNDONE_CHANGE.ID.desc())
                  .limit(1)
                  .fetchOptional()
                  .orElse(null);
          if (undone == null) {
            return Optional.empty();
          }
          Draft before = draft(sql, DRAFT);
          Draft after = json.readDraft(undone.getNextState());
          write(sql, before, after);
          var row = sql.newRecord(DRAFT_CHANGE);
          row.setMessages(undone.getMessages());
          row.setMadeBy(undone.getMadeBy());
          row.setMadeAt(undone.getMadeAt());
          row.setPreviousState(json.write(before));
          row.insert();
          undone.delete();
          return Optional.of(step(row, before, after));
        });
  }

  /** What was done up to a publication stays done: versions bring it back, steps no more. */
  void forgetSteps() {
    database.change(
        sql -> {
          sql.deleteFrom(DRAFT_CHANGE).execute();
          sql.deleteFrom(UNDONE_CHANGE).execute();
        });
  }

  /** Writes a whole draft; a nod that differs from what was there has been changed once more. */
  private void write(DSLContext sql, Draft before, Draft after) {
    Map<NodId, Long> revisions = new HashMap<>(revisions(sql));
    sql.deleteFrom(LAYOUT_NOD).where(LAYOUT_NOD.VERSION.eq(DRAFT)).execute();
    var rows = new ArrayList<LayoutNodRecord>();
    for (Nod nod : after.nods()) {
      boolean same = before.find(nod.id()).filter(nod::equals).isPresent();
      long revision = revisions.getOrDefault(nod.id(), 0L) + (same ? 0 : 1);
      var row = sql.newRecord(LAYOUT_NOD);
      row.setVersion(DRAFT);
      row.setNodId(nod.id().value());
      row.setKind(nod.kind().wireName());
      row.setPosition(rows.size() + 1);
      row.setSettings(json.write(nod));
      row.setRevision(revision);
      rows.add(row);
    }
    sql.batchInsert(rows).execute();
    sql.deleteFrom(CUSTOM_SPOT).where(CUSTOM_SPOT.VERSION.eq(DRAFT)).execute();
    for (CustomSpot spot : after.spots()) {
      var row = sql.newRecord(CUSTOM_SPOT);
      row.setVersion(DRAFT);
      row.setName(spot.name());
      row.setPageKind(spot.page());
      row.setSelector(spot.selector());
      row.setSide(spot.side());
      sql.insertInto(CUSTOM_SPOT).set(row).execute();
    }
    sql.deleteFrom(LAYOUT_BRAND_KIT).where(LAYOUT_BRAND_KIT.VERSION.eq(DRAFT)).execute();
    if (!after.kit().equals(BrandKit.NONE)) {
      sql.insertInto(LAYOUT_BRAND_KIT).values(DRAFT, json.write(after.kit())).execute();
    }
    sql.deleteFrom(LAYOUT_DELIVERY).where(LAYOUT_DELIVERY.VERSION.eq(DRAFT)).execute();
    if (!after.delivery().equals(DeliverySettings.NONE)) {
      sql.insertInto(LAYOUT_DELIVERY).values(DRAFT, json.write(after.delivery())).execute();
    }
    sql.deleteFrom(LAYOUT_PAGES).where(LAYOUT_PAGES.VERSION.eq(DRAFT)).execute();
    if (!after.pages().equals(LearnedPages.NONE)) {
      sql.insertInto(LAYOUT_PAGES).values(DRAFT, json.write(after.pages())).execute();
    }
  }
}
