package nodyes.server.storefront;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.server.geo.CountryResolver;
import nodyes.server.pages.ViewpointParser;
import nodyes.server.shop.ShopClock;
import nodyes.server.storefront.CachedResponse.KeptBy;
import nodyes.server.storefront.wire.WirePage;
import nodyes.server.web.Given;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.ServletWebRequest;

/** The public endpoint. It is stable: names and meanings stay, things may be added. */
@RestController
@Tag(name = "embed")
class PageApi {

  private final PublishedPages published;
  private final PreviewPages previews;
  private final ResponseWriter writer;
  private final OwnPages own;
  private final PageRecognition recognition;
  private final CountryResolver where;
  private final ShopClock clock;
  private final RateLimit limit = new RateLimit(600, Duration.ofMinutes(1));

  PageApi(
      PublishedPages published,
      PreviewPages previews,
      ResponseWriter writer,
      OwnPages own,
      PageRecognition recognition,
      CountryResolver where,
      ShopClock clock) {
    this.published = published;
    this.previews = previews;
    this.writer = writer;
    this.own = own;
    this.recognition = recognition;
    this.where = where;
    this.clock = clock;
  }

  /**
   * What is asked for.
   *
   * @param kind what the page says it is; missing where its signs tell
   * @param product slugs parted by commas
   * @param ordered when the order was placed that a confirmation is of
   * @param shop the shop's public key
   */
  record Asked(
      @Nullable String kind,
      @Nullable String product,
      @Nullable String variant,
      @Nullable String ordered,
      @Nullable String lang,
      @Nullable String shop) {}

  /**
   * Where the shopper is.
   *
   * @param country as the shopper chose
   * @param tz the time zone of the shopper's machine
   */
  record From(@Nullable String country, @Nullable String tz) {}

  @GetMapping("/embed/v1/page")
  @Operation(
      summary = "What a page shows",
      description =
          "kind: missing where the page's signs tell what it is. product: slugs parted by commas."
              + " country: as the shopper chose; tz: the time zone of"
              + " the shopper's machine. ordered: when the order was placed that a confirmation is of. at, draft, version, trial and what is withheld need a preview token.")
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(
              mediaType = "application/json",
              schema = @Schema(implementation = WirePage.class)))
  void page(
      @ParameterObject Asked given,
      @ParameterObject SignsAsked signs,
      @ParameterObject From from,
      @ParameterObject PreviewPages.Preview preview,
      ServletWebRequest exchange)
      throws IOException {
    HttpServletRequest request = exchange.getRequest();
    HttpServletResponse response = Objects.requireNonNull(exchange.getResponse());
    // a refusal is read by the script too, from whatever page it is on
    response.setHeader("Access-Control-Allow-Origin", "*");
    limit.count(Network.of(request));
    if (preview.isAsked()) {
      previews.check(preview);
    }
    PageRecognition.Told told = recognition.told(given, signs, preview.isOfDraft());
    Asked asked = told.asked();
    var page = new AskedPage(viewpoint(asked, from, preview, request), told.recognised());
    if (page.isAnyKind()) {
      own.see(page.viewpoint().page(), asked.shop(), request);
    }
    if (preview.isAsked()) {
      writer.write(
          previews.answer(page, preview), request, response, "no-store", page.viewpoint().moment());
    } else {
      KeptBy keptBy = from.country() != null && asked.lang() != null ? KeptBy.ALL : KeptBy.BROWSER;
      writer.write(published.answer(page, asked, keptBy, request), request, response);
    }
  }

  private Viewpoint viewpoint(
      Asked asked, From from, PreviewPages.Preview preview, HttpServletRequest request) {
    Instant now = clock.now();
    String language =
        Optional.ofNullable(asked.lang()).orElseGet(() -> request.getLocale().toLanguageTag());
    // the owner looks as someone in a country, or in none that is known
    Optional<String> country =
        preview.isAsked()
            ? Given.text(from.country())
            : where.find(from.country(), from.tz(), request);
    Viewpoint viewpoint =
        ViewpointParser.of(
            new ViewpointParser.Asked(
                Objects.requireNonNullElse(asked.kind(), ""),
                asked.product(),
                asked.variant(),
                country.orElse(null),
                language),
            ViewpointParser.moment(preview.at(), clock.zone(), now));
    if (preview.isAsked()) {
      return ViewpointParser.orderedThen(viewpoint);
    }
    return viewpoint.page() == PageKind.CONFIRMATION
        ? viewpoint.ordered(ViewpointParser.ordered(asked.ordered(), now))
        : viewpoint;
  }
}
