package nodyes.demo;

import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.demo.DemoReviews.Written;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes the demo shop's data: catalogue and orders as JSON Lines in schema.org terms, reviews as
 * CSV. Days are laid relative to the day of writing; the same instant gives the same bytes.
 */
public final class DemoFiles {
  /** The demo shop's zone. */
  public static final ZoneId ZONE = ZoneId.of("Europe/Lisbon");

  /** The catalogue. */
  public static final String CATALOGUE = "catalogue.jsonl";

  /** The orders. */
  public static final String ORDERS = "orders.jsonl";

  /** Reviews from the shop's own records, with order numbers. */
  public static final String SHOP_REVIEWS = "shop-reviews.csv";

  /** Reviews from a market stall's form: Portuguese headings, semicolons, ratings of 10. */
  public static final String STALL_REVIEWS = "stall-reviews.csv";

  /** The newest reviews, which nobody has looked at yet. */
  public static final String NEW_REVIEWS = "new-reviews.csv";

  /** A file to try bringing in with: good rows, and some that cannot be taken. */
  public static final String TRY_ME = "try-bringing-this-in.csv";

  private static final long SEED = 1889;
  private static final int WAITING = 14;

  /** When the autumn price of one of them ends: at the end of the next day. */
  private static final Map<String, Integer> BACK_TO_USUAL = Map.of("PL-CEL-24", 2);

  /** Prices that fell lately: SKU to what it costs now and since how many days. */
  private static final Map<String, Drop> DROPS =
      Map.of(
          "PL-CEL-24", new Drop("25.00", 4),
          "PL-OAT-60", new Drop("27.00", 12),
          "WA-MOS-5", new Drop("36.00", 2),
          "GL-CLI-1", new Drop("21.50", 7),
          "BU-TUL-50", new Drop("19.00", 1));

  /** Where orders go, by country. */
  private static final Map<String, List<String>> TOWNS =
      Map.of(
          "PT", List.of("Lisboa", "Porto", "Coimbra"),
          "DE", List.of("Hamburg", "Leipzig"),
          "ES", List.of("Vigo", "Sevilla"),
          "FR", List.of("Lyon", "Nantes"),
          "GB", List.of("Leeds", "Bristol"));

  /** What comes again, in so many days. */
  private static final Map<String, Integer> BACK =
      Map.of("WA-BRA-1", 47, "BU-DAH-3", 103, "BU-DAH-6", 103);

  private record Drop(String price, int daysAgo) {}

  private final ObjectMapper json = new ObjectMapper();
  private final Path folder;
  private final Instant now;
  private final LocalDate today;

  private DemoFiles(Path folder, Instant now) {
    this.folder = folder;
    this.now = now;
    this.today = LocalDate.ofInstant(now, ZONE);
  }

  /** Writes all files into the folder. */
  public static void write(Path folder, Instant now) throws IOException {
    Files.createDirectories(folder);
    new DemoFiles(folder, now).write();
  }

  private void write() throws IOException {
    List<DemoProduct> products = DemoTexts.products();
    var chance = new SeededRandom(SEED);
    var orders = new DemoOrders(chance, ZONE);
    orders.fill(products, today);
    List<Written> reviews = new DemoReviews(chance, orders, today).of(products);
    writeCatalogue(products);
    writeOrders(orders.orders());
    var bought = reviews.stream().filter(review -> review.order() != null).toList();
    var elsewhere = reviews.stream().filter(review -> review.order() == null).toList();
    writeReviews(SHOP_REVIEWS, bought.subList(0, bought.size() - WAITING));
    writeReviews(NEW_REVIEWS, bought.subList(bought.size() - WAITING, bought.size()));
    writeStallReviews(elsewhere, chance);
    writeTryMe();
  }

