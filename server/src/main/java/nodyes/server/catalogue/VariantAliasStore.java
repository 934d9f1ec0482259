package nodyes.server.catalogue;

import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.VARIANT;
import static nodyes.generated.Tables.VARIANT_ALIAS;
import static org.jooq.impl.DSL.excluded;
import static org.jooq.impl.DSL.val;

import nodyes.server.database.Database;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

/** What the owner says that files of orders mean by names that the catalogue does not know. */
@Component
class VariantAliasStore {
  private final Database database;

  VariantAliasStore(Database database) {
    this.database = database;
  }

  /**
   * A name and what it means.
   *
   * @param name as it was written
   * @param sku of the variant
   * @param title of its product
   * @param variant what tells it from others of the product
   */
  record VariantAlias(String name, String sku, String title, String variant) {}

  /** From now on files mean a variant by a name; whether there is one with that SKU. */
  boolean say(String name, String sku) {
    return database.write(
        sql ->
            sql.insertInto(
                        VARIANT_ALIAS,
                        VARIANT_ALIAS.NAME,
                        VARIANT_ALIAS.WRITTEN,
                        VARIANT_ALIAS.VARIANT_ID)
                    .select(
                        sql.select(val(SkuFinder.plain(name)), val(name.strip()), VARIANT.ID)
                            .from(VARIANT)
                            .where(VARIANT.SKU.eq(sku)))
                    .onConflict(VARIANT_ALIAS.NAME)
                    .doUpdate()
                    .set(VARIANT_ALIAS.WRITTEN, excluded(VARIANT_ALIAS.WRITTEN))
                    .set(VARIANT_ALIAS.VARIANT_ID, excluded(VARIANT_ALIAS.VARIANT_ID))
                    .execute()
                > 0);
  }

  /** What was said of a name holds no more. */
  void forget(String name) {
    database.change(
        sql ->
            sql.deleteFrom(VARIANT_ALIAS)
                .where(VARIANT_ALIAS.NAME.eq(SkuFinder.plain(name)))
                .execute());
  }

  /** All that was said, by name. */
  PagedResult<VariantAlias> said(int page, int size) {
    return database.read(
        sql ->
            new PagedResult<>(
                sql.select(VARIANT_ALIAS.WRITTEN, VARIANT.SKU, PRODUCT.TITLE, VARIANT.TITLE)
                    .from(VARIANT_ALIAS)
                    .join(VARIANT)
                    .on(VARIANT.ID.eq(VARIANT_ALIAS.VARIANT_ID))
                    .join(PRODUCT)
                    .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
                    .orderBy(VARIANT_ALIAS.NAME)
                    .limit(size)
                    .offset((page - 1) * size)
                    .fetch(
                        row ->
                            new VariantAlias(
                                row.value1(), row.value2(), row.value3(), row.value4())),
                page,
                size,
                sql.fetchCount(VARIANT_ALIAS)));
  }
}
