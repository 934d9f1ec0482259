package nodyes.server.database;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
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
  private static final int READERS = 4;

  private final HikariDataSource writing;
  private final HikariDataSource reading;
  private final DSLContext writer;
  private final DSLContext reader;

  Database(ServerSettings settings) {
    Path file = settings.data().resolve("nodyes.sqlite");
    try {
      Files.createDirectories(settings.data());
    } catch (IOException e) {
      throw new UncheckedIOException("The data folder cannot be made: " + settings.data(), e);
    }
    writing = pool("writer", file, 1, "&transaction_mode=IMMEDIATE", "PRAGMA query_only=false");
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
    return reader.transactionResult(configuration -> query.apply(DSL.using(configuration)));
  }

  /** Writes in one transaction: all of it or nothing. Writers wait for each other here. */
  public <T> T write(Function<DSLContext, T> change) {
    return writer.transactionResult(configuration -> change.apply(DSL.using(configuration)));
  }

  /** As {@link #write}, without a result. */
  public void change(Consumer<DSLContext> change) {
    writer.transaction(configuration -> change.accept(DSL.using(configuration)));
  }

  @PreDestroy
  void close() {
    reading.close();
    writing.close();
  }
}
