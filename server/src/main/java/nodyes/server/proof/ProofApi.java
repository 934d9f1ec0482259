package nodyes.server.proof;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.List;
import nodyes.core.presence.ViewWindow;
import nodyes.server.nods.Nods;
import nodyes.server.pages.AllFacts;
import nodyes.server.presence.Presence;
import nodyes.server.presence.ShownNumber;
import nodyes.server.shop.Shop;
import nodyes.server.web.PageOf;
import nodyes.server.web.Refusal;
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
@RequestMapping("/api/v1/proof")
class ProofApi {
  private static final int MOST_LINES = 50_000;

  private final Nods nods;
  private final AllFacts facts;
  private final Presence presence;
  private final Shop shop;
  private final PublishedDoubts doubts;
  private final Clock clock;

  ProofApi(
      Nods nods,
      AllFacts facts,
      Presence presence,
      Shop shop,
      PublishedDoubts doubts,
      Clock clock) {
    this.nods = nods;
    this.facts = facts;
    this.presence = presence;
    this.shop = shop;
    this.doubts = doubts;
    this.clock = clock;
  }

  /** What may be held against what shoppers get now. */
  record DoubtsView(int nods, int products, List<DoubtOfNod> doubts) {}

  @GetMapping("/doubts")
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
      ViewWindow window,
      long number,
      long counted,
      long times) {}

  /** The numbers of a day of the shop. */
  record ShownOfDay(LocalDate day, String zone, PageOf<ShownView> numbers) {}

  @GetMapping("/shown")
  ShownOfDay shown(
      @RequestParam(required = false) @Nullable String day,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    LocalDate wanted = day(day);
    PageOf<ShownNumber> found = find(wanted, PageOf.page(page), PageOf.size(size));
    return new ShownOfDay(
        wanted,
        zone().getId(),
        new PageOf<>(
            found.items().stream().map(this::view).toList(),
            found.page(),
            found.size(),
            found.total()));
  }

  @GetMapping(value = "/shown.csv", produces = "text/csv")
  ResponseEntity<byte[]> file(@RequestParam(required = false) @Nullable String day)
      throws IOException {
    LocalDate wanted = day(day);
    var text = new StringWriter();
    var file = new ShownFile(text);
    for (ShownNumber one : find(wanted, 1, MOST_LINES).items()) {
      file.write(LocalTime.ofInstant(one.hour(), zone()), one);
    }
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("shown-" + wanted + ".csv").build().toString())
        .body(text.toString().getBytes(StandardCharsets.UTF_8));
  }

  private PageOf<ShownNumber> find(LocalDate day, int page, int size) {
    return presence.shown(start(day), start(day.plusDays(1)), page, size);
  }

  private Instant start(LocalDate day) {
    return day.atStartOfDay(zone()).toInstant();
  }

  private ZoneId zone() {
    return shop.settings().zone();
  }

  private LocalDate day(@Nullable String text) {
    if (text == null || text.isBlank()) {
      return LocalDate.ofInstant(clock.instant(), zone());
    }
    try {
      return LocalDate.parse(text);
    } catch (DateTimeParseException e) {
      throw Refusal.value("day", "is a day such as 2026-11-26");
    }
  }

  private ShownView view(ShownNumber one) {
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
