package nodyes.server.catalogue;

import static nodyes.generated.Tables.CATEGORY;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.PRODUCT_CATEGORY;
import static nodyes.generated.Tables.PRODUCT_TAG;
import static org.jooq.impl.DSL.max;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import nodyes.core.common.Slug;
import nodyes.generated.tables.records.ProductCategoryRecord;
import nodyes.generated.tables.records.ProductRecord;
import nodyes.generated.tables.records.ProductTagRecord;
import nodyes.server.database.Rows;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.TableField;
import org.jooq.UpdatableRecord;
import org.jspecify.annotations.Nullable;

/**
 * Some products of a file beside what is stored of them: what is stored is read at once, and only
 * what differs is written, at once too.
 */
final class CatalogueChunkWriter {
  private final DSLContext sql;
  private final Map<String, Long> categories = new HashMap<>();
  private final Map<String, ProductRecord> products;
  private final VariantWriter variants;
  private final Map<Long, Map<String, ProductTagRecord>> tags = new HashMap<>();
  private final Map<Long, Map<Long, ProductCategoryRecord>> filed = new HashMap<>();
  private final List<UpdatableRecord<?>> removed = new ArrayList<>();
  private long nextProduct;
  private int position;

  /**
   * Reads what is stored of some products.
   *
   * @param now since when a price is in force that no history tells of
   */
  CatalogueChunkWriter(DSLContext sql, List<NewProduct> given, Instant now) {
    this.sql = sql;
    sql.selectFrom(CATEGORY).forEach(row -> categories.put(row.getSlug(), row.getId()));
    position = sql.fetchCount(PRODUCT);
    nextProduct = next(sql, PRODUCT.ID);
    products =
        new LinkedHashMap<>(
            sql.selectFrom(PRODUCT)
                .where(PRODUCT.SLUG.in(given.stream().map(NewProduct::slug).toList()))
                .fetchMap(PRODUCT.SLUG));
    List<Long> ids = products.values().stream().map(ProductRecord::getId).toList();
    variants = new VariantWriter(sql, given, ids, now);
    sql.selectFrom(PRODUCT_TAG)
        .where(PRODUCT_TAG.PRODUCT_ID.in(ids))
        .forEach(row -> tags(row.getProductId()).put(row.getTag(), row));
    sql.selectFrom(PRODUCT_CATEGORY)
        .where(PRODUCT_CATEGORY.PRODUCT_ID.in(ids))
        .forEach(row -> filed(row.getProductId()).put(row.getCategoryId(), row));
  }

  /** An id that is not taken: whoever writes is alone. */
  static long next(DSLContext sql, TableField<?, Long> id) {
    Long last =
        sql.select(max(id)).from(Objects.requireNonNull(id.getTable())).fetchSingle().value1();
    return last == null ? 1 : last + 1;
  }

  private Map<String, ProductTagRecord> tags(long product) {
    return tags.computeIfAbsent(product, _ -> new LinkedHashMap<>());
  }

  private Map<Long, ProductCategoryRecord> filed(long product) {
    return filed.computeIfAbsent(product, _ -> new LinkedHashMap<>());
  }

  /** Sets what differs alone, so that what is as it was is not written. */
  static <R extends Record, T> void set(R row, TableField<? super R, T> field, @Nullable T value) {
    if (!Objects.equals(row.get(field), value)) {
      row.set(field, value);
    }
  }

