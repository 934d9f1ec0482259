package nodyes.server.pageimports;

import static nodyes.generated.Tables.PAGE_PATTERN;

import java.time.Instant;
import java.util.Optional;
import nodyes.core.pagereading.ReadingPattern;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** How the pages of sites were shown to be read. */
@Component
class PagePatternStore {
  private final Database database;
  private final ObjectMapper json;

  PagePatternStore(Database database, ObjectMapper json) {
    this.database = database;
    this.json = json;
  }

  /** A pattern, and when it was learned. */
  record Learned(ReadingPattern pattern, Instant at) {}

  Optional<Learned> of(String site) {
    return database.read(
        sql ->
            sql.selectFrom(PAGE_PATTERN)
                .where(PAGE_PATTERN.SITE.eq(site))
                .fetchOptional(
                    row ->
                        new Learned(
                            json.readValue(row.getPattern(), ReadingPattern.class),
                            row.getLearnedAt())));
  }

  void remember(String site, ReadingPattern pattern, Instant now) {
    String text = json.writeValueAsString(pattern);
    database.change(
        sql ->
            sql.insertInto(
                    PAGE_PATTERN, PAGE_PATTERN.SITE, PAGE_PATTERN.PATTERN, PAGE_PATTERN.LEARNED_AT)
                .values(site, text, now)
                .onConflict(PAGE_PATTERN.SITE)
                .doUpdate()
                .set(PAGE_PATTERN.PATTERN, text)
                .set(PAGE_PATTERN.LEARNED_AT, now)
                .execute());
  }
}
