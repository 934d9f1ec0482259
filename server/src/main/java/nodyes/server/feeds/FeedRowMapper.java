package nodyes.server.feeds;

import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import nodyes.core.common.Slug;
import nodyes.core.imports.AmountParser;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes schema.org nodes of rows by their terms: a variant of a product, or a line of an order, to
 * a row.
 *
 * @param json makes nodes
 * @param currency of prices that name none
 * @param isNew whether no variant has a SKU yet
 */
record FeedRowMapper(ObjectMapper json, String currency, Predicate<String> isNew) {
  /** What an owner writes into a cell to empty the value; an empty cell changes nothing. */
  static final String EMPTIED = "none";

  private static final int USUAL_FRACTION = 2;

  static String text(Map<String, String> row, String term) {
    return row.getOrDefault(term, "");
  }

  /** What rows of one product or order have in common. */
  static String key(FeedKind kind, Map<String, String> row) {
    String given = text(row, kind == FeedKind.PRODUCTS ? "productGroupID" : "orderNumber");
    return given.isEmpty() && kind == FeedKind.PRODUCTS
        ? text(row, "name").isEmpty() ? "sku " + text(row, "sku") : Slug.written(text(row, "name"))
        : given;
  }

  /** Whether a cell asks for nothing to be there. */
  private static boolean isEmptied(String text) {
    return text.equalsIgnoreCase(EMPTIED);
  }

  ObjectNode of(FeedKind kind, List<Map<String, String>> rows) {
    return kind == FeedKind.PRODUCTS ? product(rows) : order(rows);
  }

  private static void copy(Map<String, String> row, String term, ObjectNode to) {
    String text = text(row, term);
    if (isEmptied(text)) {
      to.putNull(term);
    } else if (!text.isEmpty()) {
      to.put(term, text);
    }
  }

  private ObjectNode product(List<Map<String, String>> rows) {
    ObjectNode node = json.createObjectNode();
    Map<String, String> first = rows.getFirst();
    String key = key(FeedKind.PRODUCTS, first);
    // a row that names no product is of the one that has its SKU
    if (!text(first, "productGroupID").isEmpty() || !text(first, "name").isEmpty()) {
      node.put("productGroupID", key);
    }
    for (String term : List.of("name", "description", "image", "brand", "releaseDate")) {
      copy(first, term, node);
    }
    list(first, "category", ";", node);
    list(first, "keywords", "[;,]", node);
    var variants = node.putArray("hasVariant");
    for (Map<String, String> row : rows) {
      variant(key, row, variants.addObject());
    }
    return node;
  }

  private static void list(Map<String, String> row, String term, String parted, ObjectNode to) {
    String text = text(row, term);
    if (text.isEmpty()) {
      return;
    }
    ArrayNode list = to.putArray(term);
    for (String part : isEmptied(text) ? new String[0] : text.split(parted)) {
      if (!part.isBlank()) {
        list.add(part.strip());
      }
    }
  }

  private void variant(String product, Map<String, String> row, ObjectNode variant) {
    String title = text(row, "size");
    String sku = title.isEmpty() ? product : product + "-" + Slug.written(title);
    variant.put("sku", text(row, "sku").isEmpty() ? sku : text(row, "sku"));
    String name = title.isEmpty() ? text(row, "name") : title;
    // in a file without names of variants those that are there stay
    if (!name.isEmpty()
        && (!title.isEmpty() || text(row, "sku").isEmpty() || isNew.test(text(row, "sku")))) {
      variant.put("name", name);
    }
    if (isEmptied(text(row, "inventoryLevel"))) {
      variant.putNull("inventoryLevel");
    } else if (!text(row, "inventoryLevel").isEmpty()) {
      variant.putObject("inventoryLevel").put("value", text(row, "inventoryLevel"));
    }
    String money = text(row, "priceCurrency").isEmpty() ? currency : text(row, "priceCurrency");
    ObjectNode offer = variant.putObject("offers");
    copy(row, "availability", offer);
    copy(row, "availabilityStarts", offer);
    offer.put("priceCurrency", money);
    if (isEmptied(text(row, "price"))) {
      offer.putNull("price");
    } else if (!text(row, "price").isEmpty()) {
      offer.put("price", amount(text(row, "price"), money));
    }
    if (isEmptied(text(row, "listPrice"))) {
      offer.putNull("priceSpecification");
    } else if (!text(row, "listPrice").isEmpty()) {
      offer
          .putObject("priceSpecification")
          .put("price", amount(text(row, "listPrice"), money))
          .put("priceType", "https://schema.org/ListPrice");
    }
  }

  /** What is no amount stays as it is, so that the reader of products names it. */
  private static String amount(String written, String money) {
    int fraction;
    try {
      fraction = Currency.getInstance(money).getDefaultFractionDigits();
    } catch (IllegalArgumentException e) {
      fraction = USUAL_FRACTION;
    }
    return AmountParser.digits(written, fraction).orElse(written);
  }

  private ObjectNode order(List<Map<String, String>> rows) {
    ObjectNode node = json.createObjectNode();
    Map<String, String> first = rows.getFirst();
    for (String term : List.of("orderNumber", "orderDate", "orderStatus")) {
      copy(first, term, node);
    }
    if (!text(first, "addressCountry").isEmpty()) {
      node.putObject("customer")
          .putObject("address")
          .put("addressCountry", text(first, "addressCountry"));
    }
    var items = node.putArray("orderedItem");
    for (Map<String, String> row : rows) {
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