  private void writeCatalogue(List<DemoProduct> products) throws IOException {
    var lines = new ArrayList<String>();
    for (DemoProduct product : products) {
      ObjectNode node = json.createObjectNode();
      node.put("@context", "https://schema.org");
      node.put("@type", "ProductGroup");
      node.put("productGroupID", product.slug());
      node.put("name", product.title());
      node.put("description", product.description());
      node.put("brand", product.tags().contains("hand-glazed") ? "Quillwort Studio" : "Quillwort");
      node.put("category", product.category());
      node.put("image", "/pictures/" + product.slug() + ".svg");
      node.put("releaseDate", today.minusDays(product.daysInShop()).toString());
      var keywords = node.putArray("keywords");
      product.tags().forEach(keywords::add);
      var variants = node.putArray("hasVariant");
      for (DemoProduct.Variant variant : product.variants()) {
        variants.add(variant(product, variant));
      }
      lines.add(json.writeValueAsString(node));
    }
    write(CATALOGUE, lines);
  }

  private ObjectNode variant(DemoProduct product, DemoProduct.Variant variant) {
    Optional<Drop> drop = Optional.ofNullable(DROPS.get(variant.sku()));
    ObjectNode node = json.createObjectNode();
    node.put("@type", "Product");
    node.put("sku", variant.sku());
    node.put("name", variant.title());
    variant
        .stock()
        .ifPresent(
            stock ->
                node.putObject("inventoryLevel")
                    .put("@type", "QuantitativeValue")
                    .put("value", stock));
    ObjectNode offer = node.putObject("offers");
    offer.put("@type", "Offer");
    if (product.tags().contains("made-to-order")) {
      offer.put("availability", "https://schema.org/MadeToOrder");
    }
    if (BACK.containsKey(variant.sku())) {
      offer.put("availabilityStarts", today.plusDays(BACK.get(variant.sku())).toString());
    }
    offer.put("priceCurrency", "EUR");
    offer.put("price", drop.map(Drop::price).orElse(variant.price().toPlainString()));
    var history = offer.putArray("priceSpecification");
    history
        .addObject()
        .put("@type", "UnitPriceSpecification")
        .put("price", variant.price().toPlainString())
        .put("validFrom", today.minusDays(product.daysInShop()).toString());
    drop.ifPresent(
        fell ->
            history
                .addObject()
                .put("@type", "UnitPriceSpecification")
                .put("price", fell.price())
                .put("validFrom", today.minusDays(fell.daysAgo()).toString()));
    Optional.ofNullable(BACK_TO_USUAL.get(variant.sku()))
        .ifPresent(
            days ->
                history
                    .addObject()
                    .put("@type", "UnitPriceSpecification")
                    .put("price", variant.price().toPlainString())
                    .put("validFrom", today.plusDays(days).toString()));
    return node;
  }

  private void writeOrders(List<DemoOrders.Order> orders) throws IOException {
    var lines = new ArrayList<String>();
    var parcels = new DemoParcels(new SeededRandom(SEED + 1), today);
    for (DemoOrders.Order order : orders) {
      if (order.placed().isAfter(now)) {
        continue;
      }
      ObjectNode node = json.createObjectNode();
      node.put("@context", "https://schema.org");
      node.put("@type", "Order");
      node.put("orderNumber", order.number());
      node.put("orderDate", order.placed().toString());
      node.put(
          "orderStatus",
          "https://schema.org/" + (order.cancelled() ? "OrderCancelled" : "OrderDelivered"));
      ObjectNode address = node.putObject("customer").putObject("address");
      address.put("addressCountry", order.country());
      List<String> towns = TOWNS.getOrDefault(order.country(), List.of());
      if (!towns.isEmpty()) {
        int any = Math.floorMod(order.number().hashCode(), towns.size());
        address.put("addressLocality", towns.get(any));
      }
      if (!order.cancelled()) {
        putParcel(node, parcels.of(LocalDate.ofInstant(order.placed(), ZONE), order.country()));
      }
      var items = node.putArray("orderedItem");
      for (DemoOrders.Line line : order.lines()) {
        ObjectNode item = items.addObject();
        item.put("orderQuantity", line.quantity());
        item.putObject("orderedItem").put("sku", line.sku());
        if (line.returned()) {
          item.put("orderItemStatus", "https://schema.org/OrderReturned");
        }
      }
      lines.add(json.writeValueAsString(node));
    }
    write(ORDERS, lines);
  }

