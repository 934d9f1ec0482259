package nodyes.server.pages;

import static nodyes.generated.Tables.SCRIPT_SIGHTING;

import java.time.Instant;
import java.util.Map;
import nodyes.core.nod.PageKind;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class SightingStore {
  private final Database database;

  SightingStore(Database database) {
    this.database = database;
  }

  Map<PageKind, Instant> all() {
    return database.read(
        sql ->
            sql.selectFrom(SCRIPT_SIGHTING)
                .fetchMap(row -> PageKind.valueOf(row.getPageKind()), row -> row.getFirstAt()));
  }

  void keep(PageKind kind, Instant now) {
    database.change(
        sql ->
            sql.insertInto(SCRIPT_SIGHTING, SCRIPT_SIGHTING.PAGE_KIND, SCRIPT_SIGHTING.FIRST_AT)
                .values(kind.name(), now)
                .onDuplicateKeyIgnore()
                .execute());
  }
}
