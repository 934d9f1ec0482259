package nodyes.server.database;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.ArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import nodyes.server.ServerTest;
import org.jooq.exception.DataAccessException;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

public class DatabaseTest extends ServerTest {
  @Autowired private Database database;

  @BeforeClass
  public void table() {
    database.change(sql -> sql.execute("create table if not exists probe (n integer not null)"));
  }

  private long count() {
    return database.read(sql -> sql.fetchSingle("select count(*) from probe").get(0, Long.class));
  }

  @Test
  public void theFileIsInWalModeAndMindsItsReferences() {
    assertEquals(setting("journal_mode"), "wal");
    assertEquals(setting("foreign_keys"), "1");
    assertEquals(setting("synchronous"), "1"); // NORMAL
  }

  private String setting(String name) {
    return database.read(sql -> sql.fetchSingle("pragma " + name).get(0, String.class));
  }

  @Test
  public void whoReadsCannotWrite() {
    assertThrows(
        DataAccessException.class,
        () -> database.read(sql -> sql.execute("insert into probe values (1)")));
  }

  @Test
  public void aFailureTakesTheWholeChangeBack() {
    long before = count();
    assertThrows(
        IllegalStateException.class,
        () ->
            database.change(
                sql -> {
                  sql.execute("insert into probe values (1)");
                  throw new IllegalStateException("on purpose");
                }));
    assertEquals(count(), before);
  }

  @Test
  public void aReaderSeesOneStateWhileSomeoneWrites() {
    long seen =
        database.read(
            sql -> {
              long first = sql.fetchSingle("select count(*) from probe").get(0, Long.class);
              database.change(writer -> writer.execute("insert into probe values (2)"));
              return sql.fetchSingle("select count(*) from probe").get(0, Long.class) - first;
            });
    assertEquals(seen, 0L);
  }

  @Test
  public void manyWritersQueueAndNoneMeetsALockedFile() throws Exception {
    long before = count();
    var tasks = new ArrayList<Future<?>>();
    try (var threads = Executors.newVirtualThreadPerTaskExecutor()) {
      for (int i = 0; i < 200; i++) {
        tasks.add(
            threads.submit(
                () -> database.change(sql -> sql.execute("insert into probe values (3)"))));
      }
    }
    for (Future<?> task : tasks) {
      task.get();
    }
    assertEquals(count(), before + 200);
  }
}
