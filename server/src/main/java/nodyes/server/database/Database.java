package nodyes.server.database;

import static nodyes.generated.Tables.CHANGED_TOPIC;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import nodyes.server.ServerSettings;
import nodyes.server.database.Revisions.Change;
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
      "?journal_mode=WAL&synchronous=NORMAL&busy_timeout=5000&cache_size=-16000"
          + "&temp_store=MEMORY&mmap_size=268435456";
  private static final String ENFORCED = "&foreign_keys=true";

  /** The database's file in the data folder. */
  public static final String NAME = "nodyes.sqlite";

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
  private final Revisions revisions = new Revisions();
  private final List<Derived<?>> derived = new CopyOnWriteArrayList<>();

  Database(ServerSettings settings) {
    Path file = settings.data().resolve(NAME);
    try {
      PrivateFolder.make(settings.data());
      // SQLite gives its other files the permissions of this one
      PrivateFolder.file(settings.data(), NAME);
    } catch (IOException e) {
      throw new UncheckedIOException("The data folder cannot be made: " + settings.data(), e);
    }
    migrate(file);
    writing = pool("writer", file, 1, ENFORCED + "&transaction_mode=IMMEDIATE", WRITER_FIRST);
    reading = pool("reader", file, READERS, ENFORCED, "PRAGMA query_only=true");
    System.setProperty("org.jooq.no-logo", "true");
    System.setProperty("org.jooq.no-tips", "true");
    writer = DSL.using(writing, SQLDialect.SQLITE);
    reader = DSL.using(reading, SQLDialect.SQLITE);
  }

  /** A table is made anew by dropping the old one, which must not take along what refers to it. */
  static void migrate(Path file) {
    try (HikariDataSource migrating = pool("migrations", file, 1, "", WRITER_FIRST)) {
      Flyway.configure().dataSource(migrating).load().migrate();
    }
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
    if (JOINED.isBound()) {
      return change.apply(JOINED.get());
    }
    var changes = new ArrayList<Change>();
    T result =
        inTransaction(
            writer,
            sql -> {
              T changed = ScopedValue.where(JOINED, sql).call(() -> change.apply(sql));
              changes.addAll(takeChanges(sql));
              return changed;
            });
    revisions.raise(changes);
    return result;
  }

  private static List<Change> takeChanges(DSLContext sql) {
    return sql.deleteFrom(CHANGED_TOPIC)
        .returning()
        .fetch(row -> new Change(Topic.valueOf(row.getTopic()), row.getItem()));
  }

  /** As {@link #write}, without a result. */
  public void change(Consumer<DSLContext> change) {
    write(
        sql -> {
          change.accept(sql);
          return true;
        });
  }

  /** When what changed last. */
  public Revisions revisions() {
    return revisions;
  }

  /** Something made of some topics, which is made anew when one of them has changed. */
  public <T> Derived<T> derive(Supplier<T> making, Topic... topics) {
    return derive(Set.of(topics), _ -> making.get());
  }

  /**
   * The same of what is made out of what it was before.
   *
   * @param making gets what was kept, with the revision it is of; nothing at first
   */
  public <T> Derived<T> derive(Set<Topic> topics, Function<Optional<Derived.Made<T>>, T> making) {
    var made = new Derived<>(this, topics, making);
    derived.add(made);
    return made;
  }

  List<Derived<?>> derived() {
    return derived;
  }

  /** Whether the transaction on this thread has changed one of the topics. */
  boolean isChanging(Set<Topic> topics) {
    return JOINED.isBound()
        && JOINED
            .get()
            .fetchExists(
                CHANGED_TOPIC, CHANGED_TOPIC.TOPIC.in(topics.stream().map(Topic::name).toList()));
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
