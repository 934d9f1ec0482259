package nodyes.server.catalogue;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.PRODUCT_TAG;
import static nodyes.generated.Tables.VARIANT;
import static nodyes.generated.Tables.VARIANT_ALIAS;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.ToIntBiFunction;
import java.util.stream.Collectors;
import nodyes.server.database.Database;
import org.jooq.DSLContext;
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
          var chunk = new CatalogueChunkWriter(sql, products, now);
          // what is named by an SKU alone speaks of that one variant, and of no other
          products.forEach(one -> chunk.take(one, dropsVariants && !one.isBySku()));
          chunk.keep();
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
                                row.value4())),
                sql.select(VARIANT_ALIAS.NAME, VARIANT.SKU)
                    .from(VARIANT_ALIAS)
                    .join(VARIANT)
                    .on(VARIANT.ID.eq(VARIANT_ALIAS.VARIANT_ID))
                    .fetchMap(VARIANT_ALIAS.NAME, VARIANT.SKU)));
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
}
