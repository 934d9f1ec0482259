package nodyes.server.feeds;

import tools.jackson.databind.JsonNode;

/** What products of a file come to. */
final class ProductTally {
  private long products;
  private long variants;
  private long recommended;
  private long earlier;
  private long stocked;
  private long soldOut;
  private long pictures;

  void add(JsonNode product) {
    products++;
    JsonNode image = product.path("image");
    boolean hasPicture = image.isContainer() ? !image.isEmpty() : !image.asString("").isBlank();
    pictures += hasPicture ? 1 : 0;
    if (product.path("hasVariant").isEmpty()) {
      addVariant(product);
    }
    product.path("hasVariant").forEach(this::addVariant);
  }

  private void addVariant(JsonNode variant) {
    variants++;
    JsonNode offers = variant.path("offers");
    JsonNode offer = offers.isArray() ? offers.path(0) : offers;
    JsonNode prices = offer.path("priceSpecification");
    String type = (prices.isArray() ? prices.path(0) : prices).path("priceType").asString("");
    recommended += type.endsWith("ListPrice") ? 1 : 0;
    earlier += type.endsWith("StrikethroughPrice") ? 1 : 0;
    JsonNode level =
        variant.has("inventoryLevel")
            ? variant.path("inventoryLevel")
            : offer.path("inventoryLevel");
    String pieces = (level.isObject() ? level.path("value") : level).asString("").strip();
    if (!pieces.isEmpty()) {
      stocked++;
      soldOut += pieces.matches("0+([.,]0+)?") ? 1 : 0;
    }
  }

  long products() {
    return products;
  }

  long variants() {
    return variants;
  }

  /** Variants with a price that their maker recommends. */
  long recommended() {
    return recommended;
  }

  /** Variants with an earlier price of the shop's own. */
  long earlier() {
    return earlier;
  }

  /** Variants whose stock is said. */
  long stocked() {
    return stocked;
  }

  /** Variants with a stock of none. */
  long soldOut() {
    return soldOut;
  }

  /** Products with a picture. */
  long pictures() {
    return pictures;
  }
}
