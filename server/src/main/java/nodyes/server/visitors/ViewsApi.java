package nodyes.server.visitors;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import nodyes.core.common.Slug;
import nodyes.core.visitors.TimeWindow;
import nodyes.server.ServerSettings;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.shop.Shop;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.CrossOrigin;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** Where pages report that they are seen, and hear how many look; open to all, without sign-in. */
@RestController
@Tag(name = "embed")
class ViewsApi {
  private static final Pattern VISIT = Pattern.compile("[0-9a-f]{32}");
  private static final int MOST_ASKED = 100;
  private static final int LONGEST = 20_000;

  private final VisitorCounts presence;
  private final AskedNumbers numbers;
  private final Catalogue catalogue;
  private final Shop shop;
  private final ObjectMapper json;
  private final Clock clock;
  private final RateLimit limit;

  ViewsApi(
      VisitorCounts presence,
      AskedNumbers numbers,
      Catalogue catalogue,
      Shop shop,
      ObjectMapper json,
      Clock clock,
      ServerSettings settings) {
    this.presence = presence;
    this.numbers = numbers;
    this.catalogue = catalogue;
    this.shop = shop;
    this.json = json;
    this.clock = clock;
    this.limit = new RateLimit(settings.viewsPerMinute(), Duration.ofMinutes(1));
  }

  /** A number that a page wants to show. */
  record NumberAsked(String product, TimeWindow window, int quietUnder) {}

  /**
   * That a page is seen.
   *
   * @param visit a random number of the visit, kept by the browser until it ends
   * @param viewed the product that is looked at; missing where the page is not one of a product, or
   *     is only looked at by the owner
   * @param asked the numbers that the page wants to show
   * @param byOwner whether the owner looks at it
   */
  record ViewReport(
      String visit,
      @Nullable String viewed,
      @Nullable List<NumberAsked> asked,
      @Nullable Boolean byOwner) {}

  /** A number to be shown; missing where it is silent. */
  record ViewNumber(String product, TimeWindow window, long number) {}

  /** The numbers to be shown. */
  record ViewNumbers(List<ViewNumber> numbers) {}

  /** Read as text, so that a browser asks no leave before each report. */
  @PostMapping(
      path = "/embed/v1/views",
      consumes = {MediaType.TEXT_PLAIN_VALUE, MediaType.APPLICATION_JSON_VALUE})
  @CrossOrigin(origins = "*", maxAge = 3600)
  @Operation(
      summary = "Reports that a page is seen, and tells how many look",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content =
                  @Content(
                      mediaType = "text/plain",
                      schema = @Schema(implementation = ViewReport.class))))
  ViewNumbers see(@RequestBody String body, HttpServletRequest request) {
    limit.count(Network.of(request));
    ViewReport report = read(body);
    Instant now = clock.instant();
    boolean counts =
        isFromTheShop(request)
            && !Boolean.TRUE.equals(report.byOwner())
            && !BotDetector.isNamed(request.getHeader("User-Agent"));
    boolean byOwner = Boolean.TRUE.equals(report.byOwner());
    if (report.viewed() != null && counts) {
      id(report.viewed()).ifPresent(id -> presence.saw(id, visitor(report.visit()), now));
    }
    List<NumberAsked> asked = Optional.ofNullable(report.asked()).orElse(List.of());
    return new ViewNumbers(
        asked.stream()
            .filter(one -> isShown(one, byOwner))
            .flatMap(
                one ->
                    id(one.product()).stream()
                        .map(
                            id ->
                                counts
                                    ? presence.show(id, one.window(), one.quietUnder(), now)
                                    : presence.look(id, one.window(), one.quietUnder(), now))
                        .filter(number -> number > 0)
                        .map(number -> new ViewNumber(one.product(), one.window(), number)))
            .toList());
  }

  /** Neither over which time nor from how many on is the caller's to say. */
  private boolean isShown(NumberAsked one, boolean byOwner) {
    return numbers.isPublished(one.window(), one.quietUnder())
        || (byOwner && numbers.isDrafted(one.window(), one.quietUnder()));
  }

  private ViewReport read(String body) {
    if (body.length() > LONGEST) {
      throw new ApiProblem(HttpStatus.CONTENT_TOO_LARGE, text("presence.reportTooLong"));
    }
    ViewReport report;
    try {
      report = json.readValue(body, ViewReport.class);
    } catch (JacksonException e) {
      throw new ApiProblem(HttpStatus.BAD_REQUEST, text("presence.notAReport"));
    }
    if (report == null || report.visit() == null || !VISIT.matcher(report.visit()).matches()) {
      throw ApiProblem.value("visit", text("presence.visitorForm"));
    }
    if (report.asked() != null) {
      checkAsked(report.asked());
    }
    return report;
  }

  @SuppressWarnings("ConstantValue") // JSON holds null where the types say that nothing is
  private static void checkAsked(List<NumberAsked> asked) {
    if (asked.size() > MOST_ASKED) {
      throw ApiProblem.value("asked", text("presence.entries"));
    }
    for (NumberAsked one : asked) {
      if (one == null || one.product() == null || one.window() == null) {
        throw ApiProblem.value("asked", text("presence.entryForm"));
      }
    }
  }

  /** What other pages report is not counted: their visitors are not the shop's. */
  private boolean isFromTheShop(HttpServletRequest request) {
    return shop.settings().origin().equals(Optional.ofNullable(request.getHeader("Origin")));
  }

  /** Both halves of the number count: whoever makes it may vary either. */
  private static long visitor(String visit) {
    long first = Long.parseUnsignedLong(visit, 0, 16, 16);
    long second = Long.parseUnsignedLong(visit, 16, 32, 16);
    return first ^ Long.rotateLeft(second, 32);
  }

  private Optional<Long> id(String slug) {
    return Slug.parse(slug).flatMap(catalogue::id);
  }
}
