package nodyes.server.delivery;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.delivery.ShopClosure;
import nodyes.server.estimates.PublicHolidays;
import nodyes.server.nods.Nods;
import nodyes.server.shop.ShopClock;
import nodyes.server.web.ApiProblem;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Closed days by iCalendar file, and many delivery rules by CSV, in and out. */
@RestController
@Tag(name = "delivery")
@RequestMapping("/api/v1/delivery")
class DeliveryFilesApi {
  private static final int LARGEST = 1 << 20;

  private final Nods nods;
  private final PublicHolidays holidays;
  private final ShopClock clock;

  DeliveryFilesApi(Nods nods, PublicHolidays holidays, ShopClock clock) {
    this.nods = nods;
    this.holidays = holidays;
    this.clock = clock;
  }

  /** What a file brought: how many were added, were there already, or were left out. */
  record FileRead(int added, int known, int leftOut) {}

  @GetMapping(value = "/closures.ics", produces = "text/calendar")
  ResponseEntity<byte[]> closedDays() {
    return file(
        "closed-days.ics", "text/calendar", ClosuresIcs.write(nods.draft().delivery().closed()));
  }

  @PostMapping("/closures")
  FileRead closedDays(@RequestParam MultipartFile file, Authentication who) throws IOException {
    LocalDate today = clock.today();
    ClosuresIcs.Read read = ClosuresIcs.read(bytes(file), today);
    List<ShopClosure> before = nods.draft().delivery().closed();
    List<ShopClosure> added = read.days().stream().filter(day -> !before.contains(day)).toList();
    if (before.size() + added.size() > SettingsReader.MOST_CLOSED) {
      throw ApiProblem.unusable(
          text(
              "delivery.tooManyClosed",
              "most",
              SettingsReader.MOST_CLOSED,
              "added",
              (before.size() + added.size())));
    }
    change(
        "steps.closedFromFile",
        who,
        settings -> settings.closedOn(Stream.concat(settings.closed().stream(), added.stream())));
    return new FileRead(added.size(), read.days().size() - added.size(), read.leftOut());
  }

  @GetMapping(value = "/rules.csv", produces = "text/csv")
  ResponseEntity<byte[]> timings() {
    SettingsView settings = SettingsViews.of(nods.draft().delivery());
    return file("timings.csv", "text/csv", DeliveryRulesCsv.write(settings.layers()));
  }

  @PostMapping("/rules")
  FileRead timings(@RequestParam MultipartFile file, Authentication who) throws IOException {
    String text = new String(bytes(file), StandardCharsets.UTF_8);
    SettingsView before = SettingsViews.of(nods.draft().delivery());
    List<SettingsView.LayerView> layers = DeliveryRulesCsv.merge(before.layers(), text);
    DeliverySettings read =
        SettingsReader.read(
            new SettingsView(
                before.home(),
                layers,
                before.destinations(),
                before.carrier(),
                before.closed(),
                before.returns()),
            holidays);
    change("steps.rulesFromFile", who, settings -> settings.with(read.layers()));
    int added = layers.size() - before.layers().size();
    return new FileRead(added, 0, 0);
  }

  private void change(String key, Authentication who, UnaryOperator<DeliverySettings> change) {
    nods.changeDelivery(() -> text("steps.delivery", "what", text(key)), who.getName(), change);
  }

  private static byte[] bytes(MultipartFile file) throws IOException {
    if (file.getSize() > LARGEST) {
      throw ApiProblem.unusable(text("delivery.fileTooLarge"));
    }
    return file.getBytes();
  }

  private static ResponseEntity<byte[]> file(String name, String type, String text) {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(type + ";charset=utf-8"))
        .header("Content-Disposition", "attachment; filename=\"" + name + "\"")
        .body(text.getBytes(StandardCharsets.UTF_8));
  }
}
