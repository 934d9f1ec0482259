package nodyes.server.catalogue;

import java.io.IOException;
import java.util.List;
import nodyes.generated.tables.records.PriceChangeRecord;
import nodyes.generated.tables.records.VariantRecord;
import nodyes.server.catalogue.ProductExportStore.Outgoing;
import nodyes.server.export.ExportArchive;
import nodyes.server.export.ExportContributor;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The catalogue as it comes in: a schema.org ProductGroup to a line, with all of its prices. */
@Component
class ProductExport implements ExportContributor {
  private static final int AT_ONCE = 500;
  private static final String PART = " > ";

  private final ProductExportStore store;
  private final ObjectMapper json;

  ProductExport(ProductExportStore store, ObjectMapper json) {
    this.store = store;
    this.json = json;
  }

  @Override
  public void pack(ExportArchive into) throws IOException {
    into.write(
        "products.jsonl",
        out -> {
          List<Outgoing> some = store.after(0, AT_ONCE);
          while (!some.isEmpty()) {
            for (Outgoing one : some) {
              out.write(json.writeValueAsString(product(one)));
              out.write('\n');
            }
            some = store.after(some.getLast().product().getId(), AT_ONCE);
          }
        });
  }

  private ObjectNode product(Outgoing one) {
    var product = one.product();
    ObjectNode node = json.createObjectNode();
    node.put("@context", "https://schema.org");
    node.put("@type", "ProductGroup");
    node.put("productGroupID", product.getSlug());
    node.put("name", product.getTitle());
    node.put("description", product.getDescription());
    node.put("image", product.getPicture());
    if (product.getBrand() != null) {
      node.putObject("brand").put("@type", "Brand").put("name", product.getBrand());
    }
    if (product.getFirstPublishedAt() != null) {
      node.put("releaseDate", product.getFirstPublishedAt().toString());
    }
    ArrayNode categories = node.putArray("category");
    one.categories().forEach(path -> categories.add(String.join(PART, path)));
    ArrayNode tags = node.putArray("keywords");
    one.tags().forEach(tags::add);
    ArrayNode variants = node.putArray("hasVariant");
    for (VariantRecord variant : one.variants()) {
      variants.add(variant(variant, one.prices().getOrDefault(variant.getId(), List.of())));
    }
    return node;
  }

  private ObjectNode variant(VariantRecord variant, List<PriceChangeRecord> prices) {
    ObjectNode node = json.createObjectNode();
    node.put("@type", "Product");
    node.put("sku", variant.getSku());
    node.put("name", variant.getTitle());
    if (variant.getGtin() != null) {
      node.put("gtin", variant.getGtin());
    }
    if (variant.getStockCount() != null) {
      node.putObject("inventoryLevel")
          .put("@type", "QuantitativeValue")
          .put("value", variant.getStockCount());
    }
    ObjectNode offer = node.putObject("offers");
    offer.put("@type", "Offer");
    CurrencyUnit currency = variant.getCurrency();
    if (currency != null) {
      offer.put("priceCurrency", currency.getCode());
      if (variant.getPriceMinor() != null) {
        offer.put("price", amount(currency, variant.getPriceMinor()));
      }
    }
    if (variant.getAvailableFrom() != null) {
      offer.put("availabilityStarts", variant.getAvailableFrom().toString());
    }
    if (variant.getIsMadeToOrder()) {
      offer.put("availability", "https://schema.org/MadeToOrder");
    }
    ArrayNode all = json.createArrayNode();
    for (PriceChangeRecord price : prices) {
      price(all, price.getCurrency(), price.getPriceMinor())
          .put("validFrom", price.getFromAt().toString());
    }
    if (currency != null && variant.getReferencePriceMinor() != null) {
      price(all, currency, variant.getReferencePriceMinor())
          .put("priceType", "https://schema.org/ListPrice");
    }
    if (!all.isEmpty()) {
      offer.set("priceSpecification", all);
    }
    return node;
  }

  private static ObjectNode price(ArrayNode all, CurrencyUnit currency, long minor) {
    return all.addObject()
        .put("@type", "UnitPriceSpecification")
        .put("price", amount(currency, minor))
        .put("priceCurrency", currency.getCode());
  }

  private static String amount(CurrencyUnit currency, long minor) {
    return Money.ofMinor(currency, minor).getAmount().toPlainString();
  }
}
