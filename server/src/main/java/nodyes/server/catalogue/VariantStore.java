package nodyes.server.catalogue;

import static nodyes.generated.Tables.PRICE_CHANGE;
import static nodyes.generated.Tables.VARIANT;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.evaluation.VariantFacts;
import nodyes.core.price.PriceChange;
import nodyes.core.price.PriceHistory;
import nodyes.generated.tables.records.VariantRecord;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jooq.DSLContext;

/** Reads variants with their prices: the half of {@link CatalogueStore} that is about them. */
final class VariantStore {
  private VariantStore() {}

  /** By product, then by SKU in the shop's order; those that are no longer sold are left out. */
  static Map<Long, Map<String, VariantFacts>> of(DSLContext sql, Collection<Long> products) {
    Map<Long, List<PriceChange>> changes = changes(sql, products);
    var variants = new HashMap<Long, Map<String, VariantFacts>>();
    sql.selectFrom(VARIANT)
        .where(VARIANT.PRODUCT_ID.in(products).and(VARIANT.IS_DISCONTINUED.isFalse()))
        .orderBy(VARIANT.PRODUCT_ID, VARIANT.POSITION)
        .forEach(
            row ->
                variants
                    .computeIfAbsent(row.getProductId(), _ -> new LinkedHashMap<>())
                    .put(row.getSku(), variant(row, changes.getOrDefault(row.getId(), List.of()))));
    return variants;
  }

  private static VariantFacts variant(VariantRecord row, List<PriceChange> changes) {
    return new VariantFacts(
        row.getSku(),
        money(row.getPriceMinor(), row.getCurrency()),
        changes.isEmpty() ? PriceHistory.NONE : new PriceHistory(changes),
        money(row.getReferencePriceMinor(), row.getCurrency()),
        Optional.ofNullable(row.getStockCount()),
        Optional.ofNullable(row.getAvailableFrom()),
        row.getIsMadeToOrder(),
        Optional.ofNullable(row.getDeliveredCount()));
  }

  static Optional<Money> money(
      @org.jspecify.annotations.Nullable Long minor,
      @org.jspecify.annotations.Nullable CurrencyUnit currency) {
    return minor == null || currency == null
        ? Optional.empty()
        : Optional.of(Money.ofMinor(currency, minor));
  }

  private static Map<Long, List<PriceChange>> changes(DSLContext sql, Collection<Long> products) {
    var changes = new HashMap<Long, List<PriceChange>>();
    sql.select(
            PRICE_CHANGE.VARIANT_ID,
            PRICE_CHANGE.FROM_AT,
            PRICE_CHANGE.PRICE_MINOR,
            PRICE_CHANGE.CURRENCY)
        .from(VARIANT)
        .join(PRICE_CHANGE)
        .on(PRICE_CHANGE.VARIANT_ID.eq(VARIANT.ID))
        .where(VARIANT.PRODUCT_ID.in(products).and(VARIANT.IS_DISCONTINUED.isFalse()))
        .orderBy(PRICE_CHANGE.VARIANT_ID, PRICE_CHANGE.FROM_AT)
        .forEach(
            row ->
                changes
                    .computeIfAbsent(row.value1(), _ -> new ArrayList<>())
                    .add(new PriceChange(row.value2(), Money.ofMinor(row.value4(), row.value3()))));
    return changes;
  }
}
