package nodyes.server.backup;

import static nodyes.generated.Tables.ACCOUNT;
import static nodyes.generated.Tables.LAYOUT_VERSION;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_PICTURE;
import static nodyes.generated.Tables.SHOP_ORDER;
import static nodyes.server.messages.Texts.text;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationState;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.Table;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;

/** A database file as backups see it, whether a server has it open or not. */
final class BackupStore implements AutoCloseable {
  private final String url;
  private final Connection connection;
  private final DSLContext sql;

  private BackupStore(String url, Connection connection) {
    this.url = url;
    this.connection = connection;
    this.sql = DSL.using(connection, SQLDialect.SQLITE);
  }

  static BackupStore open(Path file) throws BackupException {
    String url = "jdbc:sqlite:" + file.toAbsolutePath() + "?busy_timeout=10000";
    try {
      return new BackupStore(url, DriverManager.getConnection(url));
    } catch (SQLException e) {
      throw new BackupException(
          text("backups.unreadable", "file", file, "why", String.valueOf(e.getMessage())), e);
    }
  }

  /** Copies it as it stands at one instant, while others go on writing (SQLite, VACUUM INTO). */
  void copyTo(Path file) throws BackupException {
    try {
      sql.execute("VACUUM INTO ?", file.toAbsolutePath().toString());
    } catch (DataAccessException e) {
      throw new BackupException(text("backups.notWritten", "why", reason(e)), e);
    }
  }

  /** Refuses a database that is damaged (SQLite, PRAGMA integrity_check and foreign_key_check). */
  void check() throws BackupException {
    try {
      List<String> said = sql.fetch("PRAGMA integrity_check(1)").getValues(0, String.class);
      if (!said.equals(List.of("ok"))) {
        throw new BackupException(text("backups.damaged", "why", said.getFirst()));
      }
      if (!sql.fetch("PRAGMA foreign_key_check").isEmpty()) {
        throw new BackupException(text("backups.incomplete"));
      }
    } catch (DataAccessException e) {
      throw new BackupException(text("backups.damaged", "why", reason(e)), e);
    }
  }

  BackupCounts counts() throws BackupException {
    try {
      return new BackupCounts(
          count(REVIEW),
          count(SHOP_ORDER),
          count(PRODUCT),
          count(LAYOUT_VERSION),
          count(ACCOUNT),
          count(REVIEW_PICTURE));
    } catch (DataAccessException e) {
      throw new BackupException(text("backups.damaged", "why", reason(e)), e);
    }
  }

  /** Of a table that an older Nod Yes did not have yet there is nothing. */
  private long count(Table<?> table) {
    boolean isThere =
        sql.fetchExists(
            DSL.table("sqlite_master"), DSL.field("name", String.class).eq(table.getName()));
    return isThere ? sql.fetchCount(table) : 0;
  }

  /** Whether its tables are those of this version, so that what it counts can be counted again. */
  boolean isOfThisVersion() {
    return Flyway.configure().dataSource(url, null, null).load().info().pending().length == 0;
  }

  /**
   * The version of its tables, as migrations count.
   *
   * @throws BackupException where it has none, or one that only a newer Nod Yes knows
   */
  String schema() throws BackupException {
    MigrationInfoService info = Flyway.configure().dataSource(url, null, null).load().info();
    MigrationInfo current = info.current();
    if (current == null) {
      throw new BackupException(text("backups.notOurs"));
    }
    if (Arrays.stream(info.applied())
        .anyMatch(one -> one.getState() == MigrationState.FUTURE_SUCCESS)) {
      throw new BackupException(text("backups.newer"));
    }
    return current.getVersion().getVersion();
  }

  /** Refuses one that a server has open. */
  void demandAlone() throws BackupException {
    try {
      sql.execute("PRAGMA busy_timeout=200");
      sql.execute("PRAGMA locking_mode=EXCLUSIVE");
      sql.execute("BEGIN EXCLUSIVE");
      sql.execute("ROLLBACK");
    } catch (DataAccessException e) {
      throw new BackupException(text("backups.running"), e);
    }
  }

  private static String reason(DataAccessException e) {
    Throwable cause = e.getCause();
    return String.valueOf(cause == null ? e.getMessage() : cause.getMessage());
  }

  @Override
  public void close() throws BackupException {
    try {
      connection.close();
    } catch (SQLException e) {
      throw new BackupException(
          text("backups.notWritten", "why", String.valueOf(e.getMessage())), e);
    }
  }
}
