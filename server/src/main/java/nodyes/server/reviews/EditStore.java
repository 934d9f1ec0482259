package nodyes.server.reviews;

import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_CHANGE;
import static nodyes.generated.Tables.REVIEW_MOVE;
import static nodyes.generated.Tables.REVIEW_MOVE_ITEM;

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
class EditStore {
  private static final int MOST_EVENTS = 200;

  private final Database database;

  EditStore(Database database) {
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
                  REVIEW_CHANGE,
                  REVIEW_CHANGE.REVIEW_ID,
                  REVIEW_CHANGE.WHAT,
                  REVIEW_CHANGE.DETAIL,
                  REVIEW_CHANGE.DONE_BY,
                  REVIEW_CHANGE.DONE_AT)
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
              sql.selectFrom(REVIEW_CHANGE)
                  .where(REVIEW_CHANGE.REVIEW_ID.eq(id))
                  .orderBy(REVIEW_CHANGE.ID.desc())
                  .limit(MOST_EVENTS)
                  .fetch(
                      row ->
                          new ReviewEvent(
                              row.getWhat(),
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
            REVIEW_MOVE.TO_STATE,
            REVIEW_MOVE.REASON,
            REVIEW_MOVE.MOVED_BY,
            REVIEW_MOVE.MOVED_AT,
            REVIEW_MOVE.IS_UNDONE)
        .from(REVIEW_MOVE_ITEM)
        .join(REVIEW_MOVE)
        .on(REVIEW_MOVE.ID.eq(REVIEW_MOVE_ITEM.MOVE_ID))
        .where(REVIEW_MOVE_ITEM.REVIEW_ID.eq(id))
        .orderBy(REVIEW_MOVE.ID.desc())
        .limit(MOST_EVENTS)
        .fetch(
            row ->
                new ReviewEvent(
                    row.value1(), row.value2(), row.value3(), row.value4(), row.value5()));
  }
}
