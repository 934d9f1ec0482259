package nodyes.server.delivery;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import nodyes.core.delivery.ClosedDays;
import nodyes.core.delivery.DeliverySettings;
import nodyes.server.nods.Nods;
import nodyes.server.shop.Shop;
import nodyes.server.timing.PublicHolidays;
import nodyes.server.web.Refusal;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Closed days by iCalendar file, and many timings by CSV, in and out. */
@RestController
@Tag(name = "delivery")
@RequestMapping("/api/v1/delivery")
class FilesApi {
  private static final int LARGEST = 1 << 20;

  private final Nods nods;
  private final PublicHolidays holidays;
  private final Shop shop;
  private final Clock clock;

  FilesApi(Nods nods, PublicHolidays holidays, Shop shop, Clock clock) {
    this.nods = nods;
    this.holidays = holidays;
    this.shop = shop;
    this.clock = clock;
  }

  /** What a file brought: how many were added, were there already, or were left out. */
  record FileRead(int added, int known, int leftOut) {}

  @GetMapping(value = "/closed-days.ics", produces = "text/calendar")
  ResponseEntity<byte[]> closedDays() {
    return file(
        "closed-days.ics", "text/calendar", ClosedFile.write(nods.draft().delivery().closed()));
  }

  @PostMapping("/closed-days")
  FileRead closedDays(@RequestParam MultipartFile file, Authentication who) throws IOException {
    LocalDate today = LocalDate.ofInstant(clock.instant(), shop.settings().zone());
    ClosedFile.Read read = ClosedFile.read(bytes(file), today);
    List<ClosedDays> before = nods.draft().delivery().closed();
    List<ClosedDays> added = read.days().stream().filter(day -> !before.contains(day)).toList();
    if (before.size() + added.size() > SettingsReader.MOST_CLOSED) {
      throw Refusal.unusable(
          "A shop has at most "
              + SettingsReader.MOST_CLOSED
              + " closed days or holidays of its own; with this file it would have "
              + (before.size() + added.size())
              + ".");
    }
    change(
        "closed days from a file",
        who,
        settings -> settings.closedOn(Stream.concat(settings.closed().stream(), added.stream())));
    return new FileRead(added.size(), read.days().size() - added.size(), read.leftOut());
  }

  @GetMapping(value = "/timings.csv", produces = "text/csv")
  ResponseEntity<byte[]> timings() {
    SettingsView settings = SettingsViews.of(nods.draft().delivery());
    return file("timings.csv", "text/csv", LayersFile.write(settings.layers()));
  }

  @PostMapping("/timings")
  FileRead timings(@RequestParam MultipartFile file, Authentication who) throws IOException {
    String text = new String(bytes(file), StandardCharsets.UTF_8);
    SettingsView before = SettingsViews.of(nods.draft().delivery());
    List<SettingsView.LayerView> layers = LayersFile.merge(before.layers(), text);
    DeliverySettings read =
        SettingsReader.read(
            new SettingsView(
                before.home(), layers, before.destinations(), before.carrier(), before.closed()),
            holidays);
    change("timings from a file", who, settings -> settings.with(read.layers()));
    int added = layers.size() - before.layers().size();
    return new FileRead(added, 0, 0);
  }

  private void change(String words, Authentication who, UnaryOperator<DeliverySettings> change) {
    nods.changeDelivery("Delivery: " + words, who.getName(), change);
  }

  private static byte[] bytes(MultipartFile file) throws IOException {
    if (file.getSize() > LARGEST) {
      throw Refusal.unusable("A file is at most 1 MB.");
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
