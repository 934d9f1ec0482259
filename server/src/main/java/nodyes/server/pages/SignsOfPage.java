package nodyes.server.pages;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import nodyes.core.recognition.Identifier;
import nodyes.core.recognition.LearnedPages;
import nodyes.core.recognition.PageSigns;
import nodyes.core.recognition.ShopAddresses;
import org.jsoup.nodes.Document;
import tools.jackson.databind.JsonNode;

/** What a page says of itself, read from its source as the script reads it from the page. */
final class SignsOfPage {
  private static final Set<String> GTIN =
      Set.of("gtin", "gtin8", "gtin12", "gtin13", "gtin14", "isbn");

  private final Document html;

  private SignsOfPage(Document html) {
    this.html = html;
  }

  static PageSigns of(
      Document html, String address, ShopAddresses addresses, LearnedPages learned) {
    List<Identifier> cards =
        new CardsOfPage(html, addresses, learned)
            .cards().stream().flatMap(Set::stream).distinct().toList();
    return new SignsOfPage(html).signs(address, cards);
  }

  private PageSigns signs(String address, List<Identifier> cards) {
    return new PageSigns(
        path(address),
        attribute("link[rel~=(?i)\\bcanonical\\b][href]", "abs:href").flatMap(SignsOfPage::path),
        PageProducts.named(html).stream().map(this::product).toList(),
        attribute("meta[property=og:url]", "content").flatMap(SignsOfPage::path),
        attribute("meta[property=og:type]", "content")
            .filter(type -> type.startsWith("product"))
            .flatMap(_ -> attribute("meta[property=og:title]", "content")),
        attribute("meta[name=nod-product]", "content").flatMap(Identifier::parse),
        cards);
  }

  private Optional<String> attribute(String selector, String name) {
    return Optional.ofNullable(html.selectFirst(selector))
        .map(element -> element.attr(name))
        .filter(value -> !value.isBlank());
  }

  /** Path and query of an address; nothing where it is none. */
  static Optional<String> path(String address) {
    try {
      URI uri = new URI(address);
      String path = Optional.ofNullable(uri.getRawPath()).filter(one -> !one.isEmpty()).orElse("/");
      return Optional.of(uri.getRawQuery() == null ? path : path + "?" + uri.getRawQuery());
    } catch (URISyntaxException e) {
      return Optional.empty();
    }
  }

  private PageSigns.DataProduct product(JsonNode tree) {
    var names = new ArrayList<Identifier>();
    add(tree, true, names);
    Stream.of("hasVariant", "offers", "isVariantOf")
        .flatMap(term -> each(tree.path(term)))
        .forEach(part -> add(part, false, names));
    return new PageSigns.DataProduct(
        names, Optional.of(tree.path("url").asString("")).flatMap(SignsOfPage::said));
  }

  private static Optional<String> said(String address) {
    return address.isEmpty() ? Optional.empty() : path(address);
  }

  private static Stream<JsonNode> each(JsonNode node) {
    return node.isArray() ? node.valueStream() : Stream.of(node);
  }

  /** A variant's name is no product's. */
  private static void add(JsonNode part, boolean isWhole, List<Identifier> names) {
    for (var one : part.properties()) {
      Optional<Identifier.Type> type =
          switch (one.getKey()) {
            case "sku" -> Optional.of(Identifier.Type.SKU);
            case "productID", "productGroupID", "inProductGroupWithID" ->
                Optional.of(Identifier.Type.PRODUCT_ID);
            case "name" -> isWhole ? Optional.of(Identifier.Type.TITLE) : Optional.empty();
            default ->
                GTIN.contains(one.getKey()) ? Optional.of(Identifier.Type.GTIN) : Optional.empty();
          };
      type.flatMap(known -> Identifier.of(known, one.getValue().asString("")))
          .ifPresent(names::add);
    }
  }
}
