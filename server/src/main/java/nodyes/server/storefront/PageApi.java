package nodyes.server.storefront;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.server.geo.CountryResolver;
import nodyes.server.nods.NodLayout;
import nodyes.server.nods.Nods;
import nodyes.server.pages.PreviewTokens;
import nodyes.server.pages.ScriptDetections;
import nodyes.server.pages.ViewpointParser;
import nodyes.server.shop.Shop;
import nodyes.server.storefront.wire.WirePage;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Given;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The public endpoint. It is stable: names and meanings stay, things may be added. */
@RestController
@Tag(name = "embed")
class PageApi {

  private final PageResponses answers;
  private final PageResponseCache cache;
  private final ResponseWriter writer;
  private final PreviewTokens tokens;
  private final Nods nods;
  private final ScriptDetections sightings;
  private final Shop shop;
  private final CountryResolver where;
  private final Clock clock;
  private final RateLimit limit = new RateLimit(600, Duration.ofMinutes(1));

  PageApi(
      PageResponses answers,
      PageResponseCache cache,
      ResponseWriter writer,
      PreviewTokens tokens,
      Nods nods,
      ScriptDetections sightings,
      Shop shop,
      CountryResolver where,
      Clock clock) {
    this.answers = answers;
    this.cache = cache;
    this.writer = writer;
    this.tokens = tokens;
    this.nods = nods;
    this.sightings = sightings;
    this.shop = shop;
    this.where = where;
    this.clock = clock;
  }

  @GetMapping("/embed/v1/page")
  @Operation(
      summary = "What a page shows",
      description =
          "product: slugs parted by commas. country: as the shopper chose; tz: the time zone of"
              + " the shopper's machine. ordered: when the order was placed that a confirmation is of. at, draft, version, trial and what is withheld need a preview token.")
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(
              mediaType = "application/json",
              schema = @Schema(implementation = WirePage.class)))
  void page(
      @RequestParam String kind,
      @RequestParam(required = false) @Nullable String product,
      @RequestParam(required = false) @Nullable String variant,
      @RequestParam(required = false) @Nullable String country,
      @RequestParam(required = false) @Nullable String tz,
      @RequestParam(required = false) @Nullable String ordered,
      @RequestParam(required = false) @Nullable String lang,
      @RequestParam(name = "shop", required = false) @Nullable String key,
      @RequestParam(required = false) @Nullable String at,
      @RequestParam(defaultValue = "false") boolean draft,
      @RequestParam(required = false) @Nullable Integer version,
      @RequestParam(required = false) @Nullable String trial,
      @RequestParam(required = false) @Nullable String preview,
      HttpServletRequest request,
      HttpServletResponse response)
      throws IOException {
    // a refusal is read by the script too, from whatever page it is on
    response.setHeader("Access-Control-Allow-Origin", "*");
    limit.count(Network.of(request));
    Instant now = clock.instant();
    boolean previews = at != null || draft || version != null || preview != null;
    if (previews && (preview == null || !tokens.isValid(preview))) {
      throw new ApiProblem(HttpStatus.FORBIDDEN, text("preview.expired"));
    }
    String language = lang != null ? lang : request.getLocale().toLanguageTag();
    // the owner looks as someone in a country, or in none that is known
    Optional<String> from = previews ? Given.text(country) : where.find(country, tz, request);
    Viewpoint asked =
        ViewpointParser.of(
            new ViewpointParser.Asked(kind, product, variant, from.orElse(null), language),
            ViewpointParser.moment(at, shop.settings().zone(), now));
    Viewpoint viewpoint =
        previews
            ? ViewpointParser.orderedThen(asked)
            : asked.page() == PageKind.CONFIRMATION
                ? asked.ordered(ViewpointParser.ordered(ordered, now))
                : asked;
    boolean isOwnPage =
        shop.settings().origin().equals(Optional.ofNullable(request.getHeader("Origin")));
    if (isOwnPage && shop.settings().publicKey().equals(key)) {
      sightings.see(viewpoint.page());
    }
    if (previews) {
      writer.write(
          answers.preview(viewpoint, looked(viewpoint, draft, version, trial)),
          request,
          response,
          "no-store",
          viewpoint.moment());
      return;
    }
    writer.write(published(viewpoint, key, country, lang, request), request, response);
  }

  private NodLayout looked(
      Viewpoint viewpoint, boolean draft, @Nullable Integer version, @Nullable String trial) {
    if (trial != null) {
      return nods.trial(trial, viewpoint.page());
    }
    return version != null ? nods.version(version) : draft ? nods.draft() : nods.published();
  }

  private CachedResponse published(
      Viewpoint viewpoint,
      @Nullable String key,
      @Nullable String country,
      @Nullable String lang,
      HttpServletRequest request) {
    if (key != null && !key.equals(shop.settings().publicKey())) {
      return answers.empty(viewpoint);
    }
    boolean isPublic = country != null && lang != null;
    String address = PageResponseCache.address(request, where);
    // without a language in the address the answer depends on a header, so it is not kept by it
    return lang == null || address == null
        ? answers.published(viewpoint, false)
        : cache.fill(address, () -> answers.published(viewpoint, isPublic));
  }
}
