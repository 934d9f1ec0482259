package nodyes.server.imports;

import static nodyes.generated.Tables.COLUMN_MAPPING;
import static nodyes.generated.Tables.PUBLISHING_PERMISSION;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** What the owner said once: how files of some headings are read, and what may be published. */
@Component
class ImportMemoryStore {
  private final Database database;
  private final ObjectMapper json;

  ImportMemoryStore(Database database, ObjectMapper json) {
    this.database = database;
    this.json = json;
  }

  record Remembered(ImportOptions choices, Instant when) {}

  Optional<Remembered> of(List<String> headings) {
    return database.read(
        sql ->
            sql.selectFrom(COLUMN_MAPPING)
                .where(COLUMN_MAPPING.HEADINGS.eq(key(headings)))
                .fetchOptional(
                    row ->
                        new Remembered(
                            json.readValue(row.getOptions(), ImportOptions.class),
                            row.getUsedAt())));
  }

  void remember(List<String> headings, ImportOptions choices, Instant now) {
    String text = json.writeValueAsString(choices);
    database.change(
        sql ->
            sql.insertInto(
                    COLUMN_MAPPING,
                    COLUMN_MAPPING.HEADINGS,
                    COLUMN_MAPPING.OPTIONS,
                    COLUMN_MAPPING.USED_AT)
                .values(key(headings), text, now)
                .onConflict(COLUMN_MAPPING.HEADINGS)
                .doUpdate()
                .set(COLUMN_MAPPING.OPTIONS, text)
                .set(COLUMN_MAPPING.USED_AT, now)
                .execute());
  }

  private String key(List<String> headings) {
    return json.writeValueAsString(headings);
  }

  boolean isPermitted(String source) {
    return database.read(
        sql -> sql.fetchExists(PUBLISHING_PERMISSION, PUBLISHING_PERMISSION.SOURCE.eq(source)));
  }

  void permit(String source, String who, Instant now) {
    database.change(
        sql ->
            sql.insertInto(
                    PUBLISHING_PERMISSION,
                    PUBLISHING_PERMISSION.SOURCE,
                    PUBLISHING_PERMISSION.GRANTED_BY,
                    PUBLISHING_PERMISSION.GRANTED_AT)
                .values(source, who, now)
                .onConflictDoNothing()
                .execute());
  }
}
