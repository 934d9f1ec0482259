package nodyes.server.translations;

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

  /** The one that is kept of a text as it is shown. */
  Optional<Translations.Translation> find(long id, String language, String source) {
    return database.read(
        sql ->
            sql.selectFrom(REVIEW_TRANSLATION)
                .where(
                    REVIEW_TRANSLATION
                        .REVIEW_ID
                        .eq(id)
                        .and(REVIEW_TRANSLATION.LANGUAGE.eq(language))
                        .and(REVIEW_TRANSLATION.SOURCE_HASH.eq(source)))
                .fetchOptional(
                    row ->
                        new Translations.Translation(
                            row.getLanguage(), row.getTitle(), row.getText())));
  }

  /** Keeps one, in place of one of another text. */
  void keep(long id, String source, Translations.Translation made, Instant now) {
    database.change(
        sql -> {
          var row = sql.newRecord(REVIEW_TRANSLATION);
          row.setReviewId(id);
          row.setLanguage(made.language());
          row.setSourceHash(source);
          row.setTitle(made.title());
          row.setText(made.words());
          row.setMadeAt(now);
          sql.insertInto(REVIEW_TRANSLATION).set(row).onDuplicateKeyUpdate().set(row).execute();
        });
  }
}
