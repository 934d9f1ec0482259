package nodyes.server.export;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import nodyes.server.ServerSettings;
import nodyes.server.shop.ShopClock;
import nodyes.server.web.SelfDeletingResource;
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
@RequestMapping("/api/v1/export")
class ExportApi {
  private final List<ExportContributor> belongings;
  private final ShopClock clock;
  private final Path data;

  ExportApi(List<ExportContributor> belongings, ShopClock clock, ServerSettings settings) {
    this.belongings = List.copyOf(belongings);
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
    try (var into = new ExportArchive(Files.newOutputStream(file))) {
      into.put("read-me.txt", text("leaving.readMe"));
      for (ExportContributor one : belongings) {
        one.pack(into);
      }
    } catch (IOException | RuntimeException e) {
      Files.deleteIfExists(file);
      throw e;
    }
    LocalDate today = clock.today();
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("application/zip"))
        .contentLength(Files.size(file))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("nod-yes-" + today + ".zip")
                .build()
                .toString())
        .body(new InputStreamResource(new SelfDeletingResource(file)));
  }
}
