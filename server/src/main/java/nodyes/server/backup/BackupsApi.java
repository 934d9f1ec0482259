package nodyes.server.backup;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.InTurn;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "backups")
@RequestMapping("/api/v1/backups")
class BackupsApi {
  private final Backups backups;
  private final InTurn inTurn;

  BackupsApi(Backups backups, InTurn inTurn) {
    this.backups = backups;
    this.inTurn = inTurn;
  }

  /** A backup that was opened and counted. */
  record BackupView(String name, Instant madeAt, long bytes, BackupCounts counts) {}

  /**
   * The backups that are here, newest first.
   *
   * @param folder where they lie
   * @param data the folder for all that is stored
   * @param kept how many there are at most
   */
  record BackupList(List<BackupView> items, String folder, String data, int kept) {}

  @GetMapping
  BackupList all() {
    return new BackupList(
        backups.all().stream().map(BackupsApi::view).toList(),
        backups.folder().toString(),
        String.valueOf(backups.folder().getParent()),
        Backups.KEPT);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  BackupView make() {
    return inTurn.run(
        () -> {
          try {
            return view(backups.make());
          } catch (BackupException e) {
            throw ApiProblem.unusable(
                text("backups.failed", "why", String.valueOf(e.getMessage())));
          }
        });
  }

  @GetMapping("/{name}/file")
  ResponseEntity<Resource> file(@PathVariable String name) throws IOException {
    Path file =
        backups.file(name).orElseThrow(() -> ApiProblem.notFound(text("backups.noSuchBackup")));
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("application/zip"))
        .contentLength(Files.size(file))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .header(HttpHeaders.CACHE_CONTROL, "no-store")
        .body(new FileSystemResource(file));
  }

  private static BackupView view(Backups.Kept kept) {
    return new BackupView(
        kept.name(), kept.manifest().madeAt(), kept.bytes(), kept.manifest().counts());
  }
}
