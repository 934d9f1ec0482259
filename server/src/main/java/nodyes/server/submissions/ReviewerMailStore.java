package nodyes.server.submissions;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEWER_MAIL;

import java.time.Instant;
import java.util.List;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class ReviewerMailStore {
  private final Database database;

  ReviewerMailStore(Database database) {
    this.database = database;
  }

  /** An e-mail that is to go out. */
  record Letter(long review, String address, String language, String link) {}

  void add(Letter letter, Instant now) {
    database.change(
        sql ->
            sql.insertInto(REVIEWER_MAIL)
                .set(REVIEWER_MAIL.REVIEW_ID, letter.review())
                .set(REVIEWER_MAIL.EMAIL, letter.address())
                .set(REVIEWER_MAIL.LANGUAGE, letter.language())
                .set(REVIEWER_MAIL.LINK, letter.link())
                .set(REVIEWER_MAIL.CREATED_AT, now)
                .execute());
  }

  List<Letter> next(int most) {
    return database.read(
        sql ->
            sql.selectFrom(REVIEWER_MAIL)
                .orderBy(REVIEWER_MAIL.FAILURES, REVIEWER_MAIL.REVIEW_ID)
                .limit(most)
                .fetch(
                    row ->
                        new Letter(
                            row.getReviewId(), row.getEmail(), row.getLanguage(), row.getLink())));
  }

  void sent(long review) {
    database.change(
        sql -> sql.deleteFrom(REVIEWER_MAIL).where(REVIEWER_MAIL.REVIEW_ID.eq(review)).execute());
  }

  /** Puts an e-mail that was not taken behind the others. */
  void failed(long review) {
    database.change(
        sql ->
            sql.update(REVIEWER_MAIL)
                .set(REVIEWER_MAIL.FAILURES, REVIEWER_MAIL.FAILURES.plus(1L))
                .where(REVIEWER_MAIL.REVIEW_ID.eq(review))
                .execute());
  }

  void giveUp(Instant before) {
    database.change(
        sql -> sql.deleteFrom(REVIEWER_MAIL).where(REVIEWER_MAIL.CREATED_AT.lt(before)).execute());
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
