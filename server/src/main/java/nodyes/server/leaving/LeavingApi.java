package nodyes.server.leaving;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import nodyes.server.ServerSettings;
import nodyes.server.shop.Shop;
import nodyes.server.web.OnceFile;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The way out: all of the shop's in one file, and where the rest lies. */
@RestController
@Tag(name = "leaving")
@RequestMapping("/api/v1/leaving")
class LeavingApi {
  private static final String READ_ME =
      """
      All that Nod Yes kept for your shop, in open formats.

      reviews.csv          every review in whatever state, for spreadsheets (RFC 4180, UTF-8)
      reviews.jsonld       the same in schema.org terms
      pictures/            pictures of reviews, as the files above name them
      evidence/            pictures of originals that only you saw
      pages/               your nods, spots, looks and timings: the draft, and what is published
      timings.csv          whose timing wins, by shop, category, tag and product
      closed-days.ics      your own closed days (RFC 5545)
      shown-numbers.csv    which visitor counts shoppers were shown, beside what was counted

      Products, prices, stock and orders are your shop's own and stay there.
      In the shop's pages there is one script line, and marks whose names begin with data-nod.
      """;

  private final List<Belongings> belongings;
  private final Shop shop;
  private final Clock clock;
  private final Path data;

  LeavingApi(List<Belongings> belongings, Shop shop, Clock clock, ServerSettings settings) {
    this.belongings = List.copyOf(belongings);
    this.shop = shop;
    this.clock = clock;
    this.data = settings.data();
  }

  /**
   * What stays on this machine.
   *
   * @param folder where all that is stored lies
   */
  record Left(String folder) {}

  @GetMapping
  Left left() {
    return new Left(data.toAbsolutePath().normalize().toString());
  }

  @GetMapping(value = "/everything.zip", produces = "application/zip")
  ResponseEntity<Resource> everything() throws IOException {
    Path out = data.resolve("out");
    Files.createDirectories(out);
    Path file = Files.createTempFile(out, "everything-", ".zip");
    try (var into = new Suitcase(Files.newOutputStream(file))) {
      into.put("read-me.txt", READ_ME);
      for (Belongings one : belongings) {
        one.pack(into);
      }
    } catch (IOException | RuntimeException e) {
      Files.deleteIfExists(file);
      throw e;
    }
    LocalDate today = LocalDate.ofInstant(clock.instant(), shop.settings().zone());
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("application/zip"))
        .contentLength(Files.size(file))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("nod-yes-" + today + ".zip")
                .build()
                .toString())
        .body(new InputStreamResource(new OnceFile(file)));
  }
}
