package nodyes.server.catalogue;

import static nodyes.server.messages.Texts.text;
import static nodyes.server.web.JsonLines.text;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.common.Decimals;
import nodyes.core.common.Slug;
import nodyes.core.imports.AmountParser;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.DateParser;
import nodyes.core.imports.InvalidValueException;
import nodyes.core.imports.WrittenDate;
import nodyes.server.catalogue.NewProduct.NewVariant;
import nodyes.server.catalogue.NewProduct.Note;
import nodyes.server.catalogue.NewProduct.Priced;
import nodyes.server.web.JsonLines.BadField;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import tools.jackson.databind.JsonNode;

/** Reads a schema.org ProductGroup with its variants, or a Product that stands alone. */
final class ProductReader {
  /** Where it is carried that there is a price of reference. */
  static final String REFERENCE = "reference";

  private static final List<String> PRODUCT_TERMS =
      List.of("name", "description", "image", "brand", "releaseDate", "category", "keywords");
  private static final List<String> OFFER_TERMS =
      List.of("price", "inventoryLevel", "availabilityStarts", "availability");
  private static final List<String> VARIANT_TERMS = List.of("name", "inventoryLevel");
  private static final List<String> GTIN_TERMS =
      List.of("gtin", "gtin13", "gtin14", "gtin12", "gtin8", "isbn");

  private final ZoneId zone;
  private final Known known;
  private final List<Note> notes = new ArrayList<>();

  /**
   * What the catalogue has already.
   *
   * @param slugs of its products
   * @param slugBySku the product of each variant
   */
  record Known(Set<String> slugs, Map<String, String> slugBySku) {}

  ProductReader(ZoneId zone, Known known) {
    this.zone = zone;
    this.known = known;
  }

  NewProduct read(JsonNode node) {
    notes.clear();
    boolean isBySku = !node.has("productGroupID") && !node.has("productID") && !node.has("name");
    if (isBySku) {
      isOfAKnownSku(node.path("hasVariant").path(0).path("sku").asString(""));
    }
    var variants = new ArrayList<NewVariant>();
    if (node.path("hasVariant").isEmpty() && node.has("offers")) {
      variants.add(variant(node));
    }
    for (JsonNode variant : node.path("hasVariant")) {
      variants.add(variant(variant));
    }
    if (variants.isEmpty()) {
      throw new IllegalArgumentException(text("feeds.noVariants"));
    }
    oneCurrency(variants);
    noSkuTwice(variants);
    String slug = slug(node, variants);
    return new NewProduct(
        slug,
        new NewProduct.Described(
            known.slugs().contains(slug) && !node.has("name") ? "" : text(node, "name"),
            node.path("description").asString(""),
            picture(node.path("image")),
            brand(node.path("brand"))),
        Optional.of(node.path("releaseDate").asString(""))
            .filter(text -> !text.isEmpty())
            .map(this::instant),
        categories(node.path("category")),
        texts(node.path("keywords")),
        variants,
        List.copyOf(notes),
        isBySku,
        carried(node, PRODUCT_TERMS));
  }

  /** By its own id, or by that of a variant that is known. */
  private String slug(JsonNode node, List<NewVariant> variants) {
    String term = node.has("productGroupID") ? "productGroupID" : id(node);
    String bySku = known.slugBySku().get(variants.getFirst().sku());
    if (!node.has(term) && !node.has("name") && bySku != null) {
      return bySku;
    }
    return new Slug(text(node, term)).value();
  }

  private void isOfAKnownSku(String sku) {
    if (!sku.isEmpty() && !known.slugBySku().containsKey(sku)) {
      throw new BadField("sku", sku, text("feeds.skuUnknown"));
    }
  }

  private static Set<String> carried(JsonNode node, List<String> terms) {
    return terms.stream().filter(node::has).collect(Collectors.toSet());
  }

  /** A product that stands alone is named by its own id. */
  private static String id(JsonNode node) {
    return node.has("productID") ? "productID" : "productGroupID";
  }

  private static void oneCurrency(List<NewVariant> variants) {
    List<String> currencies =
        variants.stream()
            .flatMap(variant -> variant.price().stream())
            .map(price -> price.getCurrencyUnit().getCode())
            .distinct()
            .toList();
    if (currencies.size() > 1) {
      throw new BadField("priceCurrency", String.join(", ", currencies), text("feeds.oneCurrency"));
    }
  }

  private static void noSkuTwice(List<NewVariant> variants) {
    var seen = new HashSet<String>();
    for (NewVariant variant : variants) {
      if (!seen.add(variant.sku())) {
        throw new BadField("sku", variant.sku(), text("feeds.sameSku"));
      }
    }
  }

  private static String picture(JsonNode image) {
    JsonNode one = image.isArray() ? image.path(0) : image;
    return one.isObject() ? one.path("url").asString("") : one.asString("");
  }

  private static Optional<String> brand(JsonNode brand) {
    String name = brand.isObject() ? brand.path("name").asString("") : brand.asString("");
    return Optional.of(name.strip()).filter(text -> !text.isEmpty());
  }

  private static List<List<String>> categories(JsonNode node) {
    var categories = new ArrayList<List<String>>();
    for (String path : texts(node)) {
      List<String> titles = List.of(path.split("\\s*>\\s*"));
      var slugs = new HashSet<String>();
      for (String title : titles) {
        String slug = Slug.written(title);
        if (slug.isEmpty()) {
          throw new BadField("category", path, text("feeds.categoryName"));
        }
        if (!slugs.add(slug)) {
          throw new BadField("category", path, text("feeds.categoryInItself"));
        }
      }
      categories.add(titles);
    }
    return categories;
  }

