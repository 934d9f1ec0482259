package nodyes.server.people;

import static nodyes.generated.Tables.API_KEY;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.generated.tables.records.ApiKeyRecord;
import nodyes.server.database.Database;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

@Component
class ApiKeyStore {
  private final Database database;

  ApiKeyStore(Database database) {
    this.database = database;
  }

  /** A key without the key. */
  record StoredKey(
      long id,
      String name,
      Set<Scope> scopes,
      Instant madeAt,
      @Nullable Instant endsAt,
      @Nullable Instant usedAt) {}

  List<StoredKey> keys(int most) {
    return database.read(
        sql ->
            sql.selectFrom(API_KEY)
                .orderBy(API_KEY.CREATED_AT.desc(), API_KEY.ID.desc())
                .limit(most)
                .fetch(ApiKeyStore::read));
  }

  Optional<StoredKey> find(String hash) {
    return database.read(
        sql ->
            sql.selectFrom(API_KEY)
                .where(API_KEY.KEY_HASH.eq(hash))
                .fetchOptional(ApiKeyStore::read));
  }

  private static StoredKey read(ApiKeyRecord row) {
    return new StoredKey(
        row.getId(),
        row.getName(),
        row.getScopes(),
        row.getCreatedAt(),
        row.getEndsAt(),
        row.getUsedAt());
  }

  void add(String name, Set<Scope> scopes, String hash, Instant now, @Nullable Instant end) {
    database.change(
        sql ->
            sql.insertInto(
                    API_KEY,
                    API_KEY.NAME,
                    API_KEY.SCOPES,
                    API_KEY.KEY_HASH,
                    API_KEY.CREATED_AT,
                    API_KEY.ENDS_AT)
                .values(name, scopes, hash, now, end)
                .execute());
  }

  boolean remove(long id) {
    return database.write(sql -> sql.deleteFrom(API_KEY).where(API_KEY.ID.eq(id)).execute() > 0);
  }

  void used(Map<Long, Instant> when) {
    database.change(
        sql ->
            when.forEach(
                (id, at) ->
                    sql.update(API_KEY)
                        .set(API_KEY.USED_AT, at)
                        .where(API_KEY.ID.eq(id))
                        .execute()));
  }
}
