package nodyes.server.form;

import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_FORM;
import static nodyes.generated.Tables.REVIEW_PICTURE;
import static nodyes.generated.Tables.SENT_FORM;
import static nodyes.generated.Tables.SENT_PICTURE;
import static org.jooq.impl.DSL.notExists;
import static org.jooq.impl.DSL.selectOne;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.form.FormField;
import nodyes.core.form.FormRules;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@Component
class FormStore {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final Database database;

  FormStore(Database database) {
    this.database = database;
  }

  FormRules rules() {
    return database.read(
        sql ->
            sql.selectFrom(REVIEW_FORM)
                .fetchOptional(
                    row ->
                        new FormRules(
                            JSON.readValue(
                                row.getFields(),
                                new TypeReference<Map<FormField, FormField.Asked>>() {}),
                            Math.toIntExact(row.getMostPictures()),
                            Math.toIntExact(row.getLargestPicture())))
                .orElse(FormRules.USUAL));
  }

  void save(FormRules rules) {
    database.change(
        sql -> {
          var row = sql.newRecord(REVIEW_FORM);
          row.setId(1L);
          row.setFields(JSON.writeValueAsString(rules.fields()));
          row.setMostPictures((long) rules.mostPictures());
          row.setLargestPicture((long) rules.largestPicture());
          sql.insertInto(REVIEW_FORM)
              .set(row)
              .onConflict(REVIEW_FORM.ID)
              .doUpdate()
              .set(row)
              .execute();
        });
  }

  /** The review that a form became. */
  Optional<Long> sent(String nonce) {
    return database.read(
        sql ->
            sql.select(SENT_FORM.REVIEW_ID)
                .from(SENT_FORM)
                .where(SENT_FORM.NONCE.eq(nonce))
                .fetchOptional(SENT_FORM.REVIEW_ID));
  }

  void sent(String nonce, long review, Instant now) {
    database.change(
        sql ->
            sql.insertInto(SENT_FORM, SENT_FORM.NONCE, SENT_FORM.REVIEW_ID, SENT_FORM.SENT_AT)
                .values(nonce, review, now)
                .execute());
  }

  void sentPicture(String file, Instant now) {
    database.change(
        sql ->
            sql.insertInto(SENT_PICTURE, SENT_PICTURE.FILE, SENT_PICTURE.SENT_AT)
                .values(file, now)
                .onConflict(SENT_PICTURE.FILE)
                .doUpdate()
                .set(SENT_PICTURE.SENT_AT, now)
                .execute());
  }

  Set<String> sentPictures(Collection<String> files) {
    return database.read(
        sql ->
            sql.select(SENT_PICTURE.FILE)
                .from(SENT_PICTURE)
                .where(SENT_PICTURE.FILE.in(files))
                .fetchSet(SENT_PICTURE.FILE));
  }

  /** Forgets forms and pictures that were sent before; the files that no review names. */
  List<String> forget(Instant formsBefore, Instant picturesBefore) {
    return database.write(
        sql -> {
          sql.deleteFrom(SENT_FORM).where(SENT_FORM.SENT_AT.lt(formsBefore)).execute();
          var unused =
              sql.select(SENT_PICTURE.FILE)
                  .from(SENT_PICTURE)
                  .where(SENT_PICTURE.SENT_AT.lt(picturesBefore))
                  .and(
                      notExists(
                          selectOne()
                              .from(REVIEW_PICTURE)
                              .where(REVIEW_PICTURE.FILE.eq(SENT_PICTURE.FILE))))
                  .fetch(SENT_PICTURE.FILE);
          sql.deleteFrom(SENT_PICTURE).where(SENT_PICTURE.SENT_AT.lt(picturesBefore)).execute();
          return unused;
        });
  }

  /** What the newest that were written in the shop say. */
  List<String> ownWords(int most) {
    return database.read(
        sql ->
            sql.select(REVIEW.WORDS)
                .from(REVIEW)
                .where(REVIEW.ORIGIN.ne("BROUGHT_IN").and(REVIEW.BATCH_ID.isNull()))
                .and(REVIEW.WORDS.isNotNull())
                .orderBy(REVIEW.ID.desc())
                .limit(most)
                .fetch(REVIEW.WORDS));
  }
}
