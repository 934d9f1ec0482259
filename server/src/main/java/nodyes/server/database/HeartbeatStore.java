package nodyes.server.database;

import static nodyes.generated.Tables.HEARTBEAT;

import java.time.Instant;
import org.springframework.stereotype.Component;

/** One row that is read and written to see whether that works. */
@Component
class HeartbeatStore {
  private final Database database;

  HeartbeatStore(Database database) {
    this.database = database;
  }

  boolean read() {
    return database.read(sql -> sql.fetchExists(HEARTBEAT));
  }

  boolean write(Instant now) {
    return database.write(
        sql -> sql.update(HEARTBEAT).set(HEARTBEAT.BEATEN_AT, now).execute() == 1);
  }
}
