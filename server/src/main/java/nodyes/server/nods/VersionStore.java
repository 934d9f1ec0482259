package nodyes.server.nods;

import static nodyes.generated.Tables.ARRANGED_DELIVERY;
import static nodyes.generated.Tables.ARRANGED_KIT;
import static nodyes.generated.Tables.ARRANGED_NOD;
import static nodyes.generated.Tables.ARRANGEMENT_VERSION;
import static nodyes.generated.Tables.POINTED_SPOT;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.select;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import nodyes.core.delivery.DeliverySettings;
import nodyes.generated.tables.records.ArrangementVersionRecord;
import nodyes.server.database.Database;
import org.jooq.DSLContext;
import org.jooq.Result;
import org.springframework.stereotype.Component;

/** The published versions. */
@Component
class VersionStore {
  private final Database database;
  private final NodStore drafts;
  private final NodJson json;

  VersionStore(Database database, NodStore drafts, NodJson json) {
    this.database = database;
    this.drafts = drafts;
    this.json = json;
  }

  Arrangement latest() {
    return list(1, 0).stream().findFirst().orElse(Arrangement.NONE);
  }

  Optional<Arrangement> find(int version) {
    return database.read(
        sql ->
            read(
                    sql,
                    sql.selectFrom(ARRANGEMENT_VERSION)
                        .where(ARRANGEMENT_VERSION.VERSION.eq(version))
                        .fetch())
                .stream()
                .findFirst());
  }

  /** Newest first, from one on. */
  List<Arrangement> list(int most, int offset) {
    return database.read(
        sql ->
            read(
                sql,
                sql.selectFrom(ARRANGEMENT_VERSION)
                    .orderBy(ARRANGEMENT_VERSION.VERSION.desc())
                    .limit(most)
                    .offset(offset)
                    .fetch()));
  }

  /** The timings of so many of the newest versions, newest first; what stayed the same is one. */
  List<PublishedDelivery> deliveries(int most) {
    return database.read(
        sql -> {
          var found = new ArrayList<PublishedDelivery>();
          String before = "";
          for (var row :
              sql.select(ARRANGEMENT_VERSION.PUBLISHED_AT, ARRANGED_DELIVERY.SETTINGS)
                  .from(ARRANGEMENT_VERSION)
                  .leftJoin(ARRANGED_DELIVERY)
                  .on(ARRANGED_DELIVERY.VERSION.eq(ARRANGEMENT_VERSION.VERSION))
                  .orderBy(ARRANGEMENT_VERSION.VERSION.desc())
                  .limit(most)
                  .fetch()) {
            String text = Objects.requireNonNullElse(row.value2(), "");
            boolean isSame = !found.isEmpty() && text.equals(before);
            DeliverySettings settings =
                isSame
                    ? found.removeLast().settings()
                    : text.isEmpty() ? DeliverySettings.NONE : json.readDelivery(text);
            found.add(new PublishedDelivery(row.value1(), settings));
            before = text;
          }
          return List.copyOf(found);
        });
  }

  long count() {
    return database.read(sql -> sql.fetchCount(ARRANGEMENT_VERSION));
  }

  private List<Arrangement> read(DSLContext sql, Result<ArrangementVersionRecord> rows) {
    Map<Integer, Draft> held = drafts.drafts(sql, rows.getValues(ARRANGEMENT_VERSION.VERSION));
    return rows.map(
        row -> {
          Draft what = held.getOrDefault(row.getVersion(), Draft.EMPTY);
          return new Arrangement(
              row.getVersion(),
              Optional.of(row.getPublishedAt()),
              Optional.of(row.getPublishedBy()),
              what.nods(),
              what.spots(),
              row.getNote(),
              what.kit(),
              what.delivery());
        });
  }

  /** Copies the draft into a new version; its number. */
  int publish(String who, String note, Instant now) {
    return database.write(
        sql -> {
          int version =
              sql.select(max(ARRANGEMENT_VERSION.VERSION))
                      .from(ARRANGEMENT_VERSION)
                      .fetchOptional(row -> row.value1())
                      .orElse(0)
                  + 1;
          sql.insertInto(
                  ARRANGEMENT_VERSION,
                  ARRANGEMENT_VERSION.VERSION,
                  ARRANGEMENT_VERSION.PUBLISHED_AT,
                  ARRANGEMENT_VERSION.PUBLISHED_BY,
                  ARRANGEMENT_VERSION.NOTE)
              .values(version, now, who, note)
              .execute();
          copyNods(sql, version);
          copySpots(sql, version);
          sql.insertInto(ARRANGED_KIT, ARRANGED_KIT.VERSION, ARRANGED_KIT.SETTINGS)
              .select(
                  select(inline(version), ARRANGED_KIT.SETTINGS)
                      .from(ARRANGED_KIT)
                      .where(ARRANGED_KIT.VERSION.eq(NodStore.DRAFT)))
              .execute();
          sql.insertInto(ARRANGED_DELIVERY, ARRANGED_DELIVERY.VERSION, ARRANGED_DELIVERY.SETTINGS)
              .select(
                  select(inline(version), ARRANGED_DELIVERY.SETTINGS)
                      .from(ARRANGED_DELIVERY)
                      .where(ARRANGED_DELIVERY.VERSION.eq(NodStore.DRAFT)))
              .execute();
          return version;
        });
  }

  private static void copyNods(DSLContext sql, int version) {
    sql.insertInto(
            ARRANGED_NOD,
            ARRANGED_NOD.VERSION,
            ARRANGED_NOD.NOD_ID,
            ARRANGED_NOD.KIND,
            ARRANGED_NOD.POSITION,
            ARRANGED_NOD.SETTINGS)
        .select(
            select(
                    inline(version),
                    ARRANGED_NOD.NOD_ID,
                    ARRANGED_NOD.KIND,
                    ARRANGED_NOD.POSITION,
                    ARRANGED_NOD.SETTINGS)
                .from(ARRANGED_NOD)
                .where(ARRANGED_NOD.VERSION.eq(NodStore.DRAFT)))
        .execute();
  }

  private static void copySpots(DSLContext sql, int version) {
    sql.insertInto(
            POINTED_SPOT,
            POINTED_SPOT.VERSION,
            POINTED_SPOT.NAME,
            POINTED_SPOT.PAGE_KIND,
            POINTED_SPOT.SELECTOR,
            POINTED_SPOT.SIDE)
        .select(
            select(
                    inline(version),
                    POINTED_SPOT.NAME,
                    POINTED_SPOT.PAGE_KIND,
                    POINTED_SPOT.SELECTOR,
                    POINTED_SPOT.SIDE)
                .from(POINTED_SPOT)
                .where(POINTED_SPOT.VERSION.eq(NodStore.DRAFT)))
        .execute();
  }
}
