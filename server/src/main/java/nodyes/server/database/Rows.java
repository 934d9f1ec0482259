package nodyes.server.database;

import static org.jooq.impl.DSL.val;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.UpdatableRecord;

/** Many rows of a table at once: jOOQ's own way makes the text of a statement for each of them. */
public final class Rows {
  private Rows() {}

  /** Writes the rows that have changed since they were read, and those that are new. */
  public static <R extends UpdatableRecord<R>> void store(
      DSLContext sql, Table<R> table, Collection<R> rows) {
    Field<?> first = key(table).getFirst();
    insert(sql, table, rows.stream().filter(row -> row.original(first) == null).toList());
    update(
        sql,
        table,
        rows.stream().filter(row -> row.original(first) != null && row.modified()).toList());
  }

  /** Adds rows, all columns of them. */
  public static void insert(
      DSLContext sql, Table<?> table, Collection<? extends UpdatableRecord<?>> rows) {
    if (rows.isEmpty()) {
      return;
    }
    List<Field<?>> all = Arrays.asList(table.fields());
    var insert =
        sql.batch(
            sql.insertInto(table)
                .columns(all)
                .values(all.stream().map(field -> val(null, field)).toList()));
    for (UpdatableRecord<?> row : rows) {
      insert = insert.bind(row.intoArray());
    }
    insert.execute();
  }

  /** Writes the columns that are set, those of the key aside. */
  public static void update(
      DSLContext sql, Table<?> table, Collection<? extends UpdatableRecord<?>> rows) {
    List<? extends TableField<?, ?>> key = key(table);
    Map<List<Field<?>>, List<UpdatableRecord<?>>> bySet = new LinkedHashMap<>();
    for (UpdatableRecord<?> row : rows) {
      List<Field<?>> set =
          Arrays.stream(row.fields())
              .filter(field -> row.touched(field) && !key.contains(field))
              .toList();
      bySet.computeIfAbsent(set, _ -> new ArrayList<>()).add(row);
    }
    bySet.forEach((set, some) -> update(sql, table, set, some));
  }

  private static void update(
      DSLContext sql, Table<?> table, List<Field<?>> fields, List<UpdatableRecord<?>> rows) {
    List<? extends TableField<?, ?>> key = key(table);
    var values = new LinkedHashMap<Field<?>, Object>();
    fields.forEach(field -> values.put(field, val(null, field)));
    var update =
        sql.batch(sql.update(table).set(values).where(key.stream().map(Rows::isAsked).toList()));
    for (UpdatableRecord<?> row : rows) {
      update = update.bind(Stream.concat(fields.stream(), key.stream()).map(row::get).toArray());
    }
    update.execute();
  }

  /** Removes rows by their key. */
  public static void delete(
      DSLContext sql, Table<?> table, Collection<? extends UpdatableRecord<?>> rows) {
    if (rows.isEmpty()) {
      return;
    }
    List<? extends TableField<?, ?>> key = key(table);
    var delete = sql.batch(sql.deleteFrom(table).where(key.stream().map(Rows::isAsked).toList()));
    for (UpdatableRecord<?> row : rows) {
      delete = delete.bind(key.stream().map(row::get).toArray());
    }
    delete.execute();
  }

  private static List<? extends TableField<?, ?>> key(Table<?> table) {
    return Objects.requireNonNull(table.getPrimaryKey()).getFields();
  }

  private static <T> Condition isAsked(TableField<?, T> field) {
    return field.eq(val(null, field));
  }
}