  private static void putParcel(ObjectNode order, DemoParcels.Parcel parcel) {
    if (parcel.shipped().isPresent()) {
      ObjectNode delivery = order.putObject("orderDelivery");
      delivery.put("@type", "ParcelDelivery");
      var events = delivery.putArray("deliveryStatus");
      putEvent(events.addObject(), "shipped", parcel.shipped().get());
      parcel.arrived().ifPresent(day -> putEvent(events.addObject(), "arrived", day));
    }
  }

  private static void putEvent(ObjectNode event, String name, LocalDate day) {
    event.put("@type", "DeliveryEvent");
    event.put("name", name);
    event.put("startDate", day.toString());
  }

  private void writeReviews(String name, List<Written> reviews) throws IOException {
    try (Writer out = Files.newBufferedWriter(folder.resolve(name), StandardCharsets.UTF_8);
        var csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(
          "Product",
          "Variant",
          "Rating",
          "Title",
          "Words",
          "Reviewer",
          "Country",
          "Language",
          "Date",
          "Order");
      for (Written review : reviews) {
        csv.printRecord(
            review.product(),
            review.variant(),
            review.stars(),
            review.title(),
            review.words(),
            review.reviewer(),
            review.country(),
            review.language(),
            review.day(),
            review.order());
      }
    }
  }

  private void writeStallReviews(List<Written> reviews, SeededRandom chance) throws IOException {
    var format = CSVFormat.RFC4180.builder().setDelimiter(';').get();
    try (Writer out =
            Files.newBufferedWriter(folder.resolve(STALL_REVIEWS), StandardCharsets.UTF_8);
        var csv = new CSVPrinter(out, format)) {
      csv.printRecord(
          "Produto", "Nota", "Título", "Comentário", "Nome", "País", "Idioma", "Data", "ID");
      int id = 3000;
      for (Written review : reviews) {
        int ofTen = Math.max(1, review.stars() * 2 - (chance.in(0.35) ? 1 : 0));
        csv.printRecord(
            review.product(),
            ofTen,
            review.title(),
            review.words(),
            review.reviewer(),
            review.country(),
            review.language(),
            review.day(),
            "S" + id++);
      }
    }
  }

  private void writeTryMe() throws IOException {
    LocalDate day = today.minusDays(3);
    write(
        TRY_ME,
        List.of(
            "Product,Rating,Title,Words,Reviewer,Country,Date",
            "seedling-can,5,\"Thin as a pencil lead\",\"Pours a thread of water, even when full.\",Asta N.,DE,"
                + day,
            "seedling-can,4,,\"Lovely to use; I wish it held a little more.\",Bram,FR,"
                + day.minusDays(1),
            "PL-CEL-24,5,\"Steady\",\"Two storms on the balcony, and it has not moved.\",Carys L.,GB,"
                + day,
            "celadon-planter,7,,\"Seven out of five!\",Dag,DE," + day,
            "celadon-planter,4,,\"The glaze is softer than in the picture.\",Eluned,GB,31.02."
                + today.getYear(),
            "blue-teapot,5,,\"Keeps tea hot for an hour.\",Fenna,DE," + day,
            "slate-pot,3,,\"Heavy, which I knew, and darker than I thought.\",Gil R.,PT,"
                + day.minusDays(2)));
  }

  private void write(String name, List<String> lines) throws IOException {
    Files.writeString(
        folder.resolve(name), String.join("\n", lines) + "\n", StandardCharsets.UTF_8);
  }
}