  /**
   * Takes a product; what it does not carry stays.
   *
   * @param dropsVariants whether variants that it does not name are no longer sold
   */
  void take(NewProduct product, boolean dropsVariants) {
    Set<String> given = product.given();
    ProductRecord row = products.computeIfAbsent(product.slug(), _ -> fresh(product));
    set(row, PRODUCT.IS_DISCONTINUED, false);
    if (given.contains("name")) {
      set(row, PRODUCT.TITLE, product.described().title());
    }
    if (given.contains("description")) {
      set(row, PRODUCT.DESCRIPTION, product.described().description());
    }
    if (given.contains("image")) {
      set(row, PRODUCT.PICTURE, product.described().picture());
    }
    if (given.contains("releaseDate")) {
      set(row, PRODUCT.FIRST_PUBLISHED_AT, product.firstPublished().orElse(null));
    }
    if (given.contains("brand")) {
      set(row, PRODUCT.BRAND, product.described().brand().orElse(null));
    }
    long id = row.getId();
    tag(id, product);
    file(id, product);
    variants.take(id, product.variants(), dropsVariants);
  }

  private ProductRecord fresh(NewProduct product) {
    var row = sql.newRecord(PRODUCT);
    row.setId(nextProduct++);
    row.setSlug(product.slug());
    row.setTitle(product.described().title());
    row.setDescription(product.described().description());
    row.setPicture(product.described().picture());
    row.setPosition(position++);
    row.setIsDiscontinued(false);
    return row;
  }

  /** Its tags anew; those of the owner's own stay. */
  private void tag(long id, NewProduct product) {
    Map<String, ProductTagRecord> stored = tags(id);
    if (product.given().contains("keywords")) {
      remove(stored.values(), tag -> !tag.getIsManual() && !product.tags().contains(tag.getTag()));
    }
    for (String tag : product.tags()) {
      stored.computeIfAbsent(tag, _ -> newTag(id, tag));
    }
  }

  private ProductTagRecord newTag(long id, String tag) {
    var row = sql.newRecord(PRODUCT_TAG);
    row.setProductId(id);
    row.setTag(tag);
    row.setIsManual(false);
    return row;
  }

  private void file(long id, NewProduct product) {
    Map<Long, ProductCategoryRecord> stored = filed(id);
    var leaves = new ArrayList<Long>();
    for (List<String> path : product.categories()) {
      Long parent = null;
      for (String title : path) {
        parent = category(title, parent);
      }
      leaves.add(Objects.requireNonNull(parent));
    }
    if (product.given().contains("category")) {
      remove(stored.values(), one -> !leaves.contains(one.getCategoryId()));
    }
    for (Long leaf : leaves) {
      var row = stored.computeIfAbsent(leaf, _ -> newCategory(id, leaf));
      set(row, PRODUCT_CATEGORY.POSITION, leaves.indexOf(leaf));
    }
  }

  private ProductCategoryRecord newCategory(long id, Long category) {
    var row = sql.newRecord(PRODUCT_CATEGORY);
    row.setProductId(id);
    row.setCategoryId(category);
    return row;
  }

  private <R extends UpdatableRecord<R>> void remove(Collection<R> rows, Predicate<R> isGone) {
    rows.removeIf(
        row -> {
          boolean goes = isGone.test(row);
          if (goes) {
            removed.add(row);
          }
          return goes;
        });
  }

  private Long category(String title, @Nullable Long parent) {
    return categories.computeIfAbsent(
        Slug.written(title),
        slug ->
            sql.insertInto(
                    CATEGORY, CATEGORY.SLUG, CATEGORY.TITLE, CATEGORY.PARENT_ID, CATEGORY.POSITION)
                .values(slug, title, parent, categories.size())
                .returningResult(CATEGORY.ID)
                .fetchSingle()
                .value1());
  }

  /** Writes what differs from what is stored. */
  void keep() {
    if (!removed.isEmpty()) {
      sql.batchDelete(removed).execute();
    }
    Rows.store(sql, PRODUCT, products.values());
    variants.keep();
    Rows.store(sql, PRODUCT_TAG, all(tags));
    Rows.store(sql, PRODUCT_CATEGORY, all(filed));
  }

  /** All rows of all keys. */
  static <R> List<R> all(Map<Long, ? extends Map<?, R>> rows) {
    return rows.values().stream().flatMap(some -> some.values().stream()).toList();
  }
}
