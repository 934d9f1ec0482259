package nodyes.server.database;

import static org.jooq.impl.DSL.val;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.UpdatableRecord;

/** Many rows of a table at once: jOOQ's own way makes the text of a statement for each of them. */
public final class Rows {
  private Rows() {}

  /** Writes the rows that have changed: as many at once as say it by the same statement. */
  public static <R extends UpdatableRecord<R>> void store(
      DSLContext sql, Table<R> table, Collection<R> rows) {
    List<TableField<R, ?>> key = Objects.requireNonNull(table.getPrimaryKey()).getFields();
    Map<List<Field<?>>, List<R>> changed = new LinkedHashMap<>();
    var fresh = new ArrayList<R>();
    for (R row : rows) {
      if (row.original(key.getFirst()) == null) {
        fresh.add(row);
      } else if (row.modified()) {
        changed
            .computeIfAbsent(
                Arrays.stream(row.fields()).filter(row::modified).toList(), _ -> new ArrayList<>())
            .add(row);
      }
    }
    if (!fresh.isEmpty()) {
      List<Field<?>> all = Arrays.asList(table.fields());
      var insert = sql.batch(sql.insertInto(table).columns(all).values(blanks(all)));
      for (R row : fresh) {
        insert = insert.bind(row.intoArray());
      }
      insert.execute();
    }
    changed.forEach((fields, some) -> update(sql, table, key, fields, some));
  }

  private static <R extends UpdatableRecord<R>> void update(
      DSLContext sql,
      Table<R> table,
      List<TableField<R, ?>> key,
      List<Field<?>> fields,
      List<R> rows) {
    var values = new LinkedHashMap<Field<?>, Object>();
    fields.forEach(field -> values.put(field, val(null, field)));
    var update =
        sql.batch(sql.update(table).set(values).where(key.stream().map(Rows::isAsked).toList()));
    for (R row : rows) {
      var bound = new ArrayList<Object>();
      fields.forEach(field -> bound.add(row.get(field)));
      key.forEach(field -> bound.add(row.get(field)));
      update = update.bind(bound.toArray());
    }
    update.execute();
  }

  private static <T> Condition isAsked(TableField<?, T> field) {
    return field.eq(val(null, field));
  }

  private static List<Field<?>> blanks(List<Field<?>> fields) {
    return fields.stream().<Field<?>>map(field -> val(null, field)).toList();
  }
}
