package nodyes.server.backup;

import static nodyes.generated.Tables.ACCOUNT;
import static nodyes.generated.Tables.LAYOUT_VERSION;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.REVIEW_PICTURE;
import static nodyes.generated.Tables.SHOP_ORDER;

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
final class BackupDatabase implements AutoCloseable {
  static final String NAME = "nodyes.sqlite";

  private final String url;
  private final Connection connection;
  private final DSLContext sql;

  private BackupDatabase(String url, Connection connection) {
    this.url = url;
    this.connection = connection;
    this.sql = DSL.using(connection, SQLDialect.SQLITE);
  }

  static BackupDatabase open(Path file) throws BackupException {
    String url = "jdbc:sqlite:" + file.toAbsolutePath() + "?busy_timeout=10000";
    try {
      return new BackupDatabase(url, DriverManager.getConnection(url));
    } catch (SQLException e) {
      throw new BackupException("The database " + file + " cannot be opened.", e);
    }
  }

  /** Copies it as it stands at one instant, while others go on writing (SQLite, VACUUM INTO). */
  void copyTo(Path file) throws BackupException {
    try {
      sql.execute("VACUUM INTO ?", file.toAbsolutePath().toString());
    } catch (DataAccessException e) {
      throw new BackupException("The database cannot be copied: " + reason(e), e);
    }
  }

  /** Refuses a database that is damaged (SQLite, PRAGMA integrity_check and foreign_key_check). */
  void check() throws BackupException {
    try {
      List<String> said = sql.fetch("PRAGMA integrity_check(1)").getValues(0, String.class);
      if (!said.equals(List.of("ok"))) {
        throw new BackupException("The database in it is damaged: " + said);
      }
      if (!sql.fetch("PRAGMA foreign_key_check").isEmpty()) {
        throw new BackupException("Rows of the database in it refer to rows that are not there.");
      }
    } catch (DataAccessException e) {
      throw new BackupException("The database in it cannot be read: " + reason(e), e);
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
      throw new BackupException("The database in it cannot be read: " + reason(e), e);
    }
  }

  private long count(Table<?> table) {
    return sql.fetchCount(table);
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
      throw new BackupException("The database in it is not one of Nod Yes.");
    }
    if (Arrays.stream(info.applied())
        .anyMatch(one -> one.getState() == MigrationState.FUTURE_SUCCESS)) {
      throw new BackupException("This backup is of a newer Nod Yes. Update it first.");
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
      throw new BackupException(
          "Nod Yes is running on this folder. Stop it first, then restore.", e);
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
      throw new BackupException("The database cannot be closed.", e);
    }
  }
}
