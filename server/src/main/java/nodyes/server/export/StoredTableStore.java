package nodyes.server.export;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nodyes.generated.DefaultSchema;
import nodyes.server.database.Database;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.TableField;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** All rows of what is stored, but for what lets someone in and what is only of use here. */
@Component
class StoredTableStore {
  /** Why a table stays. */
  enum Reason {
    /** It lets someone in. */
    ACCESS,
    /** It waits to be sent or done here. */
    PENDING,
    /** It is made of the others. */
    DERIVED,
    /** It undoes what was done here. */
    UNDO,
    /** It tells shoppers apart; what they did is counted elsewhere. */
    SHOPPERS
  }

  /** Tables that stay, by why. */
  static final Map<Reason, Set<String>> LEFT =
      Map.of(
          Reason.ACCESS,
          Set.of("sign_in", "recovery_code", "invitation", "api_key", "form_submission"),
          Reason.SHOPPERS,
          Set.of("review_vote", "visitor_counter"),
          Reason.PENDING,
          Set.of("reviewer_mail", "job_run", "heartbeat", "picture_upload", "script_detection"),
          Reason.DERIVED,
          Set.of("review_fts", "changed_topic", "incomplete_nod"),
          Reason.UNDO,
          Set.of(
              "feed_change",
              "feed_recording",
              "feed_error",
              "import_error",
              "draft_change",
              "replaced_draft",
              "undone_change"));

  /** Columns that stay: what lets someone in. */
  static final Set<String> SECRET =
      Set.of(
          "account.password_hash",
          "account.second_step_secret",
          "account.second_step_last",
          "business_profile.secret");

  private final Database database;
  private final ObjectMapper json;

  StoredTableStore(Database database, ObjectMapper json) {
    this.database = database;
    this.json = json;
  }

  /** The tables that go along, by name. */
  static List<String> names() {
    return tables().stream().map(Table::getName).toList();
  }

  static List<Table<?>> tables() {
    return DefaultSchema.DEFAULT_SCHEMA.getTables().stream()
        .filter(table -> LEFT.values().stream().noneMatch(left -> left.contains(table.getName())))
        .sorted(Comparator.comparing(Table::getName))
        .toList();
  }

  /** Writes each row as an object on a line (JSON Lines), in the order of the table's key. */
  void write(String name, Writer out) {
    Table<?> table =
        tables().stream().filter(one -> one.getName().equals(name)).findFirst().orElseThrow();
    database.read(
        sql -> {
          write(sql, table, out);
          return name;
        });
  }

  private void write(DSLContext sql, Table<?> table, Writer out) {
    List<Field<?>> fields = fields(table);
    List<? extends TableField<?, ?>> key =
        table.getPrimaryKey() == null ? List.of() : table.getPrimaryKey().getFields();
    try (var rows = sql.select(fields).from(table).orderBy(key).fetchSize(1000).fetchLazy()) {
      for (Record row : rows) {
        var values = new LinkedHashMap<String, @Nullable Object>();
        for (Field<?> field : fields) {
          values.put(field.getName(), plain(field, row));
        }
        out.write(json.writeValueAsString(values));
        out.write('\n');
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The columns of a table that go along. */
  static List<Field<?>> fields(Table<?> table) {
    return table
        .fieldStream()
        .filter(field -> !SECRET.contains(table.getName() + "." + field.getName()))
        .toList();
  }

  /** A value as any program reads it: an instant by ISO 8601, else as it is stored. */
  private static <T> @Nullable Object plain(Field<T> field, Record row) {
    T value = row.get(field);
    return switch (value) {
      case null -> null;
      case Instant instant -> instant.toString();
      case Number number -> number;
      case Boolean bool -> bool;
      case String text -> text;
      default -> Objects.requireNonNull(field.getConverter().to(value));
    };
  }
}
