package nodyes.server.nods;

import static nodyes.generated.Tables.KEPT_DRAFT;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.server.database.Database;
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

  void keep(Draft draft, String words, String who, Instant now) {
    database.change(
        sql -> {
          var row = sql.newRecord(KEPT_DRAFT);
          row.setWords(words);
          row.setKeptBy(who);
          row.setKeptAt(now);
          row.setContent(json.write(draft));
          row.insert();
          sql.deleteFrom(KEPT_DRAFT).where(KEPT_DRAFT.ID.le(row.getId() - MOST)).execute();
        });
  }

  Optional<Draft> find(long id) {
    return database.read(
        sql ->
            sql.select(KEPT_DRAFT.CONTENT)
                .from(KEPT_DRAFT)
                .where(KEPT_DRAFT.ID.eq(id))
                .fetchOptional(row -> json.readDraft(row.value1())));
  }

  /** The newest first, each with how it differs from what shoppers get. */
  List<KeptDraft> list(Draft published) {
    return database.read(
        sql ->
            sql.selectFrom(KEPT_DRAFT)
                .orderBy(KEPT_DRAFT.ID.desc())
                .limit(MOST)
                .fetch(
                    row ->
                        new KeptDraft(
                            row.getId(),
                            row.getWords(),
                            row.getKeptBy(),
                            row.getKeptAt(),
                            Changes.between(published, json.readDraft(row.getContent())))));
  }
}
