package nodyes.server.storefront;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.recognition.Identifier;
import nodyes.core.recognition.RecognisedPage;
import nodyes.core.recognition.ShownAddress;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.connection.SeenPage;
import nodyes.server.connection.SeenPages;
import nodyes.server.shop.Shop;
import nodyes.server.visitors.BotDetector;
import nodyes.server.web.Given;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.CrossOrigin;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** Where pages report what they are, so that the owner sees what they are known for. */
@RestController
@Tag(name = "embed")
class SeenApi {
  private static final int LONGEST = 20_000;
  private static final int MOST_CARDS = 1_000;
  private static final int MOST_SPOTS = 20;

  /** As browsers say it (RFC 3986): what is not of these characters is percent-encoded. */
  private static final Pattern PATH = Pattern.compile("/[!-~]*");

  private static final Pattern SPOT = Pattern.compile("[a-z0-9-]{1,40}");

  private final SeenPages seen;
  private final PageRecognition recognition;
  private final Catalogue catalogue;
  private final Shop shop;
  private final ObjectMapper json;
  private final RateLimit limit = new RateLimit(300, Duration.ofMinutes(1));

  SeenApi(
      SeenPages seen,
      PageRecognition recognition,
      Catalogue catalogue,
      Shop shop,
      ObjectMapper json) {
    this.seen = seen;
    this.recognition = recognition;
    this.catalogue = catalogue;
    this.shop = shop;
    this.json = json;
  }

  /**
   * That a page is seen.
   *
   * @param shop the key in the line of script
   * @param at the page's path
   * @param kind what it says that it is; missing where its signs tell
   * @param products the products that it marks, in page order
   * @param signs what it says of itself, where it has no marks
   * @param lacking spots of nods that would show and found no place
   */
  record SeenReport(
      @Nullable String shop,
      @Nullable String at,
      @Nullable String kind,
      @Nullable List<String> products,
      @Nullable SignsAsked signs,
      @Nullable List<String> lacking) {}

  /** Read as text, so that a browser asks no leave before each report. */
  @PostMapping(
      path = "/embed/v1/seen",
      consumes = {MediaType.TEXT_PLAIN_VALUE, MediaType.APPLICATION_JSON_VALUE})
  @CrossOrigin(origins = "*", maxAge = 3600)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(
      summary = "Reports that a page is seen, and what it says of itself",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content =
                  @Content(
                      mediaType = "text/plain",
                      schema = @Schema(implementation = SeenReport.class))))
  void see(@RequestBody String body, HttpServletRequest request) {
    limit.count(Network.of(request));
    if (body.length() <= LONGEST && isFromTheShop(request)) {
      read(body)
          .filter(report -> shop.settings().publicKey().equals(report.shop()))
          .flatMap(this::page)
          .ifPresent(seen::see);
    }
  }

  private boolean isFromTheShop(HttpServletRequest request) {
    return shop.settings().origin().equals(Optional.ofNullable(request.getHeader("Origin")))
        && !BotDetector.isNamed(request.getHeader("User-Agent"));
  }

  /** Nobody reads an answer, so what is no report is passed over. */
  private Optional<SeenReport> read(String body) {
    try {
      return Optional.ofNullable(json.readValue(body, SeenReport.class));
    } catch (JacksonException e) {
      return Optional.empty();
    }
  }

  private Optional<SeenPage> page(SeenReport report) {
    SignsAsked signs = report.signs();
    // its signs say the same, with what of the query matters
    Optional<String> path =
        path(signs == null ? null : signs.address()).or(() -> path(report.at()));
    Optional<PageKind> kind = Given.text(report.kind()).flatMap(PageKind::parse);
    if (kind.isPresent()) {
      return path.map(at -> marked(at, kind.get(), report));
    }
    return signs == null ? Optional.empty() : path.map(at -> recognised(at, signs, report));
  }

  private static Optional<String> path(@Nullable String text) {
    return Given.text(text).filter(one -> PATH.matcher(one).matches());
  }

  private SeenPage marked(String path, PageKind kind, SeenReport report) {
    List<String> named =
        Optional.ofNullable(report.products()).orElse(List.of()).stream()
            .limit(MOST_CARDS)
            .toList();
    List<Slug> slugs = named.stream().flatMap(name -> Slug.parse(name).stream()).toList();
    Set<Slug> known = catalogue.find(slugs).keySet();
    boolean isProduct = kind == PageKind.PRODUCT;
    Optional<String> first = isProduct ? named.stream().findFirst() : Optional.empty();
    Optional<Slug> product = first.flatMap(Slug::parse).filter(known::contains);
    int cards = named.size() - (first.isPresent() ? 1 : 0);
    return new SeenPage(
        ShownAddress.of(path, kind),
        new SeenPage.What(
            isProduct && product.isEmpty() ? Optional.empty() : Optional.of(kind),
            product,
            Optional.of(RecognisedPage.Sign.MARKS),
            first.flatMap(Identifier::parse),
            isProduct && product.isEmpty()
                ? Optional.of(RecognisedPage.Doubt.UNKNOWN_PRODUCT)
                : Optional.empty()),
        cards,
        known.size() - (product.isPresent() ? 1 : 0),
        lacking(report));
  }

  private SeenPage recognised(String path, SignsAsked signs, SeenReport report) {
    RecognisedPage page = recognition.recognise(signs);
    return new SeenPage(
        page.kind().map(kind -> ShownAddress.of(path, kind)).orElseGet(() -> ShownAddress.of(path)),
        new SeenPage.What(page.kind(), page.product(), page.by(), page.named(), page.doubt()),
        page.kind().isPresent() ? signs.signs().cards().size() : 0,
        page.cards().size(),
        lacking(report));
  }

  private static List<String> lacking(SeenReport report) {
    return Optional.ofNullable(report.lacking()).orElse(List.of()).stream()
        .filter(spot -> spot != null && SPOT.matcher(spot).matches())
        .distinct()
        .limit(MOST_SPOTS)
        .toList();
  }
}
