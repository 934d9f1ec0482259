package nodyes.server.catalogue;

import java.io.IOException;
import nodyes.server.catalogue.ProductExportStore.Outgoing;
import nodyes.server.catalogue.ProductExportStore.OutgoingPrice;
import nodyes.server.catalogue.ProductExportStore.OutgoingVariant;
import nodyes.server.export.ExportArchive;
import nodyes.server.export.ExportContributor;
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
    into.lines(
        "products.jsonl",
        id -> store.after(id, AT_ONCE),
        one -> one.product().id(),
        one -> json.writeValueAsString(product(one)));
  }

  private ObjectNode product(Outgoing one) {
    var product = one.product();
    ObjectNode node = json.createObjectNode();
    node.put("@context", "https://schema.org");
    node.put("@type", "ProductGroup");
    node.put("productGroupID", product.slug());
    node.put("name", product.title());
    node.put("description", product.description());
    node.put("image", product.picture());
    if (product.brand() != null) {
      node.putObject("brand").put("@type", "Brand").put("name", product.brand());
    }
    if (product.firstPublished() != null) {
      node.put("releaseDate", product.firstPublished().toString());
    }
    ArrayNode categories = node.putArray("category");
    one.categories().forEach(path -> categories.add(String.join(PART, path)));
    ArrayNode tags = node.putArray("keywords");
    one.tags().forEach(tags::add);
    ArrayNode variants = node.putArray("hasVariant");
    one.variants().forEach(variant -> variants.add(variant(variant)));
    return node;
  }

  private ObjectNode variant(OutgoingVariant variant) {
    ObjectNode node = json.createObjectNode();
    node.put("@type", "Product");
    node.put("sku", variant.sku());
    node.put("name", variant.title());
    if (variant.gtin() != null) {
      node.put("gtin", variant.gtin());
    }
    if (variant.stock() != null) {
      node.putObject("inventoryLevel")
          .put("@type", "QuantitativeValue")
          .put("value", variant.stock());
    }
    ObjectNode offer = node.putObject("offers");
    offer.put("@type", "Offer");
    if (variant.price() != null) {
      priced(offer, variant.price());
    }
    if (variant.availableFrom() != null) {
      offer.put("availabilityStarts", variant.availableFrom().toString());
    }
    if (variant.isMadeToOrder()) {
      offer.put("availability", "https://schema.org/MadeToOrder");
    }
    ArrayNode all = json.createArrayNode();
    for (OutgoingPrice one : variant.prices()) {
      specified(all, one.price()).put("validFrom", one.from().toString());
    }
    if (variant.reference() != null) {
      specified(all, variant.reference()).put("priceType", "https://schema.org/ListPrice");
    }
    if (!all.isEmpty()) {
      offer.set("priceSpecification", all);
    }
    return node;
  }

  private static ObjectNode specified(ArrayNode all, Money price) {
    return priced(all.addObject().put("@type", "UnitPriceSpecification"), price);
  }

  private static ObjectNode priced(ObjectNode node, Money price) {
    return node.put("price", price.getAmount().toPlainString())
        .put("priceCurrency", price.getCurrencyUnit().getCode());
  }
}
