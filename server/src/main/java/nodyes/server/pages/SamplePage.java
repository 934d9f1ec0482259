package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import java.util.Base64;
import java.util.Collection;
import java.util.stream.Collectors;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Spot;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.CatalogueProduct;
import nodyes.server.geo.TimeZoneCountries;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Sha256;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.HtmlUtils;

/**
 * A plain page with every standard spot, to look at nods on where the shop's own page cannot be
 * framed: it carries the same script.
 */
@Controller
class SamplePage {
  private static final String STYLE =
      "body{margin:0 auto;max-width:960px;padding:24px;font:16px/1.5 Georgia,serif;color:#222;"
          + "background:#fff}main{display:grid;grid-template-columns:minmax(0,1fr) minmax(0,1fr);"
          + "gap:32px}.picture{aspect-ratio:1;background:#e9e6df}.wide{grid-column:1/-1}"
          + "@media(max-width:640px){main{grid-template-columns:minmax(0,1fr)}}";

  /** Its one style sheet is let in by its hash (CSP Level 3, section 2.3.1). */
  private static final String STYLE_HASH = "sha256-" + hash(STYLE);

  private final Catalogue catalogue;
  private final Shop shop;

  SamplePage(Catalogue catalogue, Shop shop) {
    this.catalogue = catalogue;
    this.shop = shop;
  }

  @GetMapping("/embed/neutral/{kind}")
  ResponseEntity<String> page(
      @PathVariable String kind,
      @RequestParam(defaultValue = "") String product,
      @RequestParam(required = false) @Nullable String only) {
    PageKind page =
        PageKind.parse(kind).orElseThrow(() -> ApiProblem.notFound(text("preview.noSuchPage")));
    var products = catalogue.find(ViewpointParser.slugs(product));
    String body =
        switch (page) {
          case PRODUCT ->
              products.values().stream().map(one -> one(one, only)).collect(Collectors.joining());
          case BASKET -> lines(products.values()) + wide("basket-end");
          case CONFIRMATION -> lines(products.values()) + wide("order-end");
          case LISTING, HOME ->
              products.values().stream().map(SamplePage::card).collect(Collectors.joining());
        };
    String html =
        """
        <!doctype html><html lang="%s"><meta charset="utf-8">\
        <meta name="viewport" content="width=device-width"><link rel="icon" href="data:,"><title>A neutral page</title>\
        <style>%s</style><body data-nod-page="%s"%s><main>%s</main>\
        <script src="/nodyes.js" data-shop="%s" async></script></body></html>
        """
            .formatted(
                english(),
                STYLE,
                page.wireName(),
                only == null ? "" : " data-nod-bare",
                body,
                HtmlUtils.htmlEscape(shop.settings().publicKey()));
    return ResponseEntity.ok()
        .contentType(MediaType.TEXT_HTML)
        .cacheControl(CacheControl.noStore())
        .header("X-Frame-Options", "SAMEORIGIN")
        .header(
            "Content-Security-Policy",
            "default-src 'none'; script-src 'self'; connect-src 'self'; style-src '"
                + STYLE_HASH
                + "'; font-src 'self'; img-src 'self' data:; frame-ancestors 'self';"
                + " base-uri 'none'; form-action 'none'")
        .body(html);
  }

  private static String wide(String spot) {
    return "<div class=\"wide\">" + named(spot) + "</div>";
  }

  /**
   * English with the month first where the shop is in the United States, else with the day first.
   * English of other lands (CLDR has 'en-PT') writes 4,5 for 4.5.
   */
  private String english() {
    return TimeZoneCountries.of(shop.settings().zone().getId()).filter("US"::equals).isPresent()
        ? "en-US"
        : "en-GB";
  }

  /** Every standard spot in its order, or one alone. */
  private static String one(CatalogueProduct product, @Nullable String only) {
    if (only != null) {
      return "<div class=\"wide\" data-nod-product=\"%s\">%s</div>"
          .formatted(
              product.slug().value(),
              Spot.STANDARD.stream()
                  .filter(spot -> spot.name().equals(only))
                  .map(SamplePage::spot)
                  .findFirst()
                  .orElse(""));
    }
    return """
        <section data-nod-product="%s" class="wide"><main><div><div class="picture">%s</div>%s</div>\
        <div>%s<h1>%s</h1>%s<p>%s</p>%s%s<p><button disabled>Add to basket</button></p>%s</div>\
        <div class="wide">%s%s</div></main></section>"""
        .formatted(
            product.slug().value(),
            named("on-picture"),
            named("under-picture"),
            named("above-title"),
            HtmlUtils.htmlEscape(product.title()),
            named("under-title"),
            price(product),
            named("under-price"),
            named("above-buy"),
            named("under-buy"),
            named("under-description"),
            named("page-end"));
  }

  private static String lines(Collection<CatalogueProduct> products) {
    return products.stream().map(SamplePage::line).collect(Collectors.joining());
  }

  private static String line(CatalogueProduct product) {
    return "<section class=\"wide\" data-nod-product=\"%s\"><h2>%s</h2>%s</section>"
        .formatted(
            product.slug().value(), HtmlUtils.htmlEscape(product.title()), named("basket-line"));
  }

  private static String card(CatalogueProduct product) {
    return "<section data-nod-product=\"%s\"><div class=\"picture\">%s</div><h2>%s</h2>%s<p>%s</p></section>"
        .formatted(
            product.slug().value(),
            named("on-picture"),
            HtmlUtils.htmlEscape(product.title()),
            named("listing-card"),
            price(product));
  }

  private static String price(CatalogueProduct product) {
    return product.variants().values().stream()
        .flatMap(variant -> variant.price().stream())
        .min(org.joda.money.Money::compareTo)
        .map(org.joda.money.Money::toString)
        .orElse("");
  }

  private static String named(String spot) {
    return spot(new Spot(spot));
  }

  private static String spot(Spot spot) {
    return "<div data-nod-spot=\"" + spot.name() + "\"></div>";
  }

  private static String hash(String text) {
    return Base64.getEncoder().encodeToString(Sha256.of(text));
  }
}
