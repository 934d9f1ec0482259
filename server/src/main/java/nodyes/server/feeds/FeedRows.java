package nodyes.server.feeds;

import java.util.List;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** Makes schema.org nodes of rows: a variant of a product, or a line of an order, to a row. */
final class FeedRows {
  private FeedRows() {}

  static String text(CSVRecord row, String term) {
    return row.isMapped(term) && row.isSet(term) ? row.get(term) : "";
  }

  private static void copy(CSVRecord row, String term, ObjectNode to) {
    String text = text(row, term);
    if (!text.isEmpty()) {
      to.put(term, text);
    }
  }

  static ObjectNode product(ObjectMapper json, List<CSVRecord> rows) {
    ObjectNode node = json.createObjectNode();
    CSVRecord first = rows.getFirst();
    for (String term :
        List.of("productGroupID", "name", "description", "image", "brand", "releaseDate")) {
      copy(first, term, node);
    }
    for (String term : List.of("category", "keywords")) {
      var list = node.putArray(term);
      for (String part : text(first, term).split(term.equals("category") ? ";" : "[;,]")) {
        if (!part.isBlank()) {
          list.add(part.strip());
        }
      }
    }
    var variants = node.putArray("hasVariant");
    for (CSVRecord row : rows) {
      ObjectNode variant = variants.addObject();
      copy(row, "sku", variant);
      String title = text(row, "size").isEmpty() ? text(row, "variant") : text(row, "size");
      variant.put("name", title.isEmpty() ? text(row, "name") : title);
      if (!text(row, "inventoryLevel").isEmpty()) {
        variant.putObject("inventoryLevel").put("value", text(row, "inventoryLevel"));
      }
      ObjectNode offer = variant.putObject("offers");
      for (String term : List.of("price", "priceCurrency", "availability", "availabilityStarts")) {
        copy(row, term, offer);
      }
      if (!text(row, "listPrice").isEmpty()) {
        offer
            .putObject("priceSpecification")
            .put("price", text(row, "listPrice"))
            .put("priceType", "https://schema.org/ListPrice");
      }
    }
    return node;
  }

  static ObjectNode order(ObjectMapper json, List<CSVRecord> rows) {
    ObjectNode node = json.createObjectNode();
    CSVRecord first = rows.getFirst();
    for (String term : List.of("orderNumber", "orderDate", "orderStatus")) {
      copy(first, term, node);
    }
    if (!text(first, "addressCountry").isEmpty()) {
      node.putObject("customer")
          .putObject("address")
          .put("addressCountry", text(first, "addressCountry"));
    }
    var items = node.putArray("orderedItem");
    for (CSVRecord row : rows) {
      if (text(row, "sku").isEmpty()) {
        continue;
      }
      ObjectNode item = items.addObject();
      copy(row, "orderQuantity", item);
      copy(row, "orderItemStatus", item);
      item.putObject("orderedItem").put("sku", text(row, "sku"));
    }
    return node;
  }
}
