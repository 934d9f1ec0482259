package nodyes.server.feeds;

import static nodyes.generated.Tables.FEED_MEMORY;

import java.util.List;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** How the owner had tables read, by their headings. */
@Component
class FeedMemoryStore {
  private final Database database;
  private final ObjectMapper json;

  FeedMemoryStore(Database database, ObjectMapper json) {
    this.database = database;
    this.json = json;
  }

  /** How one with these headings was read; all as it is found where none was. */
  FeedChoices of(FeedKind kind, List<String> headings) {
    return database.read(
        sql ->
            sql.selectFrom(FEED_MEMORY)
                .where(FEED_MEMORY.KIND.eq(kind).and(FEED_MEMORY.HEADINGS.eq(key(headings))))
                .fetchOptional(row -> json.readValue(row.getChoices(), FeedChoices.class))
                .orElse(FeedChoices.FOUND));
  }

  void remember(FeedKind kind, List<String> headings, FeedChoices choices) {
    String text = json.writeValueAsString(choices);
    database.change(
        sql ->
            sql.insertInto(FEED_MEMORY, FEED_MEMORY.KIND, FEED_MEMORY.HEADINGS, FEED_MEMORY.CHOICES)
                .values(kind, key(headings), text)
                .onConflict(FEED_MEMORY.KIND, FEED_MEMORY.HEADINGS)
                .doUpdate()
                .set(FEED_MEMORY.CHOICES, text)
                .execute());
  }

  private String key(List<String> headings) {
    return json.writeValueAsString(headings);
  }
}
