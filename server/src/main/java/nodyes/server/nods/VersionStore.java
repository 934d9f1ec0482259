package nodyes.server.nods;

import static nodyes.generated.Tables.CUSTOM_SPOT;
import static nodyes.generated.Tables.LAYOUT_BRAND_KIT;
import static nodyes.generated.Tables.LAYOUT_DELIVERY;
import static nodyes.generated.Tables.LAYOUT_NOD;
import static nodyes.generated.Tables.LAYOUT_PAGES;
import static nodyes.generated.Tables.LAYOUT_VERSION;
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
import nodyes.generated.tables.records.LayoutVersionRecord;
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

  NodLayout latest() {
    return list(1, 0).stream().findFirst().orElse(NodLayout.NONE);
  }

  Optional<NodLayout> find(int version) {
    return database.read(
        sql ->
            read(
                    sql,
                    sql.selectFrom(LAYOUT_VERSION)
                        .where(LAYOUT_VERSION.VERSION.eq(version))
                        .fetch())
                .stream()
                .findFirst());
  }

  /** Newest first, from one on. */
  List<NodLayout> list(int most, int offset) {
    return database.read(
        sql ->
            read(
                sql,
                sql.selectFrom(LAYOUT_VERSION)
                    .orderBy(LAYOUT_VERSION.VERSION.desc())
                    .limit(most)
                    .offset(offset)
                    .fetch()));
  }

  /**
   * The delivery rules of so many of the newest versions, newest first; what stayed the same is
   * one.
   */
  List<PublishedDelivery> deliveries(int most) {
    return database.read(
        sql -> {
          var found = new ArrayList<PublishedDelivery>();
          String before = "";
          for (var row :
              sql.select(LAYOUT_VERSION.PUBLISHED_AT, LAYOUT_DELIVERY.SETTINGS)
                  .from(LAYOUT_VERSION)
                  .leftJoin(LAYOUT_DELIVERY)
                  .on(LAYOUT_DELIVERY.VERSION.eq(LAYOUT_VERSION.VERSION))
                  .orderBy(LAYOUT_VERSION.VERSION.desc())
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
    return database.read(sql -> sql.fetchCount(LAYOUT_VERSION));
  }

  private List<NodLayout> read(DSLContext sql, Result<LayoutVersionRecord> rows) {
    Map<Integer, Draft> held = drafts.drafts(sql, rows.getValues(LAYOUT_VERSION.VERSION));
    return rows.map(
        row -> {
          Draft what = held.getOrDefault(row.getVersion(), Draft.EMPTY);
          return new NodLayout(
              row.getVersion(),
              Optional.of(row.getPublishedAt()),
              Optional.of(row.getPublishedBy()),
              what.nods(),
              what.spots(),
              row.getNote(),
              what.kit(),
              what.delivery(),
              what.pages());
        });
  }

  /** Copies the draft into a new version; its number. */
  int publish(String who, String note, Instant now) {
    return database.write(
        sql -> {
          int version =
              sql.select(max(LAYOUT_VERSION.VERSION))
                      .from(LAYOUT_VERSION)
                      .fetchOptional(row -> row.value1())
                      .orElse(0)
                  + 1;
          sql.insertInto(
                  LAYOUT_VERSION,
                  LAYOUT_VERSION.VERSION,
                  LAYOUT_VERSION.PUBLISHED_AT,
                  LAYOUT_VERSION.PUBLISHED_BY,
                  LAYOUT_VERSION.NOTE)
              .values(version, now, who, note)
              .execute();
          copyNods(sql, version);
          copySpots(sql, version);
          sql.insertInto(LAYOUT_BRAND_KIT, LAYOUT_BRAND_KIT.VERSION, LAYOUT_BRAND_KIT.SETTINGS)
              .select(
                  select(inline(version), LAYOUT_BRAND_KIT.SETTINGS)
                      .from(LAYOUT_BRAND_KIT)
                      .where(LAYOUT_BRAND_KIT.VERSION.eq(NodStore.DRAFT)))
              .execute();
          sql.insertInto(LAYOUT_DELIVERY, LAYOUT_DELIVERY.VERSION, LAYOUT_DELIVERY.SETTINGS)
              .select(
                  select(inline(version), LAYOUT_DELIVERY.SETTINGS)
                      .from(LAYOUT_DELIVERY)
                      .where(LAYOUT_DELIVERY.VERSION.eq(NodStore.DRAFT)))
              .execute();
          sql.insertInto(LAYOUT_PAGES, LAYOUT_PAGES.VERSION, LAYOUT_PAGES.SETTINGS)
              .select(
                  select(inline(version), LAYOUT_PAGES.SETTINGS)
                      .from(LAYOUT_PAGES)
                      .where(LAYOUT_PAGES.VERSION.eq(NodStore.DRAFT)))
              .execute();
          return version;
        });
  }

  private static void copyNods(DSLContext sql, int version) {
    sql.insertInto(
            LAYOUT_NOD,
            LAYOUT_NOD.VERSION,
            LAYOUT_NOD.NOD_ID,
            LAYOUT_NOD.KIND,
            LAYOUT_NOD.POSITION,
            LAYOUT_NOD.SETTINGS)
        .select(
            select(
                    inline(version),
                    LAYOUT_NOD.NOD_ID,
                    LAYOUT_NOD.KIND,
                    LAYOUT_NOD.POSITION,
                    LAYOUT_NOD.SETTINGS)
                .from(LAYOUT_NOD)
                .where(LAYOUT_NOD.VERSION.eq(NodStore.DRAFT)))
        .execute();
  }

  private static void copySpots(DSLContext sql, int version) {
    sql.insertInto(
            CUSTOM_SPOT,
            CUSTOM_SPOT.VERSION,
            CUSTOM_SPOT.NAME,
            CUSTOM_SPOT.PAGE_KIND,
            CUSTOM_SPOT.SELECTOR,
            CUSTOM_SPOT.SIDE)
        .select(
            select(
                    inline(version),
                    CUSTOM_SPOT.NAME,
                    CUSTOM_SPOT.PAGE_KIND,
                    CUSTOM_SPOT.SELECTOR,
                    CUSTOM_SPOT.SIDE)
                .from(CUSTOM_SPOT)
                .where(CUSTOM_SPOT.VERSION.eq(NodStore.DRAFT)))
        .execute();
  }
}
