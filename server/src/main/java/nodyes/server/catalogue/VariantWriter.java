package nodyes.server.catalogue;

import static nodyes.generated.Tables.PRICE_CHANGE;
import static nodyes.generated.Tables.VARIANT;
import static nodyes.server.catalogue.CatalogueChunkWriter.set;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nodyes.generated.tables.records.PriceChangeRecord;
import nodyes.generated.tables.records.VariantRecord;
import nodyes.server.catalogue.NewProduct.NewVariant;
import nodyes.server.database.Rows;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;

/** The variants of a {@link CatalogueChunkWriter} with their prices. */
final class VariantWriter {
  private final DSLContext sql;
  private final Instant now;
  private final Map<String, VariantRecord> variants = new LinkedHashMap<>();
  private final Map<Long, List<VariantRecord>> ofProduct = new HashMap<>();
  private final Map<Long, NavigableMap<Instant, PriceChangeRecord>> prices = new HashMap<>();
  private long nextId;

  /** Reads what is stored of the variants of some products, and of those that they name. */
  VariantWriter(DSLContext sql, List<NewProduct> given, List<Long> products, Instant now) {
    this.sql = sql;
    this.now = now;
    nextId = CatalogueChunkWriter.next(sql, VARIANT.ID);
    Set<String> skus =
        given.stream()
            .flatMap(product -> product.variants().stream())
            .map(NewVariant::sku)
            .collect(Collectors.toSet());
    sql.selectFrom(VARIANT)
        .where(VARIANT.SKU.in(skus).or(VARIANT.PRODUCT_ID.in(products)))
        .forEach(
            row -> {
              variants.put(row.getSku(), row);
              ofProduct.computeIfAbsent(row.getProductId(), _ -> new ArrayList<>()).add(row);
            });
    sql.selectFrom(PRICE_CHANGE)
        .where(
            PRICE_CHANGE.VARIANT_ID.in(
                variants.values().stream().map(VariantRecord::getId).toList()))
        .forEach(row -> prices(row.getVariantId()).put(row.getFromAt(), row));
  }

  private NavigableMap<Instant, PriceChangeRecord> prices(long variant) {
    return prices.computeIfAbsent(variant, _ -> new TreeMap<>());
  }

  /**
   * Takes the variants of a product.
   *
   * @param dropsOthers whether those that it does not name are no longer sold
   */
  void take(long product, List<NewVariant> given, boolean dropsOthers) {
    if (dropsOthers) {
      Set<String> named = given.stream().map(NewVariant::sku).collect(Collectors.toSet());
      ofProduct
          .getOrDefault(product, List.of())
          .forEach(
              variant -> {
                if (variant.getProductId() == product && !named.contains(variant.getSku())) {
                  set(variant, VARIANT.IS_DISCONTINUED, true);
                }
              });
    }
    int at = 0;
    for (NewVariant variant : given) {
      take(product, variant, at++, dropsOthers);
    }
  }

  private void take(long product, NewVariant variant, int at, boolean isOrdered) {
    Set<String> given = variant.given();
    VariantRecord row = variants.computeIfAbsent(variant.sku(), _ -> fresh(variant, at));
    set(row, VARIANT.PRODUCT_ID, product);
    set(row, VARIANT.IS_DISCONTINUED, false);
    if (isOrdered) {
      set(row, VARIANT.POSITION, at);
    }
    if (given.contains("name")) {
      set(row, VARIANT.TITLE, variant.title());
    }
    if (!variant.gtin().isEmpty()) {
      set(row, VARIANT.GTIN, variant.gtin());
    }
    if (given.contains("price")) {
      set(row, VARIANT.PRICE_MINOR, variant.price().map(Money::getAmountMinorLong).orElse(null));
      set(row, VARIANT.CURRENCY, variant.price().map(Money::getCurrencyUnit).orElse(null));
    }
    if (given.contains("inventoryLevel")) {
      stock(row, variant.stock().orElse(null));
    }
    if (given.contains(ProductReader.REFERENCE)) {
      set(
          row,
          VARIANT.REFERENCE_PRICE_MINOR,
          variant.reference().map(Money::getAmountMinorLong).orElse(null));
    }
    if (given.contains("availabilityStarts")) {
      set(row, VARIANT.AVAILABLE_FROM, variant.availableFrom().orElse(null));
    }
    if (given.contains("availability")) {
      set(row, VARIANT.IS_MADE_TO_ORDER, variant.madeToOrder());
    }
    price(row.getId(), variant);
  }

  /** More than there were have been delivered. */
  private static void stock(VariantRecord row, @Nullable Long stock) {
    Long before = row.getStockCount();
    if (stock != null && before != null && stock > before) {
      set(row, VARIANT.DELIVERED_COUNT, stock);
    }
    set(row, VARIANT.STOCK_COUNT, stock);
  }

  private VariantRecord fresh(NewVariant variant, int at) {
    var row = sql.newRecord(VARIANT);
    row.setId(nextId++);
    row.setSku(variant.sku());
    row.setTitle(variant.title());
    row.setIsMadeToOrder(variant.madeToOrder());
    row.setPosition(at);
    row.setIsDiscontinued(false);
    return row;
  }

  /** What its history tells, which never changes; a price of which none tells is in force now. */
  private void price(long variant, NewVariant given) {
    NavigableMap<Instant, PriceChangeRecord> history = prices(variant);
    for (NewProduct.Priced past : given.history()) {
      history.computeIfAbsent(past.from(), from -> newPrice(variant, from, past.price()));
    }
    given
        .price()
        .ifPresent(
            price -> {
              var last = history.floorEntry(now);
              if (last != null && isOf(last.getValue(), price)) {
                return;
              }
              PriceChangeRecord row =
                  history.computeIfAbsent(now, from -> newPrice(variant, from, price));
              set(row, PRICE_CHANGE.PRICE_MINOR, price.getAmountMinorLong());
              set(row, PRICE_CHANGE.CURRENCY, price.getCurrencyUnit());
            });
  }

  private static boolean isOf(PriceChangeRecord row, Money price) {
    CurrencyUnit currency = row.getCurrency();
    return row.getPriceMinor() == price.getAmountMinorLong()
        && currency.equals(price.getCurrencyUnit());
  }

  private PriceChangeRecord newPrice(long variant, Instant from, Money price) {
    var row = sql.newRecord(PRICE_CHANGE);
    row.setVariantId(variant);
    row.setFromAt(from);
    row.setPriceMinor(price.getAmountMinorLong());
    row.setCurrency(price.getCurrencyUnit());
    return row;
  }

  /** Writes what differs from what is stored. */
  void keep() {
    Rows.store(sql, VARIANT, variants.values());
    Rows.store(sql, PRICE_CHANGE, CatalogueChunkWriter.all(prices));
  }
}
