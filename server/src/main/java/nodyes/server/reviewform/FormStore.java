package nodyes.server.reviewform;

import static nodyes.generated.Tables.FORM_SUBMISSION;
import static nodyes.generated.Tables.PICTURE_UPLOAD;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_FORM;
import static nodyes.generated.Tables.REVIEW_PICTURE;
import static org.jooq.impl.DSL.notExists;
import static org.jooq.impl.DSL.selectOne;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.reviewform.FormField;
import nodyes.core.reviewform.FormRules;
import nodyes.server.database.Database;
import nodyes.server.reviews.ReviewListItem;
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
                            Math.toIntExact(row.getMaxPictures()),
                            Math.toIntExact(row.getMaxPictureBytes())))
                .orElse(FormRules.USUAL));
  }

  void save(FormRules rules) {
    database.change(
        sql -> {
          var row = sql.newRecord(REVIEW_FORM);
          row.setId(1L);
          row.setFields(JSON.writeValueAsString(rules.fields()));
          row.setMaxPictures((long) rules.mostPictures());
          row.setMaxPictureBytes((long) rules.largestPicture());
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
            sql.select(FORM_SUBMISSION.REVIEW_ID)
                .from(FORM_SUBMISSION)
                .where(FORM_SUBMISSION.NONCE.eq(nonce))
                .fetchOptional(FORM_SUBMISSION.REVIEW_ID));
  }

  void sent(String nonce, long review, Instant now) {
    database.change(
        sql ->
            sql.insertInto(
                    FORM_SUBMISSION,
                    FORM_SUBMISSION.NONCE,
                    FORM_SUBMISSION.REVIEW_ID,
                    FORM_SUBMISSION.SENT_AT)
                .values(nonce, review, now)
                .execute());
  }

  void sentPicture(String file, Instant now) {
    database.change(
        sql ->
            sql.insertInto(PICTURE_UPLOAD, PICTURE_UPLOAD.FILE, PICTURE_UPLOAD.SENT_AT)
                .values(file, now)
                .onConflict(PICTURE_UPLOAD.FILE)
                .doUpdate()
                .set(PICTURE_UPLOAD.SENT_AT, now)
                .execute());
  }

  Set<String> sentPictures(Collection<String> files) {
    return database.read(
        sql ->
            sql.select(PICTURE_UPLOAD.FILE)
                .from(PICTURE_UPLOAD)
                .where(PICTURE_UPLOAD.FILE.in(files))
                .fetchSet(PICTURE_UPLOAD.FILE));
  }

  /** Forgets forms and pictures that were sent before; the files that no review names. */
  List<String> forget(Instant formsBefore, Instant picturesBefore) {
    return database.write(
        sql -> {
          sql.deleteFrom(FORM_SUBMISSION).where(FORM_SUBMISSION.SENT_AT.lt(formsBefore)).execute();
          var unused =
              sql.select(PICTURE_UPLOAD.FILE)
                  .from(PICTURE_UPLOAD)
                  .where(PICTURE_UPLOAD.SENT_AT.lt(picturesBefore))
                  .and(
                      notExists(
                          selectOne()
                              .from(REVIEW_PICTURE)
                              .where(REVIEW_PICTURE.FILE.eq(PICTURE_UPLOAD.FILE))))
                  .fetch(PICTURE_UPLOAD.FILE);
          sql.deleteFrom(PICTURE_UPLOAD).where(PICTURE_UPLOAD.SENT_AT.lt(picturesBefore)).execute();
          return unused;
        });
  }

  /** What the newest that were written in the shop say. */
  List<String> ownWords(int most) {
    return database.read(
        sql ->
            sql.select(REVIEW.TEXT)
                .from(REVIEW)
                .where(
                    REVIEW.ORIGIN.ne(ReviewListItem.Origin.IMPORTED).and(REVIEW.IMPORT_ID.isNull()))
                .and(REVIEW.TEXT.isNotNull())
                .orderBy(REVIEW.ID.desc())
                .limit(most)
                .fetch(REVIEW.TEXT));
  }
}
