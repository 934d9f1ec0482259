package nodyes.server.structureddata;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.structureddata.AggregateRatingMarkup;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.publishedreviews.FirstPartyReviews;
import nodyes.server.publishedreviews.PublishedReviews;
import nodyes.server.publishedreviews.StructuredDataPolicy;
import nodyes.server.shop.Shop;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.CrossOrigin;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.ObjectMapper;

/**
 * A product's rating and ways of delivery as JSON-LD: the script puts it into the page, or a shop
 * does so itself.
 */
@RestController
@Tag(name = "embed")
class StructuredApi {
  private static final int REVIEWS = 6;
  private static final MediaType JSON_LD = MediaType.valueOf("application/ld+json");

  private final Catalogue catalogue;
  private final PublishedReviews reviews;
  private final StructuredDataPolicy rule;
  private final ShippingMarkup shipping;
  private final Shop shop;
  private final ObjectMapper json;
  private final RateLimit limit = new RateLimit(300, Duration.ofMinutes(1));

  StructuredApi(
      Catalogue catalogue,
      PublishedReviews reviews,
      StructuredDataPolicy rule,
      ShippingMarkup shipping,
      Shop shop,
      ObjectMapper json) {
    this.catalogue = catalogue;
    this.reviews = reviews;
    this.rule = rule;
    this.shipping = shipping;
    this.shop = shop;
    this.json = json;
  }

  @GetMapping(path = "/embed/v1/structured", produces = "application/ld+json")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @Operation(
      summary =
          "A product's rating and ways of delivery in schema.org's terms; 204 where there is neither")
  ResponseEntity<String> structured(@RequestParam String product, HttpServletRequest request) {
    limit.count(Network.of(request));
    CacheControl cache = CacheControl.maxAge(Duration.ofMinutes(5)).cachePublic();
    return Slug.parse(product)
        .flatMap(this::tree)
        .map(
            tree ->
                ResponseEntity.ok().cacheControl(cache).contentType(JSON_LD).body(written(tree)))
        .orElseGet(() -> ResponseEntity.noContent().cacheControl(cache).build());
  }

  private Optional<Map<String, Object>> tree(Slug slug) {
    CatalogueProduct found = catalogue.find(java.util.List.of(slug)).get(slug);
    if (found == null) {
      return Optional.empty();
    }
    long id = found.id().value();
    FirstPartyReviews own =
        rule.countsBroughtIn()
            ? reviews.withBroughtIn(id, REVIEWS)
            : reviews.firstParty(id, REVIEWS);
    String address =
        shop.settings().origin().orElse("") + shop.settings().productPage(slug.value());
    return shipping.with(
        AggregateRatingMarkup.of(found.title(), address, own.summary(), own.newest()),
        slug,
        found.title(),
        address);
  }

  /** No text in it ends the script element that it is put into (HTML, section 4.12.1.3). */
  private String written(Map<String, Object> tree) {
    return json.writeValueAsString(tree).replace("</", "<\\/").replace("<!--", "<\\u0021--");
  }
}
