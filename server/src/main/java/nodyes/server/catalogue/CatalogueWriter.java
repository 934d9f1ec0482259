package nodyes.server.catalogue;

import static nodyes.generated.Tables.CATEGORY;
import static nodyes.generated.Tables.PRICE_CHANGE;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.PRODUCT_CATEGORY;
import static nodyes.generated.Tables.PRODUCT_TAG;
import static nodyes.generated.Tables.VARIANT;
import static org.jooq.impl.DSL.excluded;
import static org.jooq.impl.DSL.when;

import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.ToIntBiFunction;
import java.util.stream.Collectors;
import nodyes.core.common.Slug;
import nodyes.generated.tables.records.VariantRecord;
import nodyes.server.catalogue.NewProduct.NewVariant;
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

  /**
   * Keeps products; variants that one does not name are still sold.
   *
   * @param now since when a price is in force that no history tells of
   */
  void add(List<NewProduct> products, Instant now) {
    save(products, false, now);
  }

  /** As {@link #add}, and variants that a product does not name are no longer sold. */
  void replace(List<NewProduct> products, Instant now) {
    save(products, true, now);
  }

  private void save(List<NewProduct> products, boolean dropsVariants, Instant now) {
    database.change(
        sql -> {
          Map<String, Long> categories = new HashMap<>();
          sql.selectFrom(CATEGORY).forEach(row -> categories.put(row.getSlug(), row.getId()));
          int position = sql.fetchCount(PRODUCT);
          for (NewProduct product : products) {
            save(sql, new Saving(categories, dropsVariants, now), product, position++);
          }
        });
  }

  /** What there is already. */
  ProductReader.Known known() {
    return database.read(
        sql ->
            new ProductReader.Known(
                sql.select(PRODUCT.SLUG).from(PRODUCT).fetchSet(PRODUCT.SLUG),
                sql.select(VARIANT.SKU, PRODUCT.SLUG)
                    .from(VARIANT)
                    .join(PRODUCT)
                    .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
                    .fetchMap(VARIANT.SKU, PRODUCT.SLUG)));
  }

  /** What files of orders name variants by. */
  SkuFinder skuFinder() {
    return database.read(
        sql ->
            new SkuFinder(
                sql.select(VARIANT.SKU, VARIANT.GTIN, PRODUCT.SLUG, PRODUCT.TITLE)
                    .from(VARIANT)
                    .join(PRODUCT)
                    .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
                    .fetch(
                        row ->
                            new SkuFinder.Sold(
                                row.value1(),
                                Objects.requireNonNullElse(row.value2(), ""),
                                row.value3(),
                                row.value4()))));
  }

  /** Slugs of the products that are sold. */
  Set<String> sold() {
    return database.read(
        sql ->
            sql.select(PRODUCT.SLUG)
                .from(PRODUCT)
                .where(PRODUCT.IS_DISCONTINUED.isFalse())
                .fetchSet(PRODUCT.SLUG));
  }

  /** Marks all but these as no longer sold; how many are newly so. */
  int markGone(Set<String> but) {
    Set<String> gone = new HashSet<>(sold());
    gone.removeAll(but);
    database.change(
        sql -> {
          for (String slug : gone) {
            sql.update(PRODUCT)
                .set(PRODUCT.IS_DISCONTINUED, true)
                .where(PRODUCT.SLUG.eq(slug))
                .execute();
          }
        });
    return gone.size();
  }

  /** Gives many products a tag; the ids of those that had it not. */
  Set<Long> tag(Set<Long> products, String tag) {
    return changed(
        products,
        (sql, id) ->
            sql.insertInto(PRODUCT_TAG)
                .set(PRODUCT_TAG.PRODUCT_ID, id)
                .set(PRODUCT_TAG.TAG, tag)
                .set(PRODUCT_TAG.IS_MANUAL, true)
                .onConflictDoNothing()
                .execute());
  }

  /** Takes a tag from many products; the ids of those that had it. */
  Set<Long> untag(Set<Long> products, String tag) {
    return changed(
        products,
        (sql, id) ->
            sql.deleteFrom(PRODUCT_TAG)
                .where(PRODUCT_TAG.TAG.eq(tag).and(PRODUCT_TAG.PRODUCT_ID.eq(id)))
                .execute());
  }

  /** The products of which a change changed any row. */
  private Set<Long> changed(Set<Long> products, ToIntBiFunction<DSLContext, Long> change) {
    return database.write(
        sql ->
            products.stream()
                .filter(id -> change.applyAsInt(sql, id) > 0)
                .collect(Collectors.toSet()));
  }

  /** What all products that are kept at once have in common. */
  private record Saving(Map<String, Long> categories, boolean dropsVariants, Instant now) {}

  private static void save(DSLContext sql, Saving saving, NewProduct product, int position) {
    Set<String> given = product.given();
    var row = sql.newRecord(PRODUCT);
    row.setSlug(product.slug());
    row.setIsDiscontinued(false);
    // what is not carried is not among the fields that are set, and so stays
    if (given.contains("name")) {
      row.setTitle(product.described().title());
    }
    if (given.contains("description")) {
      row.setDescription(product.described().description());
    }
    if (given.contains("image")) {
      row.setPicture(product.described().picture());
    }
    if (given.contains("releaseDate")) {
      row.setFirstPublishedAt(product.firstPublished().orElse(null));
    }
    if (given.contains("brand")) {
      row.setBrand(product.described().brand().orElse(null));
    }
    var fresh = row.copy();
    fresh.setTitle(product.described().title());
    fresh.setDescription(product.described().description());
    fresh.setPicture(product.described().picture());
    fresh.setPosition(position);
    sql.insertInto(PRODUCT).set(fresh).onConflict(PRODUCT.SLUG).doUpdate().set(row).execute();
    long id = id(sql, PRODUCT, PRODUCT.ID, PRODUCT.SLUG, product.slug());
    file(sql, id, product, saving.categories());
    if (saving.dropsVariants()) {
      sql.update(VARIANT)
          .set(VARIANT.IS_DISCONTINUED, true)
          .where(
              VARIANT
                  .PRODUCT_ID
                  .eq(id)
                  .and(
                      VARIANT.SKU.notIn(product.variants().stream().map(NewVariant::sku).toList())))
          .execute();
    }
    int at = 0;
    for (NewVariant variant : product.variants()) {
      save(sql, saving, id, variant, at++);
    }
  }

  /** Its categories and tags anew; tags of the owner's own stay. */
  private static void file(
      DSLContext sql, long id, NewProduct product, Map<String, Long> categories) {
    if (product.given().contains("category")) {
      sql.deleteFrom(PRODUCT_CATEGORY).where(PRODUCT_CATEGORY.PRODUCT_ID.eq(id)).execute();
    }
    if (product.given().contains("keywords")) {
      sql.deleteFrom(PRODUCT_TAG)
          .where(PRODUCT_TAG.PRODUCT_ID.eq(id).and(PRODUCT_TAG.IS_MANUAL.isFalse()))
          .execute();
    }
    int place = 0;
    for (List<String> path : product.categories()) {
      Long parent = null;
      for (String title : path) {
        parent = category(sql, title, parent, categories);
      }
      sql.insertInto(PRODUCT_CATEGORY).values(id, parent, place++).onConflictDoNothing().execute();
    }
    for (String tag : product.tags()) {
      sql.insertInto(PRODUCT_TAG, PRODUCT_TAG.PRODUCT_ID, PRODUCT_TAG.TAG)
          .values(id, tag)
          .onConflictDoNothing()
          .execute();
    }
  }

  private static Long category(
      DSLContext sql, String title, @Nullable Long parent, Map<String, Long> known) {
    return known.computeIfAbsent(
        Slug.written(title),
        slug ->
            sql.insertInto(
                    CATEGORY, CATEGORY.SLUG, CATEGORY.TITLE, CATEGORY.PARENT_ID, CATEGORY.POSITION)
                .values(slug, title, parent, known.size())
                .returningResult(CATEGORY.ID)
                .fetchSingle()
                .value1());
  }

  private static void save(
      DSLContext sql, Saving saving, long product, NewVariant variant, int position) {
    VariantRecord row = row(sql, product, variant);
    if (saving.dropsVariants()) {
      row.setPosition(position);
    }
    var fresh = row.copy();
    fresh.setTitle(variant.title());
    fresh.setIsMadeToOrder(variant.madeToOrder());
    fresh.setPosition(position);
    sql.insertInto(VARIANT)
        .set(fresh)
        .onConflict(VARIANT.SKU)
        .doUpdate()
        .set(row)
        .set(
            VARIANT.DELIVERED_COUNT,
            when(
                    excluded(VARIANT.STOCK_COUNT).gt(VARIANT.STOCK_COUNT),
                    excluded(VARIANT.STOCK_COUNT))
                .otherwise(VARIANT.DELIVERED_COUNT))
        .execute();
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
    variant.price().ifPresent(price -> record(sql, id, price, saving.now()));
  }

  /** What it carries; the rest is not set. */
  private static VariantRecord row(DSLContext sql, long product, NewVariant variant) {
    Set<String> given = variant.given();
    var row = sql.newRecord(VARIANT);
    row.setProductId(product);
    row.setSku(variant.sku());
    row.setIsDiscontinued(false);
    if (given.contains("name")) {
      row.setTitle(variant.title());
    }
    if (!variant.gtin().isEmpty()) {
      row.setGtin(variant.gtin());
    }
    if (given.contains("price")) {
      row.setPriceMinor(variant.price().map(Money::getAmountMinorLong).orElse(null));
      row.setCurrency(variant.price().map(Money::getCurrencyUnit).orElse(null));
    }
    if (given.contains("inventoryLevel")) {
      row.setStockCount(variant.stock().orElse(null));
    }
    if (given.contains(ProductReader.REFERENCE)) {
      row.setReferencePriceMinor(variant.reference().map(Money::getAmountMinorLong).orElse(null));
    }
    if (given.contains("availabilityStarts")) {
      row.setAvailableFrom(variant.availableFrom().orElse(null));
    }
    if (given.contains("availability")) {
      row.setIsMadeToOrder(variant.madeToOrder());
    }
    return row;
  }

  /** A price that no history tells of is in force from now on. */
  private static void record(DSLContext sql, long variant, Money price, Instant now) {
    var last =
        sql.selectFrom(PRICE_CHANGE)
            .where(PRICE_CHANGE.VARIANT_ID.eq(variant).and(PRICE_CHANGE.FROM_AT.le(now)))
            .orderBy(PRICE_CHANGE.FROM_AT.desc())
            .limit(1)
            .fetchOne();
    if (last == null
        || last.getPriceMinor() != price.getAmountMinorLong()
        || !last.getCurrency().equals(price.getCurrencyUnit())) {
      sql.insertInto(PRICE_CHANGE)
          .values(variant, now, price.getAmountMinorLong(), price.getCurrencyUnit())
          .onConflict(PRICE_CHANGE.VARIANT_ID, PRICE_CHANGE.FROM_AT)
          .doUpdate()
          .set(PRICE_CHANGE.PRICE_MINOR, price.getAmountMinorLong())
          .set(PRICE_CHANGE.CURRENCY, price.getCurrencyUnit())
          .execute();
    }
  }

  /** Asked for after writing: no key is returned where a conflict was resolved (seen on SQLite). */
  private static long id(
      DSLContext sql, Table<?> table, Field<Long> id, Field<String> name, String value) {
    return sql.select(id).from(table).where(name.eq(value)).fetchSingle().value1();
  }
}
