package nodyes.server.nods;

import static nodyes.generated.Tables.REPLACED_DRAFT;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.server.database.Database;
import nodyes.server.messages.Multilingual;
import org.springframework.stereotype.Component;

/** Drafts that gave way to a version; the newest of them are kept. */
@Component
class KeptDraftStore {
  /** So many are kept. */
  static final int MOST = 20;

  private final Database database;
  private final NodJson json;

  KeptDraftStore(Database database, NodJson json) {
    this.database = database;
    this.json = json;
  }

  void keep(Draft draft, Multilingual messages, String who, Instant now) {
    database.change(
        sql -> {
          var row = sql.newRecord(REPLACED_DRAFT);
          row.setMessages(messages.toJson());
          row.setReplacedBy(who);
          row.setReplacedAt(now);
          row.setContent(json.write(draft));
          row.insert();
          sql.deleteFrom(REPLACED_DRAFT).where(REPLACED_DRAFT.ID.le(row.getId() - MOST)).execute();
        });
  }

  Optional<Draft> find(long id) {
    return database.read(
        sql ->
            sql.select(REPLACED_DRAFT.CONTENT)
                .from(REPLACED_DRAFT)
                .where(REPLACED_DRAFT.ID.eq(id))
                .fetchOptional(row -> json.readDraft(row.value1())));
  }

  /** The newest first, each with how it differs from what shoppers get. */
  List<KeptDraft> list(Draft published) {
    return database.read(
        sql ->
            sql.selectFrom(REPLACED_DRAFT)
                .orderBy(REPLACED_DRAFT.ID.desc())
                .limit(MOST)
                .fetch(
                    row ->
                        new KeptDraft(
                            row.getId(),
                            Multilingual.parse(row.getMessages()).text(),
                            row.getReplacedBy(),
                            row.getReplacedAt(),
                            LayoutDiff.between(published, json.readDraft(row.getContent())))));
  }
}
