package nodyes.server.database;

import static org.jooq.impl.DSL.name;
import static org.jooq.impl.DSL.table;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nodyes.generated.DefaultSchema;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.Result;
import org.jooq.Table;

/**
 * What a database held before any test wrote to it, to be put back: so that each test class has a
 * shop in which no other has been. What is kept of the database is made anew by its own triggers.
 */
public final class PristineShop {
  private static final String TABLES =
      """
      select name from sqlite_master
      where type = 'table' and sql not like 'CREATE VIRTUAL%'
        and name not like 'sqlite\\_%' escape '\\' and name not like 'flyway\\_%' escape '\\'
        and name not like '%\\_fts\\_%' escape '\\' and name <> 'changed_topic'
      """;

  private static final String SEARCHED =
      "select name from sqlite_master where sql like 'CREATE VIRTUAL TABLE%fts5%'";

  /** What keeps rows from being removed, such as the trail's. */
  private static final String GUARDS =
      "select name, sql from sqlite_master where type = 'trigger' and sql like '%raise(%'";

  private final Map<String, Result<Record>> rows;

  private PristineShop(Map<String, Result<Record>> rows) {
    this.rows = rows;
  }

  /** What it holds now. */
  public static PristineShop of(Database database) {
    return new PristineShop(
        database.read(
            sql -> {
              var rows = new LinkedHashMap<String, Result<Record>>();
              for (String table : tables(sql)) {
                // by its own types: an instant is too long for what SQLite says of its column
                rows.put(table, sql.select().from(typed(table)).fetch());
              }
              return rows;
            }));
  }

  private static Table<?> typed(String table) {
    return DefaultSchema.DEFAULT_SCHEMA.getTables().stream()
        .filter(one -> one.getName().equals(table))
        .findFirst()
        .orElseThrow();
  }

  private static List<String> tables(DSLContext sql) {
    return sql.fetch(TABLES).getValues("name", String.class);
  }

  /** Puts all of it back, in one transaction. */
  public void restore(Database database) {
    database.change(
        sql -> {
          sql.execute("pragma defer_foreign_keys = on");
          Result<Record> guards = sql.fetch(GUARDS);
          guards
              .getValues("name", String.class)
              .forEach(one -> sql.execute("drop trigger {0}", name(one)));
          for (String index : sql.fetch(SEARCHED).getValues("name", String.class)) {
            sql.execute("insert into {0}({0}) values ('delete-all')", name(index));
          }
          tables(sql).forEach(table -> sql.deleteFrom(table(name(table))).execute());
          rows.forEach(
              (table, kept) ->
                  kept.forEach(
                      row ->
                          sql.insertInto(typed(table), row.fields())
                              .values(row.intoArray())
                              .execute()));
          guards.getValues("sql", String.class).forEach(sql::execute);
        });
  }
}
