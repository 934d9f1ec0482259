package nodyes.server.pages;

import static nodyes.generated.Tables.SCRIPT_DETECTION;

import java.time.Instant;
import java.util.Map;
import nodyes.core.nod.PageKind;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class ScriptDetectionStore {
  private final Database database;

  ScriptDetectionStore(Database database) {
    this.database = database;
  }

  Map<PageKind, Instant> all() {
    return database.read(
        sql ->
            sql.selectFrom(SCRIPT_DETECTION)
                .fetchMap(row -> row.getPageKind(), row -> row.getFirstAt()));
  }

  void keep(PageKind kind, Instant now) {
    database.change(
        sql ->
            sql.insertInto(SCRIPT_DETECTION, SCRIPT_DETECTION.PAGE_KIND, SCRIPT_DETECTION.FIRST_AT)
                .values(kind, now)
                .onDuplicateKeyIgnore()
                .execute());
  }
}
