package nodyes.server.orders;

import java.io.IOException;
import java.time.LocalDate;
import java.util.Map;
import java.util.TreeMap;
import nodyes.server.export.ExportArchive;
import nodyes.server.export.ExportContributor;
import nodyes.server.orders.OrderExportStore.Outgoing;
import nodyes.server.orders.OrderExportStore.OutgoingLine;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Orders as they come in: a schema.org Order to a line. */
@Component
class OrderExport implements ExportContributor {
  private static final int AT_ONCE = 1000;
  private static final String STATUS = "https://schema.org/";

  private final OrderExportStore store;
  private final ObjectMapper json;

  OrderExport(OrderExportStore store, ObjectMapper json) {
    this.store = store;
    this.json = json;
  }

  @Override
  public void pack(ExportArchive into) throws IOException {
    into.lines(
        "orders.jsonl",
        id -> store.after(id, AT_ONCE),
        one -> one.order().id(),
        one -> json.writeValueAsString(order(one)));
  }

  private ObjectNode order(Outgoing one) {
    var order = one.order();
    ObjectNode node = json.createObjectNode();
    node.put("@context", "https://schema.org");
    node.put("@type", "Order");
    node.put("orderNumber", order.number());
    node.put("orderDate", order.placedAt().toString());
    if (order.isCancelled()) {
      node.put("orderStatus", STATUS + "OrderCancelled");
    }
    customer(one, node);
    var events = new TreeMap<String, LocalDate>();
    if (order.shippedOn() != null) {
      events.put("shipped", order.shippedOn());
    }
    if (order.arrivedOn() != null) {
      events.put("arrived", order.arrivedOn());
    }
    if (!events.isEmpty()) {
      ArrayNode all =
          node.putObject("orderDelivery").put("@type", "ParcelDelivery").putArray("deliveryStatus");
      for (Map.Entry<String, LocalDate> event : events.entrySet()) {
        all.addObject()
            .put("@type", "DeliveryEvent")
            .put("name", event.getKey())
            .put("startDate", event.getValue().toString());
      }
    }
    ArrayNode items = node.putArray("orderedItem");
    for (OutgoingLine line : one.lines()) {
      item(items, line, line.quantity() - line.returned(), false);
      item(items, line, line.returned(), true);
    }
    return node;
  }

  private static void customer(Outgoing one, ObjectNode node) {
    var order = one.order();
    if (order.country() == null && order.town() == null && order.firstName() == null) {
      return;
    }
    ObjectNode customer = node.putObject("customer");
    customer.put("@type", "Person");
    if (order.firstName() != null) {
      customer.put("givenName", order.firstName());
      // it is kept of those alone who let the shop tell it
      customer
          .putObject("additionalProperty")
          .put("@type", "PropertyValue")
          .put("name", OrderImport.CONSENT)
          .put("value", true);
    }
    if (order.country() != null || order.town() != null) {
      ObjectNode address = customer.putObject("address");
      address.put("@type", "PostalAddress");
      if (order.country() != null) {
        address.put("addressCountry", order.country());
      }
      if (order.town() != null) {
        address.put("addressLocality", order.town());
      }
    }
  }

  /** What came back of a line is an item of its own. */
  private static void item(ArrayNode items, OutgoingLine line, long pieces, boolean cameBack) {
    if (pieces <= 0) {
      return;
    }
    ObjectNode item = items.addObject();
    item.put("@type", "OrderItem");
    item.put("orderQuantity", pieces);
    if (cameBack) {
      item.put("orderItemStatus", STATUS + "OrderReturned");
    }
    item.putObject("orderedItem").put("@type", "Product").put("sku", line.sku());
  }
}
