package nodyes.server.database;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.function.Function;
import nodyes.server.ServerSettings;
import org.flywaydb.core.Flyway;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/**
 * The database: an SQLite file in WAL mode with one connection that writes and several that read,
 * so that writers queue here and never meet a locked file, and readers never wait.
 */
@Component
public class Database {
  private static final String PRAGMAS =
      "?journal_mode=WAL&synchronous=NORMAL&foreign_keys=true&busy_timeout=5000&cache_size=-16000"
          + "&temp_store=MEMORY&mmap_size=268435456";
  private static final String NAME = "nodyes.sqlite";
  private static final int READERS = 4;

  /** Long imports touch many pages of an index: they are gathered before they go to the file. */
  private static final String WRITER_FIRST =
      "PRAGMA query_only=false; PRAGMA wal_autocheckpoint=4000; PRAGMA cache_size=-64000";

  /** The transaction that writes on this thread. */
  private static final ScopedValue<DSLContext> JOINED = ScopedValue.newInstance();

  private final HikariDataSource writing;
  private final HikariDataSource reading;
  private final DSLContext writer;
  private final DSLContext reader;

  Database(ServerSettings settings) {
    Path file = settings.data().resolve(NAME);
    try {
      PrivateFolder.make(settings.data());
      // SQLite gives its other files the permissions of this one
      PrivateFolder.file(settings.data(), NAME);
    } catch (IOException e) {
      throw new UncheckedIOException("The data folder cannot be made: " + settings.data(), e);
    }
    writing = pool("writer", file, 1, "&transaction_mode=IMMEDIATE", WRITER_FIRST);
    Flyway.configure().dataSource(writing).load().migrate();
    reading = pool("reader", file, READERS, "", "PRAGMA query_only=true");
    System.setProperty("org.jooq.no-logo", "true");
    System.setProperty("org.jooq.no-tips", "true");
    writer = DSL.using(writing, SQLDialect.SQLITE);
    reader = DSL.using(reading, SQLDialect.SQLITE);
  }

  private static HikariDataSource pool(
      String name, Path file, int size, String more, String first) {
    var config = new HikariConfig();
    config.setPoolName(name);
    config.setJdbcUrl("jdbc:sqlite:" + file + PRAGMAS + more);
    config.setMaximumPoolSize(size);
    config.setConnectionInitSql(first);
    config.setMinimumIdle(1);
    return new HikariDataSource(config);
  }

  /** Reads in one transaction, so that all its queries see the same state. */
  public <T> T read(Function<DSLContext, T> query) {
    return JOINED.isBound() ? query.apply(JOINED.get()) : inTransaction(reader, query);
  }

  /**
   * Writes in one transaction: all of it or nothing. Writers wait for each other here. What is read
   * or written within, by whichever feature, is part of it.
   */
  public <T> T write(Function<DSLContext, T> change) {
    return JOINED.isBound()
        ? change.apply(JOINED.get())
        : inTransaction(
            writer, sql -> ScopedValue.where(JOINED, sql).call(() -> change.apply(sql)));
  }

  /** As {@link #write}, without a result. */
  public void change(Consumer<DSLContext> change) {
    write(
        sql -> {
          change.accept(sql);
          return true;
        });
  }

  private static <T> T inTransaction(DSLContext connections, Function<DSLContext, T> work) {
    return connections.transactionResult(configuration -> work.apply(DSL.using(configuration)));
  }

  @PreDestroy
  void close() {
    reading.close();
    writing.close();
  }
}