  private NewVariant variant(JsonNode node) {
    JsonNode offer =
        node.path("offers").isArray() ? node.path("offers").path(0) : node.path("offers");
    String sku = text(node, "sku");
    var history = new ArrayList<Priced>();
    Optional<Money> reference = Optional.empty();
    JsonNode given = offer.path("priceSpecification");
    for (JsonNode past : given.isObject() ? List.of(given) : given) {
      Money price = money(past, "price", currency(past, offer));
      if (isReference(past)) {
        reference = Optional.of(price);
      } else {
        history.add(new Priced(instant(text(past, "validFrom")), price));
      }
    }
    boolean unpriced = offer.path("price").isMissingNode() || offer.path("price").isNull();
    boolean isKept = !offer.has("price") && known.slugBySku().containsKey(sku);
    if (unpriced && !isKept) {
      notes.add(new Note("price", sku, text("feeds.noPrice")));
    }
    String availability = offer.path("availability").asString("");
    var carried = new HashSet<>(carried(offer, OFFER_TERMS));
    carried.addAll(carried(node, VARIANT_TERMS));
    if (reference.isPresent() || offer.path("priceSpecification").isNull()) {
      carried.add(REFERENCE);
    }
    return new NewVariant(
        sku,
        isKept(node, sku) ? "" : text(node, "name"),
        gtin(node),
        unpriced
            ? Optional.empty()
            : Optional.of(money(offer, "price", text(offer, "priceCurrency"))),
        reference,
        // schema.org has it of a product and of an offer
        stock(node.has("inventoryLevel") ? node : offer, sku),
        day(offer.path("availabilityStarts").asString("")),
        availability.endsWith("MadeToOrder"),
        history,
        Set.copyOf(carried));
  }

  /** Of any length, under whichever of schema.org's names; what is none is passed over. */
  private static String gtin(JsonNode variant) {
    return GTIN_TERMS.stream()
        .map(term -> ProductNameStore.gtin(variant.path(term).asString("")))
        .filter(gtin -> !gtin.isEmpty())
        .findFirst()
        .orElse("");
  }

  private boolean isKept(JsonNode variant, String sku) {
    return !variant.has("name") && known.slugBySku().containsKey(sku);
  }

  private static String currency(JsonNode past, JsonNode offer) {
    return past.has("priceCurrency") ? text(past, "priceCurrency") : text(offer, "priceCurrency");
  }

  private static boolean isReference(JsonNode price) {
    String type = price.path("priceType").asString("");
    return type.endsWith("ListPrice") || type.endsWith("StrikethroughPrice");
  }

  private Optional<Long> stock(JsonNode node, String sku) {
    JsonNode level = node.path("inventoryLevel");
    JsonNode value = level.isObject() ? level.path("value") : level;
    if (value.isMissingNode() || value.isNull() || value.asString("").isBlank()) {
      return Optional.empty();
    }
    BigDecimal pieces;
    try {
      pieces = Decimals.of(value.asString().strip());
    } catch (NumberFormatException e) {
      throw new BadField("inventoryLevel", value.asString(), text("feeds.stockNotANumber"));
    }
    if (pieces.signum() < 0) {
      notes.add(
          new Note(
              "inventoryLevel", sku + ": " + pieces.toPlainString(), text("feeds.stockBelow0")));
      return Optional.of(0L);
    }
    if (pieces.stripTrailingZeros().scale() > 0) {
      throw new BadField("inventoryLevel", pieces.toPlainString(), text("feeds.stockNotWhole"));
    }
    return Optional.of(pieces.longValueExact());
  }

  private static Money money(JsonNode node, String name, String currency) {
    String given = text(node, name);
    AmountParser.otherCurrency(given, currency)
        .ifPresent(
            sign -> {
              throw new BadField(
                  name, given, text("feeds.otherCurrency", "sign", sign, "currency", currency));
            });
    BigDecimal amount;
    try {
      amount = Decimals.of(given.strip());
    } catch (NumberFormatException e) {
      throw new BadField(name, given, text("feeds.notAnAmount"));
    }
    if (amount.signum() < 0) {
      throw new BadField(name, given, text("feeds.priceBelow0"));
    }
    CurrencyUnit unit = CurrencyUnit.of(currency);
    if (amount.scale() > unit.getDecimalPlaces()) {
      throw new BadField(name, given, text("feeds.tooManyDecimals", "currency", unit.getCode()));
    }
    return Money.of(unit, amount);
  }

  private Instant instant(String text) {
    return date(text).instantIn(zone);
  }

  /** One that may be two days is refused: nothing else of the file is known here. */
  private static WrittenDate date(String text) {
    if (DateOrder.isTwoDays(text)) {
      throw new BadField("", text, text("feeds.dateOfTwoWays"));
    }
    try {
      return DateParser.parse(text, DateOrder.DAY_FIRST);
    } catch (InvalidValueException e) {
      throw new BadField("", text, text(e.reason()));
    }
  }

  private Optional<LocalDate> day(String text) {
    return text.isEmpty() ? Optional.empty() : Optional.of(date(text).dayIn(zone));
  }

  private static List<String> texts(JsonNode node) {
    if (node.isArray()) {
      return node.valueStream().map(JsonNode::asString).map(String::strip).distinct().toList();
    }
    String text = node.asString("").strip();
    return text.isEmpty() ? List.of() : List.of(text);
  }
}
