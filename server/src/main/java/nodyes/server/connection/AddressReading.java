package nodyes.server.connection;

import static nodyes.server.messages.Texts.text;

import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nodyes.core.common.Slug;
import nodyes.core.recognition.AddressPattern;
import nodyes.core.recognition.AddressReader;
import nodyes.core.recognition.LinkReader;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.catalogue.CategoryLine;
import nodyes.server.catalogue.ProductNameStore;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.shop.Shop;
import nodyes.server.shop.ShopSettings;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads the address of one product, and tries what it learned on others. */
@Component
class AddressReading {
  /** So many others are opened: a shop is no place for a test of its patience. */
  private static final int TRIED = 5;

  private final OutboundHttp fetch;
  private final Shop shop;
  private final Catalogue catalogue;
  private final ProductNameStore names;

  AddressReading(OutboundHttp fetch, Shop shop, Catalogue catalogue, ProductNameStore names) {
    this.fetch = fetch;
    this.shop = shop;
    this.catalogue = catalogue;
    this.names = names;
  }

  /** A piece of the address, and what it is for. */
  record ReadPart(AddressReader.Role role, String text) {}

  /**
   * Another product's page.
   *
   * @param failure why it cannot be had; null where it opened
   */
  record TriedPage(String path, String title, @Nullable String failure) {}

  /**
   * What was learned.
   *
   * @param origin the shop's part of the address
   * @param parts the rest, piece by piece
   * @param productPath how products are addressed
   * @param listingPath how categories are, as links on the page say; null where none leads to one
   * @param basketPath where the basket is; null where no link leads to it
   * @param others how many other products there are
   * @param tried some of them
   * @param failure why the page itself could not be had; null where it opened
   */
  record ReadAddress(
      String origin,
      List<ReadPart> parts,
      String product,
      String title,
      String productPath,
      @Nullable String listingPath,
      @Nullable String basketPath,
      long others,
      List<TriedPage> tried,
      @Nullable String failure) {}

  ReadAddress read(String given) {
    URI address = whole(given);
    String origin = address.getScheme() + "://" + address.getAuthority();
    String path =
        Optional.ofNullable(address.getRawPath()).filter(one -> !one.isEmpty()).orElse("/")
            + Optional.ofNullable(address.getRawQuery()).map(query -> "?" + query).orElse("");
    Set<String> categories =
        catalogue.categories(1, PagedResult.LARGEST).items().stream()
            .map(CategoryLine::slug)
            .collect(Collectors.toSet());
    AddressReader.Reading reading =
        AddressReader.read(path, names, categories::contains)
            .orElseThrow(
                () ->
                    ApiProblem.value(
                        "address",
                        text(
                            catalogue.isEmpty()
                                ? "connection.noProductsYet"
                                : "connection.namesNoProduct")));
    Slug product = reading.product();
    String failure = null;
    List<String> links = List.of();
    try {
      links = links(address);
    } catch (ApiProblem e) {
      failure = String.valueOf(e.getMessage());
    }
    return new ReadAddress(
        origin,
        reading.parts().stream().map(part -> new ReadPart(part.role(), part.text())).toList(),
        product.value(),
        title(product),
        knownAs(origin, path, reading).orElseGet(() -> reading.pattern().template()),
        LinkReader.listing(links, categories::contains).map(AddressPattern::template).orElse(null),
        LinkReader.basket(links).map(AddressPattern::template).orElse(null),
        catalogue.list("", 1, 1).total() - 1,
        failure == null ? tried(origin, reading) : List.of(),
        failure);
  }

  /** The pattern that reads the address so already, which may say more than the example did. */
  private Optional<String> knownAs(String origin, String path, AddressReader.Reading reading) {
    ShopSettings settings = shop.settings();
    Optional<String> named =
        AddressPattern.parse(settings.productPath())
            .flatMap(pattern -> pattern.match(path))
            .flatMap(AddressPattern.Match::product);
    boolean isSame =
        settings.address().equals(origin)
            && named.equals(reading.pattern().match(path).flatMap(AddressPattern.Match::product));
    return isSame ? Optional.of(settings.productPath()) : Optional.empty();
  }

  private String title(Slug product) {
    CatalogueProduct found = catalogue.find(List.of(product)).get(product);
    return found == null ? product.value() : found.title();
  }

  private URI whole(String given) {
    String text = given.strip();
    if (text.isEmpty()) {
      throw ApiProblem.value("address", text("addressCheck.enter"));
    }
    if (text.startsWith("/")) {
      text = shop.settings().address() + text;
    }
    try {
      return URI.create(OutboundHttp.address(text));
    } catch (ApiProblem e) {
      throw ApiProblem.value("address", String.valueOf(e.getMessage()));
    }
  }

  /** Paths of the page's links that stay in the shop. */
  private List<String> links(URI address) {
    Document html =
        Jsoup.parse(
            fetch.get(address.toString(), OutboundHttp.Limits.PAGE).text(), address.toString());
    var paths = new ArrayList<String>();
    for (var link : html.select("a[href]")) {
      String to = link.attr("abs:href");
      String origin = address.getScheme() + "://" + address.getAuthority();
      if (to.startsWith(origin + "/")) {
        paths.add(to.substring(origin.length()));
      }
    }
    return paths;
  }

  private List<TriedPage> tried(String origin, AddressReader.Reading reading) {
    String name =
        reading.parts().stream()
            .filter(part -> part.role() == AddressReader.Role.PRODUCT)
            .map(AddressReader.Part::text)
            .findFirst()
            .orElse("");
    Slug product = reading.product();
    boolean isBySlug = name.equalsIgnoreCase(product.value());
    boolean isBySku = catalogue.variants(product.value()).contains(name);
    if (reading.pattern().template().contains("{any}") || !(isBySlug || isBySku)) {
      return List.of(); // what else stands in their addresses is not known here
    }
    Map<Slug, String> others =
        catalogue.list("", 1, TRIED + 1).items().stream()
            .filter(one -> !one.slug().equals(product.value()))
            .limit(TRIED)
            .collect(
                Collectors.toMap(
                    one -> new Slug(one.slug()),
                    one -> one.title(),
                    (one, _) -> one,
                    java.util.LinkedHashMap::new));
    var tried = new ArrayList<TriedPage>();
    others.forEach(
        (slug, title) -> {
          Optional<String> called =
              isBySlug
                  ? Optional.of(slug.value())
                  : catalogue.variants(slug.value()).stream().findFirst();
          called
              .map(reading.pattern()::of)
              .ifPresent(path -> tried.add(new TriedPage(path, title, failure(origin + path))));
        });
    return tried;
  }

  private @Nullable String failure(String address) {
    try {
      fetch.get(address, OutboundHttp.Limits.PAGE);
      return null;
    } catch (ApiProblem e) {
      return String.valueOf(e.getMessage());
    }
  }
}
