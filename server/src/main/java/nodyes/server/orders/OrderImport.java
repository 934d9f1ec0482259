package nodyes.server.orders;

import static nodyes.server.web.JsonLines.text;

import java.io.BufferedReader;
import java.io.IOException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.server.web.JsonLines;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Reads orders of JSON Lines, each a schema.org Order: orderNumber, orderDate, orderStatus,
 * customer.address.addressCountry, orderedItem with orderQuantity and orderedItem.sku.
 */
@Component
public class OrderImport {
  private static final int CHUNK = 500;

  private final OrderStore store;
  private final JsonLines json;

  OrderImport(OrderStore store, JsonLines json) {
    this.store = store;
    this.json = json;
  }

  record NewOrder(
      String number,
      Instant placedAt,
      Optional<String> country,
      boolean cancelled,
      List<Line> lines) {}

  record Line(String sku, long quantity, long returned) {}

  /** Takes the good lines; an order that is here already is replaced. */
  public JsonLines.Result read(BufferedReader lines) throws IOException {
    Map<String, Long> variants = store.variants();
    var chunk = new ArrayList<NewOrder>();
    var result =
        json.read(
            lines,
            node -> order(node, variants),
            order -> {
              chunk.add(order);
              if (chunk.size() == CHUNK) {
                store.save(chunk, variants);
                chunk.clear();
              }
            });
    store.save(chunk, variants);
    return result;
  }

  private static NewOrder order(JsonNode node, Map<String, Long> variants) {
    var lines = new ArrayList<Line>();
    for (JsonNode item : node.path("orderedItem")) {
      String sku = text(item.path("orderedItem"), "sku");
      if (!variants.containsKey(sku)) {
        throw new IllegalArgumentException("no product has the SKU " + sku);
      }
      long quantity = item.path("orderQuantity").asLong(1);
      boolean returned = item.path("orderItemStatus").asString("").endsWith("OrderReturned");
      if (quantity < 1) {
        throw new IllegalArgumentException("an orderQuantity is at least 1");
      }
      lines.add(new Line(sku, quantity, returned ? quantity : 0));
    }
    if (lines.isEmpty()) {
      throw new IllegalArgumentException("has no orderedItem");
    }
    String country = node.path("customer").path("address").path("addressCountry").asString("");
    return new NewOrder(
        text(node, "orderNumber"),
        OffsetDateTime.parse(text(node, "orderDate")).toInstant(),
        country.isEmpty() ? Optional.empty() : Optional.of(country),
        node.path("orderStatus").asString("").endsWith("OrderCancelled"),
        lines);
  }
}
