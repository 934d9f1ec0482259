package nodyes.server.moderation;

import static nodyes.generated.Tables.MODERATION_ACTION;
import static nodyes.generated.Tables.MODERATION_ITEM;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_EVENT;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nodyes.server.database.Database;
import org.jooq.DSLContext;
import org.jooq.UpdateSetMoreStep;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

@Component
class ReviewEditStore {
  private static final int MOST_EVENTS = 200;

  private final Database database;

  ReviewEditStore(Database database) {
    this.database = database;
  }

  /** A change of one review. */
  sealed interface Edit {
    record Reply(String text) implements Edit {}

    record Featured(boolean is) implements Edit {}

    record ContactsHidden(boolean are) implements Edit {}

    record Name(@Nullable String shown) implements Edit {}

    record Variant(@Nullable String shown) implements Edit {}
  }

  void apply(long id, Edit edit, String who, Instant now) {
    database.change(
        sql -> {
          var update = sql.update(REVIEW);
          UpdateSetMoreStep<?> set =
              switch (edit) {
                case Edit.Reply(String text) ->
                    text.isEmpty()
                        ? update
                            .setNull(REVIEW.REPLY)
                            .setNull(REVIEW.REPLIED_BY)
                            .setNull(REVIEW.REPLIED_AT)
                        : update
                            .set(REVIEW.REPLY, text)
                            .set(REVIEW.REPLIED_BY, who)
                            .set(REVIEW.REPLIED_AT, now);
                case Edit.Featured(boolean is) -> update.set(REVIEW.IS_FEATURED, is);
                case Edit.ContactsHidden(boolean are) -> update.set(REVIEW.IS_CONTACT_HIDDEN, are);
                case Edit.Name(String shown) -> update.set(REVIEW.REVIEWER, shown);
                case Edit.Variant(String shown) -> update.set(REVIEW.VARIANT, shown);
              };
          set.where(REVIEW.ID.eq(id)).execute();
          sql.insertInto(
                  REVIEW_EVENT,
                  REVIEW_EVENT.REVIEW_ID,
                  REVIEW_EVENT.TYPE,
                  REVIEW_EVENT.DETAIL,
                  REVIEW_EVENT.DONE_BY,
                  REVIEW_EVENT.DONE_AT)
              .values(id, what(edit), detail(edit), who, now)
              .execute();
        });
  }

  private static String what(Edit edit) {
    return switch (edit) {
      case Edit.Reply(String text) -> text.isEmpty() ? "REPLY_REMOVED" : "REPLIED";
      case Edit.Featured(boolean is) -> is ? "FEATURED" : "FEATURED_NO_MORE";
      case Edit.ContactsHidden(boolean are) -> are ? "CONTACTS_HIDDEN" : "CONTACTS_SHOWN";
      case Edit.Name _ -> "NAME_SHOWN_AS";
      case Edit.Variant _ -> "VARIANT_SHOWN_AS";
    };
  }

  private static @Nullable String detail(Edit edit) {
    return switch (edit) {
      case Edit.Reply(String text) -> text;
      case Edit.Name(String shown) -> shown;
      case Edit.Variant(String shown) -> shown;
      case Edit.Featured _, Edit.ContactsHidden _ -> null;
    };
  }

  List<ReviewEvent> history(long id) {
    return database.read(
        sql -> {
          var events = new ArrayList<>(moves(sql, id));
          events.addAll(
              sql.selectFrom(REVIEW_EVENT)
                  .where(REVIEW_EVENT.REVIEW_ID.eq(id))
                  .orderBy(REVIEW_EVENT.ID.desc())
                  .limit(MOST_EVENTS)
                  .fetch(
                      row ->
                          new ReviewEvent(
                              row.getType(),
                              row.getDetail(),
                              row.getDoneBy(),
                              row.getDoneAt(),
                              false)));
          events.sort(Comparator.comparing(ReviewEvent::when));
          return List.copyOf(events);
        });
  }

  private static List<ReviewEvent> moves(DSLContext sql, long id) {
    return sql.select(
            MODERATION_ACTION.TO_STATUS,
            MODERATION_ACTION.REASON,
            MODERATION_ACTION.DONE_BY,
            MODERATION_ACTION.DONE_AT,
            MODERATION_ACTION.IS_UNDONE)
        .from(MODERATION_ITEM)
        .join(MODERATION_ACTION)
        .on(MODERATION_ACTION.ID.eq(MODERATION_ITEM.ACTION_ID))
        .where(MODERATION_ITEM.REVIEW_ID.eq(id))
        .orderBy(MODERATION_ACTION.ID.desc())
        .limit(MOST_EVENTS)
        .fetch(
            row ->
                new ReviewEvent(
                    row.value1().name(),
                    row.value2() == null ? null : row.value2().name(),
                    row.value3(),
                    row.value4(),
                    row.value5()));
  }
}
