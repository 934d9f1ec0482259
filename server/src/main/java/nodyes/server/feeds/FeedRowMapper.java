package nodyes.server.feeds;

import java.time.ZoneId;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import nodyes.core.common.Slug;
import nodyes.core.imports.AmountParser;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.DateParser;
import nodyes.core.imports.FeedColumnNames;
import nodyes.core.imports.InvalidValueException;
import nodyes.core.imports.WrittenDate;
import nodyes.server.catalogue.SkuFinder;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes schema.org nodes of rows by their terms: a variant of a product, or a line of an order, to
 * a row.
 *
 * @param json makes nodes
 * @param currency of prices that name none
 * @param skus what files name variants by
 * @param dates the order of day and month in the file
 * @param zone the shop's, where a date names no other clock
 */
record FeedRowMapper(
    ObjectMapper json, String currency, SkuFinder skus, DateOrder dates, ZoneId zone) {
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
    for (String term : List.of("name", "description", "image", "brand")) {
      copy(first, term, node);
    }
    date(first, "releaseDate", "releaseDate", node);
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
        && (!title.isEmpty()
            || text(row, "sku").isEmpty()
            || skus.find(text(row, "sku")).isEmpty())) {
      variant.put("name", name);
    }
    if (isEmptied(text(row, "inventoryLevel"))) {
      variant.putNull("inventoryLevel");
    } else if (!text(row, "inventoryLevel").isEmpty()) {
      variant.putObject("inventoryLevel").put("value", text(row, "inventoryLevel"));
    }
    copy(row, "gtin", variant);
    String money = text(row, "priceCurrency").isEmpty() ? currency : text(row, "priceCurrency");
    ObjectNode offer = variant.putObject("offers");
    copy(row, "availability", offer);
    date(row, "availabilityStarts", "availabilityStarts", offer);
    offer.put("priceCurrency", money);
    if (isEmptied(text(row, "price"))) {
      offer.putNull("price");
    } else if (!text(row, "price").isEmpty()) {
      offer.put("price", amount(text(row, "price"), money));
    }
    reference(row, offer, money);
  }

  /** A recommended price comes before one of the shop's own that held before. */
  private static void reference(Map<String, String> row, ObjectNode offer, String money) {
    boolean isList = !text(row, "listPrice").isEmpty();
    String given = text(row, isList ? "listPrice" : FeedColumnNames.EARLIER_PRICE);
    if (isEmptied(given)) {
      offer.putNull("priceSpecification");
    } else if (!given.isEmpty()) {
      offer
          .putObject("priceSpecification")
          .put("price", amount(given, money))
          .put("priceType", "https://schema.org/" + (isList ? "ListPrice" : "StrikethroughPrice"));
    }
  }

  /** A date in the order of its file as the standard has it; what is none stays as it is. */
  private void date(Map<String, String> row, String term, String as, ObjectNode to) {
    String text = text(row, term);
    if (text.isEmpty() || isEmptied(text)) {
      copy(row, term, to);
      return;
    }
    try {
      WrittenDate date = DateParser.parse(text, dates);
      to.put(as, date.time().isEmpty() ? date.day().toString() : date.instantIn(zone).toString());
    } catch (InvalidValueException e) {
      to.put(as, text);
    }
  }

  /**
   * What is no amount stays as it is, so that the reader of products names it; so does one that
   * names another currency, which is never taken as this one.
   */
  private static String amount(String written, String money) {
    if (AmountParser.otherCurrency(written, money).isPresent()) {
      return written;
    }
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
    copy(first, "orderNumber", node);
    copy(first, "orderStatus", node);
    date(first, "orderDate", "orderDate", node);
    if (!text(first, "addressCountry").isEmpty() || !text(first, "addressLocality").isEmpty()) {
      ObjectNode address = node.putObject("customer").putObject("address");
      copy(first, "addressCountry", address);
      copy(first, "addressLocality", address);
    }
    ArrayNode events = json.createArrayNode();
    for (String event : List.of("shipped", "arrived")) {
      if (!text(first, event).isEmpty() && !isEmptied(text(first, event))) {
        date(first, event, "startDate", events.addObject().put("name", event));
      }
    }
    if (!events.isEmpty()) {
      node.putObject("orderDelivery").set("deliveryStatus", events);
    }
    var items = node.putArray("orderedItem");
    for (Map<String, String> row : rows) {
      if (text(row, "sku").isEmpty()) {
        continue;
      }
      ObjectNode item = items.addObject();
      copy(row, "orderQuantity", item);
      copy(row, "orderItemStatus", item);
      String named = text(row, "sku");
      item.putObject("orderedItem").put("sku", skus.find(named).orElse(named));
    }
    return node;
  }
}
