package nodyes.server.database;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nodyes.generated.DefaultSchema;
import org.jooq.Table;
import org.slf4j.LoggerFactory;

/** Which tables are read while something is made, and of which topics speak. */
public final class TablesRead {
  private TablesRead() {}

  /** The tables in the statements that run meanwhile. */
  public static Set<String> by(Runnable making) {
    var logger = (Logger) LoggerFactory.getLogger("org.jooq.tools.LoggerListener");
    Level before = logger.getLevel();
    var statements = new ListAppender<ILoggingEvent>();
    statements.start();
    logger.setLevel(Level.DEBUG);
    logger.setAdditive(false);
    logger.addAppender(statements);
    try {
      making.run();
    } finally {
      logger.detachAppender(statements);
      logger.setAdditive(true);
      logger.setLevel(before);
    }
    String all =
        List.copyOf(statements.list).stream()
            // what others do meanwhile is theirs
            .filter(event -> event.getThreadName().equals(Thread.currentThread().getName()))
            .map(ILoggingEvent::getFormattedMessage)
            .collect(Collectors.joining("\n"));
    return DefaultSchema.DEFAULT_SCHEMA.getTables().stream()
        .map(Table::getName)
        .filter(
            name ->
                Pattern.compile("\\b(from|join)\\s+\\(*\\s*`?" + name + "`?(\\W|$)")
                    .matcher(all)
                    .find())
        .collect(Collectors.toCollection(TreeSet::new));
  }

  /** The tables whose rows raise one of the topics. */
  public static Set<String> of(Database database, Collection<Topic> topics) {
    return triggers(database).stream()
        .filter(
            trigger -> topics.stream().anyMatch(topic -> trigger.sql().contains("'" + topic + "'")))
        .map(Trigger::table)
        .collect(Collectors.toSet());
  }

  /** A trigger that raises topics. */
  record Trigger(String table, String sql) {}

  static List<Trigger> triggers(Database database) {
    return database.read(
        sql ->
            sql
                .fetch("select tbl_name, sql from sqlite_master where type = 'trigger'")
                .map(row -> new Trigger(row.get(0, String.class), row.get(1, String.class)))
                .stream()
                .filter(trigger -> trigger.sql().contains("changed_topic"))
                .toList());
  }

  /** Those that topics do not speak of. */
  public static Set<String> unwatched(
      Database database, Collection<Topic> topics, Runnable making) {
    Set<String> read = new TreeSet<>(by(making));
    if (read.isEmpty()) {
      throw new IllegalStateException("nothing was read; topics: " + Arrays.asList(topics));
    }
    read.removeAll(of(database, topics));
    return read;
  }
}
