package nodyes.server.own;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.WRITER_LETTER;

import java.time.Instant;
import java.util.List;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class WriterLetterStore {
  private final Database database;

  WriterLetterStore(Database database) {
    this.database = database;
  }

  /** A letter that is to go out. */
  record Letter(long review, String address, String language, String link) {}

  void add(Letter letter, Instant now) {
    database.change(
        sql ->
            sql.insertInto(WRITER_LETTER)
                .set(WRITER_LETTER.REVIEW_ID, letter.review())
                .set(WRITER_LETTER.ADDRESS, letter.address())
                .set(WRITER_LETTER.LANGUAGE, letter.language())
                .set(WRITER_LETTER.LINK, letter.link())
                .set(WRITER_LETTER.CREATED_AT, now)
                .execute());
  }

  List<Letter> next(int most) {
    return database.read(
        sql ->
            sql.selectFrom(WRITER_LETTER)
                .orderBy(WRITER_LETTER.FAILURES, WRITER_LETTER.REVIEW_ID)
                .limit(most)
                .fetch(
                    row ->
                        new Letter(
                            row.getReviewId(),
                            row.getAddress(),
                            row.getLanguage(),
                            row.getLink())));
  }

  void sent(long review) {
    database.change(
        sql -> sql.deleteFrom(WRITER_LETTER).where(WRITER_LETTER.REVIEW_ID.eq(review)).execute());
  }

  /** Puts a letter that was not taken behind the others. */
  void failed(long review) {
    database.change(
        sql ->
            sql.update(WRITER_LETTER)
                .set(WRITER_LETTER.FAILURES, WRITER_LETTER.FAILURES.plus(1L))
                .where(WRITER_LETTER.REVIEW_ID.eq(review))
                .execute());
  }

  void giveUp(Instant before) {
    database.change(
        sql -> sql.deleteFrom(WRITER_LETTER).where(WRITER_LETTER.CREATED_AT.lt(before)).execute());
  }

  /** What the shop calls the product of a review. */
  String product(long review) {
    return database.read(
        sql ->
            sql.select(PRODUCT.TITLE)
                .from(REVIEW)
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(REVIEW.PRODUCT_ID))
                .where(REVIEW.ID.eq(review))
                .fetchOptional(PRODUCT.TITLE)
                .orElse(""));
  }
}
