package nodyes.server.bringin;

import static nodyes.generated.Tables.COLUMN_MEMORY;
import static nodyes.generated.Tables.PERMISSION;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** What the owner said once: how files of some headings are read, and what may be published. */
@Component
class MemoryStore {
  private final Database database;
  private final ObjectMapper json;

  MemoryStore(Database database, ObjectMapper json) {
    this.database = database;
    this.json = json;
  }

  record Remembered(Choices choices, Instant when) {}

  Optional<Remembered> of(List<String> headings) {
    return database.read(
        sql ->
            sql.selectFrom(COLUMN_MEMORY)
                .where(COLUMN_MEMORY.HEADINGS.eq(key(headings)))
                .fetchOptional(
                    row ->
                        new Remembered(
                            json.readValue(row.getChoices(), Choices.class), row.getUsedAt())));
  }

  void remember(List<String> headings, Choices choices, Instant now) {
    String text = json.writeValueAsString(choices);
    database.change(
        sql ->
            sql.insertInto(
                    COLUMN_MEMORY,
                    COLUMN_MEMORY.HEADINGS,
                    COLUMN_MEMORY.CHOICES,
                    COLUMN_MEMORY.USED_AT)
                .values(key(headings), text, now)
                .onConflict(COLUMN_MEMORY.HEADINGS)
                .doUpdate()
                .set(COLUMN_MEMORY.CHOICES, text)
                .set(COLUMN_MEMORY.USED_AT, now)
                .execute());
  }

  private String key(List<String> headings) {
    return json.writeValueAsString(headings);
  }

  boolean isPermitted(String source) {
    return database.read(sql -> sql.fetchExists(PERMISSION, PERMISSION.SOURCE.eq(source)));
  }

  void permit(String source, String who, Instant now) {
    database.change(
        sql ->
            sql.insertInto(PERMISSION, PERMISSION.SOURCE, PERMISSION.SAID_BY, PERMISSION.SAID_AT)
                .values(source, who, now)
                .onConflictDoNothing()
                .execute());
  }
}
