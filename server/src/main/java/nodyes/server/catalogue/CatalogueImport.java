package nodyes.server.catalogue;

import static nodyes.server.web.JsonLines.text;

import java.io.BufferedReader;
import java.io.IOException;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.server.shop.Shop;
import nodyes.server.web.JsonLines;
import org.joda.money.Money;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Reads a catalogue of JSON Lines, each a schema.org ProductGroup with its variants (Product with
 * sku, offers, inventoryLevel). A price's history is the offer's priceSpecification with validFrom.
 */
@Component
public class CatalogueImport {
  private final CatalogueWriter writer;
  private final JsonLines json;
  private final Shop shop;
  private final ApplicationEventPublisher events;

  CatalogueImport(
      CatalogueWriter writer, JsonLines json, Shop shop, ApplicationEventPublisher events) {
    this.writer = writer;
    this.json = json;
    this.shop = shop;
    this.events = events;
  }

  record NewProduct(
      String slug,
      String title,
      String description,
      String picture,
      Optional<Instant> firstPublished,
      List<List<String>> categories,
      List<String> tags,
      List<NewVariant> variants) {}

  record NewVariant(
      String sku,
      String title,
      Optional<Money> price,
      Optional<Long> stock,
      List<Priced> history) {}

  record Priced(Instant from, Money price) {}

  /** Takes the good lines; products that are here already are brought up to date. */
  public JsonLines.Result read(BufferedReader lines) throws IOException {
    var products = new ArrayList<NewProduct>();
    var result = json.read(lines, this::product, products::add);
    writer.save(products);
    events.publishEvent(new CatalogueChanged());
    return result;
  }

  private NewProduct product(JsonNode node) {
    var variants = new ArrayList<NewVariant>();
    for (JsonNode variant : node.path("hasVariant")) {
      variants.add(variant(variant));
    }
    if (variants.isEmpty()) {
      throw new IllegalArgumentException("has no hasVariant");
    }
    var categories = new ArrayList<List<String>>();
    for (String path : texts(node.path("category"))) {
      categories.add(List.of(path.split("\\s*>\\s*")));
    }
    return new NewProduct(
        new Slug(text(node, "productGroupID")).value(),
        text(node, "name"),
        node.path("description").asString(""),
        node.path("image").asString(""),
        Optional.of(node.path("releaseDate").asString(""))
            .filter(s -> !s.isEmpty())
            .map(this::instant),
        categories,
        texts(node.path("keywords")),
        variants);
  }

  private NewVariant variant(JsonNode node) {
    JsonNode offer = node.path("offers");
    var history = new ArrayList<Priced>();
    for (JsonNode past : offer.path("priceSpecification")) {
      history.add(
          new Priced(instant(text(past, "validFrom")), money(past, text(offer, "priceCurrency"))));
    }
    JsonNode stock = node.path("inventoryLevel").path("value");
    return new NewVariant(
        text(node, "sku"),
        text(node, "name"),
        offer.path("price").isMissingNode()
            ? Optional.empty()
            : Optional.of(money(offer, text(offer, "priceCurrency"))),
        stock.isNumber() ? Optional.of(stock.asLong()) : Optional.empty(),
        history);
  }

  private static Money money(JsonNode node, String currency) {
    var amount = new BigDecimal(text(node, "price"));
    return Money.of(org.joda.money.CurrencyUnit.of(currency), amount);
  }

  private Instant instant(String text) {
    ZoneId zone = shop.settings().zone();
    return text.length() == 10
        ? LocalDate.parse(text).atStartOfDay(zone).toInstant()
        : OffsetDateTime.parse(text).toInstant();
  }

  private static List<String> texts(JsonNode node) {
    if (node.isArray()) {
      return node.valueStream().map(JsonNode::asString).toList();
    }
    return node.isString() ? List.of(node.asString()) : List.of();
  }

  static String slugOf(String title) {
    String plain =
        java.text.Normalizer.normalize(title, java.text.Normalizer.Form.NFD)
            .replaceAll("\\p{M}", "")
            .toLowerCase(Locale.ROOT)
            .replaceAll("[^\\p{L}\\p{N}]+", "-");
    return plain.replaceAll("^-|-$", "");
  }
}
