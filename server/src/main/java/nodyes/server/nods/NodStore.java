package nodyes.server.nods;

import static nodyes.generated.Tables.ARRANGED_NOD;
import static nodyes.generated.Tables.ARRANGEMENT_VERSION;
import static nodyes.generated.Tables.POINTED_SPOT;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.select;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.server.database.Database;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

@Component
class NodStore {
  static final int DRAFT = 0;

  private final Database database;
  private final NodJson json;

  NodStore(Database database, NodJson json) {
    this.database = database;
    this.json = json;
  }

  Arrangement draft() {
    return database.read(
        sql ->
            new Arrangement(
                DRAFT, Optional.empty(), Optional.empty(), nods(sql, DRAFT), spots(sql, DRAFT)));
  }

  Arrangement latest() {
    return database.read(
        sql ->
            sql.selectFrom(ARRANGEMENT_VERSION)
                .orderBy(ARRANGEMENT_VERSION.VERSION.desc())
                .limit(1)
                .fetchOptional(
                    row ->
                        new Arrangement(
                            row.getVersion(),
                            Optional.of(row.getPublishedAt()),
                            Optional.of(row.getPublishedBy()),
                            nods(sql, row.getVersion()),
                            spots(sql, row.getVersion())))
                .orElse(Arrangement.NONE));
  }

  private List<Nod> nods(DSLContext sql, int version) {
    return sql.select(ARRANGED_NOD.SETTINGS)
        .from(ARRANGED_NOD)
        .where(ARRANGED_NOD.VERSION.eq(version))
        .orderBy(ARRANGED_NOD.POSITION)
        .fetch(row -> json.read(row.value1()));
  }

  private static List<PointedSpot> spots(DSLContext sql, int version) {
    return sql.selectFrom(POINTED_SPOT)
        .where(POINTED_SPOT.VERSION.eq(version))
        .fetch(
            row ->
                new PointedSpot(
                    row.getName(),
                    PageKind.valueOf(row.getPageKind()),
                    row.getSelector(),
                    PointedSpot.Side.valueOf(row.getSide())));
  }

  /** Replaces a nod of the draft, or adds it at the end. */
  void saveDraft(Nod nod) {
    database.change(
        sql -> {
          Integer last =
              sql.select(max(ARRANGED_NOD.POSITION))
                  .from(ARRANGED_NOD)
                  .where(ARRANGED_NOD.VERSION.eq(DRAFT))
                  .fetchSingle()
                  .value1();
          sql.insertInto(ARRANGED_NOD)
              .set(ARRANGED_NOD.VERSION, DRAFT)
              .set(ARRANGED_NOD.NOD_ID, nod.id().value())
              .set(ARRANGED_NOD.KIND, nod.kind().wireName())
              .set(ARRANGED_NOD.POSITION, last == null ? 1 : last + 1)
              .set(ARRANGED_NOD.SETTINGS, json.write(nod))
              .onConflict(ARRANGED_NOD.VERSION, ARRANGED_NOD.NOD_ID)
              .doUpdate()
              .set(ARRANGED_NOD.SETTINGS, json.write(nod))
              .execute();
        });
  }

  void saveDraft(PointedSpot spot) {
    database.change(
        sql -> {
          var row = sql.newRecord(POINTED_SPOT);
          row.setVersion(DRAFT);
          row.setName(spot.name());
          row.setPageKind(spot.page().name());
          row.setSelector(spot.selector());
          row.setSide(spot.side().name());
          sql.insertInto(POINTED_SPOT).set(row).onDuplicateKeyUpdate().set(row).execute();
        });
  }

  /** Copies the draft into a new version; its number. */
  int publish(String who, Instant now) {
    return database.write(
        sql -> {
          int version =
              sql.select(max(ARRANGEMENT_VERSION.VERSION))
                      .from(ARRANGEMENT_VERSION)
                      .fetchOptional(row -> row.value1())
                      .orElse(0)
                  + 1;
          sql.insertInto(ARRANGEMENT_VERSION).values(version, now, who).execute();
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
                      .where(ARRANGED_NOD.VERSION.eq(DRAFT)))
              .execute();
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
                      .where(POINTED_SPOT.VERSION.eq(DRAFT)))
              .execute();
          return version;
        });
  }
}
