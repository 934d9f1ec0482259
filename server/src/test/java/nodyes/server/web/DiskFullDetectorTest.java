package nodyes.server.web;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.testng.annotations.Test;

public class DiskFullDetectorTest {
  /**
   * SQLite says that it is full where its pages are used up (sqlite.org, PRAGMA max_page_count).
   */
  @Test
  public void whatSqliteSaysOfAFullDisk() throws Exception {
    Path file = Files.createTempFile("nodyes-full", ".sqlite");
    try (var database = DriverManager.getConnection("jdbc:sqlite:" + file);
        var sql = database.createStatement()) {
      sql.execute("create table t (text)");
      sql.execute("pragma max_page_count = 10");
      SQLException full = null;
      try {
        sql.execute("insert into t values (zeroblob(1000000))");
      } catch (SQLException e) {
        full = e;
      }
      assertTrue(
          full != null && DiskFullDetector.is(new IllegalStateException("in a store", full)));
      SQLException other =
          expectThrows(
              SQLException.class, () -> sql.execute("insert into no_such_table values (1)"));
      assertFalse(DiskFullDetector.is(other));
    }
  }

  /** The words of errno ENOSPC (POSIX, strerror). */
  @Test
  public void whatTheSystemSays() {
    var full = new IOException("/data/brought/1.brought: No space left on device");
    assertTrue(DiskFullDetector.is(new UncheckedIOException(full)));
    assertFalse(DiskFullDetector.is(new IOException("Stream closed")));
    assertFalse(DiskFullDetector.is(new IllegalArgumentException("No space left on device")));
  }
}
