package nodyes.server.catalogue;

import static nodyes.generated.Tables.CATEGORY;
import static nodyes.generated.Tables.PRICE_CHANGE;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.PRODUCT_CATEGORY;
import static nodyes.generated.Tables.PRODUCT_TAG;
import static nodyes.generated.Tables.VARIANT;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nodyes.server.catalogue.CatalogueImport.NewProduct;
import nodyes.server.catalogue.CatalogueImport.NewVariant;
import nodyes.server.database.Database;
import org.joda.money.Money;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Writes products; the other half of the catalogue's SQL. */
@Component
class CatalogueWriter {
  private final Database database;

  CatalogueWriter(Database database) {
    this.database = database;
  }

  void save(List<NewProduct> products) {
    database.change(
        sql -> {
          Map<String, Long> categories = new HashMap<>();
          sql.selectFrom(CATEGORY).forEach(row -> categories.put(row.getSlug(), row.getId()));
          int position = sql.fetchCount(PRODUCT);
          for (NewProduct product : products) {
            save(sql, product, position++, categories);
          }
        });
  }

  private static void save(
      DSLContext sql, NewProduct product, int position, Map<String, Long> categories) {
    var row = sql.newRecord(PRODUCT);
    row.setSlug(product.slug());
    row.setTitle(product.title());
    row.setDescription(product.description());
    row.setPicture(product.picture());
    row.setFirstPublishedAt(product.firstPublished().orElse(null));
    var fresh = row.copy();
    fresh.setPosition(position);
    sql.insertInto(PRODUCT).set(fresh).onConflict(PRODUCT.SLUG).doUpdate().set(row).execute();
    long id = id(sql, PRODUCT, PRODUCT.ID, PRODUCT.SLUG, product.slug());
    sql.deleteFrom(PRODUCT_CATEGORY).where(PRODUCT_CATEGORY.PRODUCT_ID.eq(id)).execute();
    sql.deleteFrom(PRODUCT_TAG).where(PRODUCT_TAG.PRODUCT_ID.eq(id)).execute();
    for (List<String> path : product.categories()) {
      Long parent = null;
      for (String title : path) {
        parent = category(sql, title, parent, categories);
      }
      sql.insertInto(PRODUCT_CATEGORY).values(id, parent).onConflictDoNothing().execute();
    }
    for (String tag : product.tags()) {
      sql.insertInto(PRODUCT_TAG).values(id, tag).onConflictDoNothing().execute();
    }
    int at = 0;
    for (NewVariant variant : product.variants()) {
      save(sql, id, variant, at++);
    }
  }

  private static Long category(
      DSLContext sql, String title, @Nullable Long parent, Map<String, Long> known) {
    return known.computeIfAbsent(
        CatalogueImport.slugOf(title),
        slug ->
            sql.insertInto(
                    CATEGORY, CATEGORY.SLUG, CATEGORY.TITLE, CATEGORY.PARENT_ID, CATEGORY.POSITION)
                .values(slug, title, parent, known.size())
                .returningResult(CATEGORY.ID)
                .fetchSingle()
                .value1());
  }

  private static void save(DSLContext sql, long product, NewVariant variant, int position) {
    var row = sql.newRecord(VARIANT);
    row.setProductId(product);
    row.setSku(variant.sku());
    row.setTitle(variant.title());
    row.setPriceMinor(variant.price().map(Money::getAmountMinorLong).orElse(null));
    row.setCurrency(variant.price().map(price -> price.getCurrencyUnit().getCode()).orElse(null));
    row.setStockCount(variant.stock().orElse(null));
    row.setPosition(position);
    sql.insertInto(VARIANT).set(row).onConflict(VARIANT.SKU).doUpdate().set(row).execute();
    long id = id(sql, VARIANT, VARIANT.ID, VARIANT.SKU, variant.sku());
    for (var past : variant.history()) {
      sql.insertInto(PRICE_CHANGE)
          .values(
              id,
              past.from(),
              past.price().getAmountMinorLong(),
              past.price().getCurrencyUnit().getCode())
          .onConflictDoNothing()
          .execute();
    }
  }

  /** Asked for after writing: no key is returned where a conflict was resolved (seen on SQLite). */
  private static long id(
      DSLContext sql, Table<?> table, Field<Long> id, Field<String> name, String value) {
    return sql.select(id).from(table).where(name.eq(value)).fetchSingle().value1();
  }
}
