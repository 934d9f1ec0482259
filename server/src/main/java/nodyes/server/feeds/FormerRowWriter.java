package nodyes.server.feeds;

import static nodyes.generated.Tables.CATEGORY;
import static nodyes.generated.Tables.ORDER_LINE;
import static nodyes.generated.Tables.PRICE_CHANGE;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.PRODUCT_CATEGORY;
import static nodyes.generated.Tables.PRODUCT_TAG;
import static nodyes.generated.Tables.REVIEW;
import static nodyes.generated.Tables.SHOP_ORDER;
import static nodyes.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.notExists;
import static org.jooq.impl.DSL.selectOne;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nodyes.generated.tables.records.FeedChangeRecord;
import nodyes.server.database.Rows;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.UpdatableRecord;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/**
 * Rows as they were before some notes, which follow one another: of each row the first note alone,
 * as later ones tell of what the run itself had made. What others have changed since stays as it
 * is; so do products and variants that others have come to need, and they are no longer sold.
 */
final class FormerRowWriter {
  private static final List<Table<?>> PARTS =
      List.of(ORDER_LINE, PRICE_CHANGE, PRODUCT_TAG, PRODUCT_CATEGORY);
  private static final List<Table<?>> WHOLES = List.of(CATEGORY, PRODUCT, VARIANT, SHOP_ORDER);

  private static final TypeReference<Map<String, Object>> COLUMNS = new TypeReference<>() {};

  private final DSLContext sql;
  private final ObjectMapper json;
  private final Map<String, Former> byKey = new LinkedHashMap<>();

  private enum Act {
    INSERT,
    UPDATE,
    DELETE
  }

  /**
   * What is known of a row.
   *
   * @param act what the run did first
   * @param former as it was before
   * @param latter as the run left it; empty where it removed it
   */
  private record Former(
      Table<?> table, Act act, UpdatableRecord<?> former, Optional<UpdatableRecord<?>> latter) {
    Former with(Optional<UpdatableRecord<?>> later) {
      return new Former(table, act, former, later);
    }

    /** Whether nobody but the run has changed it. */
    boolean isAsLeft(@Nullable Record present) {
      return present == null
          ? latter.isEmpty()
          : latter.isPresent()
              && Arrays.stream(latter.get().fields())
                  .filter(latter.get()::touched)
                  .allMatch(field -> Objects.equals(latter.get().get(field), present.get(field)));
    }
  }

  FormerRowWriter(DSLContext sql, ObjectMapper json) {
    this.sql = sql;
    this.json = json;
  }

  /** Takes a note; they come in the order in which they were made. */
  void add(FeedChangeRecord note) {
    Table<?> table =
        Stream.concat(PARTS.stream(), WHOLES.stream())
            .filter(one -> one.getName().equals(note.getRowTable()))
            .findFirst()
            .orElseThrow();
    UpdatableRecord<?> former = row(table, note.getFormer());
    Optional<UpdatableRecord<?>> latter =
        Optional.ofNullable(note.getLatter()).map(text -> row(table, text));
    byKey.merge(
        key(former),
        new Former(table, Act.valueOf(note.getAct()), former, latter),
        (first, later) -> first.with(later.latter()));
  }

  private static String key(UpdatableRecord<?> row) {
    return row.getTable().getName() + row.key().intoList();
  }

  /** Leaves out the rows that others have changed since; how many. */
  private long leaveWhatIsChanged() {
    long before = byKey.size();
    for (Table<?> table : Stream.concat(PARTS.stream(), WHOLES.stream()).toArray(Table<?>[]::new)) {
      Map<String, Former> some =
          byKey.entrySet().stream()
              .filter(one -> one.getValue().table().equals(table))
              .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
      TableField<?, ?> first = Objects.requireNonNull(table.getPrimaryKey()).getFields().getFirst();
      Map<String, Record> present = new HashMap<>();
      sql.selectFrom(table)
          .where(isOneOf(first, some.values()))
          .forEach(row -> present.put(key((UpdatableRecord<?>) row), row));
      some.forEach(
          (key, one) -> {
            if (!one.isAsLeft(present.get(key))) {
              byKey.remove(key);
            }
          });
    }
    return before - byKey.size();
  }

  private UpdatableRecord<?> row(Table<?> table, String values) {
    var row = (UpdatableRecord<?>) sql.newRecord(table);
    row.fromMap(json.readValue(values, COLUMNS));
    return row;
  }

  private static <T> Condition isOneOf(TableField<?, T> field, Collection<Former> rows) {
    return field.in(rows.stream().map(one -> one.former().get(field)).distinct().toList());
  }

  /** The values of a part of the keys of all rows of a table. */
  Set<Long> keys(Table<?> table, TableField<?, Long> field) {
    return byKey.values().stream()
        .filter(one -> one.table().equals(table))
        .map(one -> one.former().get(field))
        .collect(Collectors.toSet());
  }

