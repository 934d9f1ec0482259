package nodyes.server.shop;

import static nodyes.generated.Tables.API_KEY;

import java.time.Instant;
import java.util.List;
import nodyes.server.database.Database;
import org.springframework.stereotype.Component;

@Component
class KeyStore {
  private final Database database;

  KeyStore(Database database) {
    this.database = database;
  }

  List<KeysApi.KeyLine> keys(int most) {
    return database.read(
        sql ->
            sql.select(API_KEY.ID, API_KEY.NAME, API_KEY.CREATED_AT)
                .from(API_KEY)
                .orderBy(API_KEY.CREATED_AT.desc(), API_KEY.ID.desc())
                .limit(most)
                .fetch(row -> new KeysApi.KeyLine(row.value1(), row.value2(), row.value3())));
  }

  void add(String name, String hash, Instant now) {
    database.change(
        sql ->
            sql.insertInto(API_KEY, API_KEY.NAME, API_KEY.KEY_HASH, API_KEY.CREATED_AT)
                .values(name, hash, now)
                .execute());
  }

  boolean remove(long id) {
    return database.write(sql -> sql.deleteFrom(API_KEY).where(API_KEY.ID.eq(id)).execute() > 0);
  }
}
