package nodyes.server.evidence;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.List;
import nodyes.core.visitors.TimeWindow;
import nodyes.server.nods.Nods;
import nodyes.server.pages.CatalogueFactsCache;
import nodyes.server.shop.ShopClock;
import nodyes.server.visitors.ShownVisitorCount;
import nodyes.server.visitors.VisitorCounts;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "proof")
@RequestMapping("/api/v1/evidence")
class ProofApi {
  private static final int MOST_LINES = 50_000;

  private final Nods nods;
  private final CatalogueFactsCache facts;
  private final VisitorCounts presence;
  private final PublishedClaimRisks doubts;
  private final ShopClock clock;

  ProofApi(
      Nods nods,
      CatalogueFactsCache facts,
      VisitorCounts presence,
      PublishedClaimRisks doubts,
      ShopClock clock) {
    this.nods = nods;
    this.facts = facts;
    this.presence = presence;
    this.doubts = doubts;
    this.clock = clock;
  }

  /** What may be held against what shoppers get now. */
  record DoubtsView(int nods, int products, List<NodClaimRisk> doubts) {}

  @GetMapping("/claims")
  DoubtsView doubts() {
    return new DoubtsView(
        nods.published().nods().size(), facts.get().products().size(), doubts.now());
  }

  /**
   * A number that shoppers were shown.
   *
   * @param hour as the shop's clock shows it
   */
  record ShownView(
      String hour,
      String product,
      String title,
      TimeWindow window,
      long number,
      long counted,
      long times) {}

  /** The numbers of a day of the shop. */
  record ShownOfDay(LocalDate day, String zone, PagedResult<ShownView> numbers) {}

  @GetMapping("/visitor-counts")
  ShownOfDay shown(
      @RequestParam(required = false) @Nullable String day,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    LocalDate wanted = day(day);
    PagedResult<ShownVisitorCount> found =
        find(wanted, PagedResult.page(page), PagedResult.size(size));
    return new ShownOfDay(
        wanted,
        zone().getId(),
        new PagedResult<>(
            found.items().stream().map(this::view).toList(),
            found.page(),
            found.size(),
            found.total()));
  }

  @GetMapping(value = "/visitor-counts.csv", produces = "text/csv")
  ResponseEntity<byte[]> file(@RequestParam(required = false) @Nullable String day)
      throws IOException {
    LocalDate wanted = day(day);
    var text = new StringWriter();
    var file = new ShownCountsCsv(text);
    for (ShownVisitorCount one : find(wanted, 1, MOST_LINES).items()) {
      file.write(LocalTime.ofInstant(one.hour(), zone()), one);
    }
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("shown-" + wanted + ".csv").build().toString())
        .body(text.toString().getBytes(StandardCharsets.UTF_8));
  }

  private PagedResult<ShownVisitorCount> find(LocalDate day, int page, int size) {
    return presence.shown(start(day), start(day.plusDays(1)), page, size);
  }

  private Instant start(LocalDate day) {
    return day.atStartOfDay(zone()).toInstant();
  }

  private ZoneId zone() {
    return clock.zone();
  }

  private LocalDate day(@Nullable String text) {
    if (text == null || text.isBlank()) {
      return clock.today();
    }
    try {
      return LocalDate.parse(text);
    } catch (DateTimeParseException e) {
      throw ApiProblem.value("day", text("evidence.notADay"));
    }
  }

  private ShownView view(ShownVisitorCount one) {
    return new ShownView(
        LocalTime.ofInstant(one.hour(), zone()).toString(),
        one.product(),
        one.title(),
        one.window(),
        one.number(),
        one.counted(),
        one.times());
  }
}
