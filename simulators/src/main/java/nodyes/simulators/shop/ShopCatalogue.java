package nodyes.simulators.shop;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** What the shop sells, read from its own catalogue file. */
final class ShopCatalogue {
  private static final ZoneId SHOP_ZONE = ZoneId.of("Europe/Lisbon");

  /** A variant with the price it has when the file was written, and those that it will have. */
  record Variant(
      String sku,
      String title,
      BigDecimal written,
      BigDecimal usual,
      NavigableMap<Instant, BigDecimal> prices,
      Optional<Long> stock,
      InstantSource clock) {
    BigDecimal price() {
      var newest = prices.floorEntry(clock.instant());
      return newest == null ? written : newest.getValue();
    }

    boolean reduced() {
      return price().compareTo(usual) < 0;
    }

    boolean soldOut() {
      return stock.map(count -> count == 0).orElse(false);
    }
  }

  record Product(
      String slug, String title, String description, Category category, List<Variant> variants) {
    /** The named one; else what a shop would show first: of what there is, what is reduced. */
    Variant variant(Optional<String> sku) {
      return variants.stream()
          .filter(variant -> sku.map(variant.sku()::equals).orElse(!variant.soldOut()))
          .min(Comparator.comparing(variant -> !variant.reduced()))
          .orElse(variants.getFirst());
    }
  }

  record Category(String slug, String title) {}

  private final Map<String, Product> products = new LinkedHashMap<>();
  private final Map<String, Category> categories = new LinkedHashMap<>();

  private final InstantSource clock;

  ShopCatalogue(Path catalogue, InstantSource clock) throws IOException {
    this.clock = clock;
    var json = new ObjectMapper();
    for (String line : Files.readAllLines(catalogue)) {
      add(json.readTree(line));
    }
  }

  private void add(JsonNode node) {
    String title = node.path("category").asString();
    String slug = title.toLowerCase(Locale.ROOT).replace(' ', '-');
    Category category = categories.computeIfAbsent(slug, _ -> new Category(slug, title));
    var variants = new ArrayList<Variant>();
    for (JsonNode variant : node.path("hasVariant")) {
      JsonNode offer = variant.path("offers");
      JsonNode stock = variant.path("inventoryLevel").path("value");
      variants.add(
          new Variant(
              variant.path("sku").asString(),
              variant.path("name").asString(),
              new BigDecimal(offer.path("price").asString()),
              new BigDecimal(offer.path("priceSpecification").path(0).path("price").asString()),
              prices(offer.path("priceSpecification")),
              stock.isNumber() ? Optional.of(stock.asLong()) : Optional.empty(),
              clock));
    }
    String name = node.path("productGroupID").asString();
    products.put(
        name,
        new Product(
            name,
            node.path("name").asString(),
            node.path("description").asString(),
            category,
            List.copyOf(variants)));
  }

  private static NavigableMap<Instant, BigDecimal> prices(JsonNode specifications) {
    var prices = new TreeMap<Instant, BigDecimal>();
    for (JsonNode one : specifications) {
      String from = one.path("validFrom").asString("");
      if (!from.isEmpty()) {
        Instant instant =
            from.length() > 10
                ? Instant.parse(from)
                : LocalDate.parse(from).atStartOfDay(SHOP_ZONE).toInstant();
        prices.put(instant, new BigDecimal(one.path("price").asString()));
      }
    }
    return prices;
  }

  Optional<Product> product(String slug) {
    return Optional.ofNullable(products.get(slug));
  }

  Optional<Category> category(String slug) {
    return Optional.ofNullable(categories.get(slug));
  }

  List<Category> categories() {
    return List.copyOf(categories.values());
  }

  List<Product> in(Category category) {
    return products.values().stream()
        .filter(product -> product.category().equals(category))
        .toList();
  }

  List<Product> named(List<String> slugs) {
    return slugs.stream().flatMap(slug -> product(slug).stream()).toList();
  }

  /** The product that sells a variant. */
  Optional<Product> selling(String sku) {
    return products.values().stream()
        .filter(product -> product.variants().stream().anyMatch(v -> v.sku().equals(sku)))
        .findFirst();
  }
}
