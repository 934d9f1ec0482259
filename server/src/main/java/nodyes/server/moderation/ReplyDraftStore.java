package nodyes.server.moderation;

import static nodyes.generated.Tables.REPLY_DRAFT;

import java.time.Instant;
import java.util.Optional;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

/** Replies as they are typed, before they are published. */
@Component
class ReplyDraftStore {
  private final Database database;

  ReplyDraftStore(Database database) {
    this.database = database;
  }

  Optional<String> find(long review) {
    return database.read(
        sql ->
            sql.select(REPLY_DRAFT.TEXT)
                .from(REPLY_DRAFT)
                .where(REPLY_DRAFT.REVIEW_ID.eq(review))
                .fetchOptional(REPLY_DRAFT.TEXT));
  }

  void keep(long review, String text, Instant now) {
    database.change(
        sql ->
            sql.insertInto(REPLY_DRAFT)
                .values(review, text, now)
                .onConflict(REPLY_DRAFT.REVIEW_ID)
                .doUpdate()
                .set(REPLY_DRAFT.TEXT, text)
                .set(REPLY_DRAFT.TYPED_AT, now)
                .execute());
  }

  void forget(long review) {
    database.change(
        sql -> sql.deleteFrom(REPLY_DRAFT).where(REPLY_DRAFT.REVIEW_ID.eq(review)).execute());
  }
}