  private List<UpdatableRecord<?>> rows(Table<?> table, Predicate<Former> isSo) {
    var rows = new ArrayList<UpdatableRecord<?>>();
    for (Former one : byKey.values()) {
      if (one.table().equals(table) && isSo.test(one)) {
        rows.add(one.former());
      }
    }
    return rows;
  }

  private static boolean isNew(Former one) {
    return one.act() == Act.INSERT;
  }

  /** Makes the rows as they were; how many had to stay. */
  long restore() {
    long changed = leaveWhatIsChanged();
    PARTS.forEach(part -> Rows.delete(sql, part, rows(part, FormerRowWriter::isNew)));
    for (Table<?> whole : WHOLES) {
      Rows.update(sql, whole, rows(whole, one -> one.act() == Act.UPDATE));
    }
    Rows.delete(sql, SHOP_ORDER, rows(SHOP_ORDER, FormerRowWriter::isNew));
    long kept = changed + removeVariants() + removeProducts();
    removeCategories();
    for (Table<?> part : PARTS) {
      Rows.update(sql, part, rows(part, one -> !isNew(one) && one.latter().isPresent()));
      Rows.insert(sql, part, whatIsOf(rows(part, one -> !isNew(one) && one.latter().isEmpty())));
    }
    return kept;
  }

  /** The rows of which all that they belong to is there. */
  private List<UpdatableRecord<?>> whatIsOf(List<UpdatableRecord<?>> rows) {
    List<UpdatableRecord<?>> left = new ArrayList<>(rows);
    keepThoseOf(left, ORDER_LINE.VARIANT_ID.getName(), VARIANT.ID);
    keepThoseOf(left, ORDER_LINE.ORDER_ID.getName(), SHOP_ORDER.ID);
    keepThoseOf(left, PRODUCT_TAG.PRODUCT_ID.getName(), PRODUCT.ID);
    keepThoseOf(left, PRODUCT_CATEGORY.CATEGORY_ID.getName(), CATEGORY.ID);
    return left;
  }

  private void keepThoseOf(List<UpdatableRecord<?>> rows, String of, TableField<?, Long> id) {
    var wanted = new HashSet<Long>();
    for (UpdatableRecord<?> row : rows) {
      if (row.field(of) != null) {
        wanted.add(row.get(of, Long.class));
      }
    }
    if (wanted.isEmpty()) {
      return;
    }
    Set<Long> there =
        sql.select(id)
            .from(Objects.requireNonNull(id.getTable()))
            .where(id.in(wanted))
            .fetchSet(id);
    rows.removeIf(row -> row.field(of) != null && !there.contains(row.get(of, Long.class)));
  }

  private long removeVariants() {
    Set<Long> fresh = ids(VARIANT, VARIANT.ID);
    sql.deleteFrom(VARIANT)
        .where(
            VARIANT
                .ID
                .in(fresh)
                .and(
                    notExists(
                        selectOne().from(ORDER_LINE).where(ORDER_LINE.VARIANT_ID.eq(VARIANT.ID)))))
        .execute();
    return sql.update(VARIANT)
        .set(VARIANT.IS_DISCONTINUED, true)
        .where(VARIANT.ID.in(fresh))
        .execute();
  }

  private long removeProducts() {
    Set<Long> fresh = ids(PRODUCT, PRODUCT.ID);
    sql.deleteFrom(PRODUCT)
        .where(
            PRODUCT
                .ID
                .in(fresh)
                .and(notExists(selectOne().from(VARIANT).where(VARIANT.PRODUCT_ID.eq(PRODUCT.ID))))
                .and(notExists(selectOne().from(REVIEW).where(REVIEW.PRODUCT_ID.eq(PRODUCT.ID)))))
        .execute();
    return sql.update(PRODUCT)
        .set(PRODUCT.IS_DISCONTINUED, true)
        .where(PRODUCT.ID.in(fresh))
        .execute();
  }

  /** From the leaves up: a category that holds another one stays until that is gone. */
  private void removeCategories() {
    Set<Long> fresh = ids(CATEGORY, CATEGORY.ID);
    var below = CATEGORY.as("below");
    int gone = 1;
    while (gone > 0) {
      gone =
          sql.deleteFrom(CATEGORY)
              .where(
                  CATEGORY
                      .ID
                      .in(fresh)
                      .and(
                          notExists(
                              selectOne()
                                  .from(PRODUCT_CATEGORY)
                                  .where(PRODUCT_CATEGORY.CATEGORY_ID.eq(CATEGORY.ID))))
                      .and(
                          notExists(
                              selectOne().from(below).where(below.PARENT_ID.eq(CATEGORY.ID)))))
              .execute();
    }
  }

  private Set<Long> ids(Table<?> table, TableField<?, Long> id) {
    return rows(table, FormerRowWriter::isNew).stream()
        .map(row -> row.get(id))
        .collect(Collectors.toSet());
  }
}
