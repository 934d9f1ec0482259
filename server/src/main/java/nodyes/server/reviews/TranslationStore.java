package nodyes.server.reviews;

import static nodyes.generated.Tables.REVIEW_TRANSLATION;

import java.time.Instant;
import java.util.Optional;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class TranslationStore {
  private final Database database;

  TranslationStore(Database database) {
    this.database = database;
  }

  Optional<Translations.Translation> find(long id, String language) {
    return database.read(
        sql ->
            sql.selectFrom(REVIEW_TRANSLATION)
                .where(
                    REVIEW_TRANSLATION
                        .REVIEW_ID
                        .eq(id)
                        .and(REVIEW_TRANSLATION.LANGUAGE.eq(language)))
                .fetchOptional(
                    row ->
                        new Translations.Translation(
                            row.getLanguage(), row.getTitle(), row.getWords())));
  }

  void keep(long id, Translations.Translation made, Instant now) {
    database.change(
        sql ->
            sql.insertInto(
                    REVIEW_TRANSLATION,
                    REVIEW_TRANSLATION.REVIEW_ID,
                    REVIEW_TRANSLATION.LANGUAGE,
                    REVIEW_TRANSLATION.TITLE,
                    REVIEW_TRANSLATION.WORDS,
                    REVIEW_TRANSLATION.MADE_AT)
                .values(id, made.language(), made.title(), made.words(), now)
                .onConflictDoNothing()
                .execute());
  }
}
