package nodyes.server.catalogue;

import static nodyes.generated.Tables.CATEGORY;
import static nodyes.generated.Tables.PRICE_CHANGE;
import static nodyes.generated.Tables.PRODUCT;
import static nodyes.generated.Tables.PRODUCT_CATEGORY;
import static nodyes.generated.Tables.PRODUCT_TAG;
import static nodyes.generated.Tables.VARIANT;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.generated.tables.records.CategoryRecord;
import nodyes.generated.tables.records.PriceChangeRecord;
import nodyes.generated.tables.records.ProductRecord;
import nodyes.generated.tables.records.VariantRecord;
import nodyes.server.database.Database;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Products that are sold, some at a time, as they go out. */
@Component
class ProductExportStore {
  private final Database database;

  ProductExportStore(Database database) {
    this.database = database;
  }

  /**
   * A product with all that is its own.
   *
   * @param categories each as the titles from the top down; the first is its own
   */
  record Outgoing(
      OutgoingProduct product,
      List<List<String>> categories,
      List<String> tags,
      List<OutgoingVariant> variants) {}

  /** What a product is called and looks like. */
  record OutgoingProduct(
      long id,
      String slug,
      String title,
      String description,
      String picture,
      @Nullable String brand,
      @Nullable Instant firstPublished) {}

  /**
   * A variant.
   *
   * @param prices those before and now, oldest first
   */
  record OutgoingVariant(
      String sku,
      String title,
      @Nullable String gtin,
      @Nullable Long stock,
      @Nullable Money price,
      @Nullable Money reference,
      @Nullable LocalDate availableFrom,
      boolean isMadeToOrder,
      List<OutgoingPrice> prices) {}

  /** A price and since when it is in force. */
  record OutgoingPrice(Instant from, Money price) {}

  /** Those behind an id, at most so many. */
  List<Outgoing> after(long id, int most) {
    return database.read(
        sql -> {
          List<ProductRecord> products =
              sql.selectFrom(PRODUCT)
                  .where(PRODUCT.ID.gt(id).and(PRODUCT.IS_DISCONTINUED.isFalse()))
                  .orderBy(PRODUCT.ID)
                  .limit(most)
                  .fetch();
          return outgoing(sql, products);
        });
  }

  private static List<Outgoing> outgoing(DSLContext sql, List<ProductRecord> products) {
    Set<Long> ids = products.stream().map(ProductRecord::getId).collect(Collectors.toSet());
    Map<Long, List<String>> tags =
        sql.select(PRODUCT_TAG.PRODUCT_ID, PRODUCT_TAG.TAG)
            .from(PRODUCT_TAG)
            .where(PRODUCT_TAG.PRODUCT_ID.in(ids).and(PRODUCT_TAG.IS_MANUAL.isFalse()))
            .orderBy(PRODUCT_TAG.PRODUCT_ID, PRODUCT_TAG.TAG)
            .fetchGroups(PRODUCT_TAG.PRODUCT_ID, PRODUCT_TAG.TAG);
    Map<Long, CategoryRecord> all = sql.selectFrom(CATEGORY).fetchMap(CATEGORY.ID);
    Map<Long, List<Long>> categories =
        sql.select(PRODUCT_CATEGORY.PRODUCT_ID, PRODUCT_CATEGORY.CATEGORY_ID)
            .from(PRODUCT_CATEGORY)
            .where(PRODUCT_CATEGORY.PRODUCT_ID.in(ids))
            .orderBy(PRODUCT_CATEGORY.PRODUCT_ID, PRODUCT_CATEGORY.POSITION)
            .fetchGroups(PRODUCT_CATEGORY.PRODUCT_ID, PRODUCT_CATEGORY.CATEGORY_ID);
    Map<Long, List<VariantRecord>> variants =
        sql.selectFrom(VARIANT)
            .where(VARIANT.PRODUCT_ID.in(ids).and(VARIANT.IS_DISCONTINUED.isFalse()))
            .orderBy(VARIANT.PRODUCT_ID, VARIANT.POSITION)
            .fetchGroups(VARIANT.PRODUCT_ID, VariantRecord.class);
    Map<Long, List<PriceChangeRecord>> prices =
        sql
            .select(PRICE_CHANGE.fields())
            .from(PRICE_CHANGE)
            .join(VARIANT)
            .on(VARIANT.ID.eq(PRICE_CHANGE.VARIANT_ID))
            .where(VARIANT.PRODUCT_ID.in(ids))
            .orderBy(PRICE_CHANGE.VARIANT_ID, PRICE_CHANGE.FROM_AT)
            .fetchInto(PRICE_CHANGE)
            .stream()
            .collect(Collectors.groupingBy(PriceChangeRecord::getVariantId));
    return products.stream()
        .map(
            product ->
                new Outgoing(
                    plain(product),
                    categories.getOrDefault(product.getId(), List.of()).stream()
                        .map(id -> path(id, all))
                        .toList(),
                    tags.getOrDefault(product.getId(), List.of()),
                    variants.getOrDefault(product.getId(), List.of()).stream()
                        .map(one -> plain(one, prices.getOrDefault(one.getId(), List.of())))
                        .toList()))
        .toList();
  }

  private static OutgoingProduct plain(ProductRecord product) {
    return new OutgoingProduct(
        product.getId(),
        product.getSlug(),
        product.getTitle(),
        product.getDescription(),
        product.getPicture(),
        product.getBrand(),
        product.getFirstPublishedAt());
  }

  private static OutgoingVariant plain(VariantRecord variant, List<PriceChangeRecord> prices) {
    return new OutgoingVariant(
        variant.getSku(),
        variant.getTitle(),
        variant.getGtin(),
        variant.getStockCount(),
        money(variant.getCurrency(), variant.getPriceMinor()),
        money(variant.getCurrency(), variant.getReferencePriceMinor()),
        variant.getAvailableFrom(),
        variant.getIsMadeToOrder(),
        prices.stream()
            .map(
                one ->
                    new OutgoingPrice(
                        one.getFromAt(), Money.ofMinor(one.getCurrency(), one.getPriceMinor())))
            .toList());
  }

  private static @Nullable Money money(@Nullable CurrencyUnit currency, @Nullable Long minor) {
    return currency == null || minor == null ? null : Money.ofMinor(currency, minor);
  }

  private static List<String> path(long id, Map<Long, CategoryRecord> all) {
    var titles = new ArrayList<String>();
    @Nullable Long at = id;
    while (at != null && titles.size() <= all.size()) {
      CategoryRecord category = Objects.requireNonNull(all.get(at));
      titles.add(category.getTitle());
      at = category.getParentId();
    }
    Collections.reverse(titles);
    return titles;
  }
}
