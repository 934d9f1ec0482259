package nodyes.server.backup;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.InTurn;
import org.jspecify.annotations.Nullable;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@Tag(name = "backups")
@RequestMapping("/api/v1/backups")
class BackupsApi {
  private final Backups backups;
  private final InTurn inTurn;
  private final Optional<BackupRestorer> restorer;

  BackupsApi(Backups backups, InTurn inTurn, Optional<BackupRestorer> restorer) {
    this.restorer = restorer;
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
   * @param present what is stored now
   * @param canRestore whether it can go back to one from here
   * @param restored what came of the last time that it did
   */
  record BackupList(
      List<BackupView> items,
      String folder,
      String data,
      int kept,
      BackupCounts present,
      boolean canRestore,
      @Nullable RestoredView restored) {}

  /**
   * What came of going back to a backup.
   *
   * @param kept where what was there before lies
   * @param failure why nothing was changed
   */
  record RestoredView(Instant at, String backup, @Nullable String kept, @Nullable String failure) {}

  @GetMapping
  BackupList all() {
    return new BackupList(
        backups.all().stream().map(BackupsApi::view).toList(),
        backups.folder().toString(),
        String.valueOf(backups.folder().getParent()),
        Backups.KEPT,
        backups.present(),
        restorer.isPresent(),
        restorer.flatMap(BackupRestorer::last).map(BackupsApi::view).orElse(null));
  }

  private static RestoredView view(BackupRestorer.Outcome restored) {
    return new RestoredView(
        restored.at(),
        restored.backup(),
        restored.kept().map(Path::toString).orElse(null),
        restored.failure().orElse(null));
  }

  /** Takes a backup that was made elsewhere, once it was opened and counted. */
  @PostMapping(value = "/files", consumes = "multipart/form-data")
  @ResponseStatus(HttpStatus.CREATED)
  BackupView bring(@RequestParam MultipartFile file) throws IOException {
    if (file.isEmpty()) {
      throw ApiProblem.unusable(text("problems.fileEmpty"));
    }
    Path came = backups.temporary();
    try {
      file.transferTo(came);
      return inTurn.run(() -> view(backups.keep(came)));
    } catch (BackupException e) {
      String why = String.valueOf(e.getMessage());
      // the name that it has here says nothing to whoever sent it
      throw ApiProblem.unusable(why.contains(came.toString()) ? text("backups.notOurs") : why);
    } finally {
      Files.deleteIfExists(came);
    }
  }

  /** Goes back to a backup: the server stops, and comes again with what was stored then. */
  @PostMapping("/{name}/restore")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void restore(@PathVariable String name) {
    Path file =
        backups.file(name).orElseThrow(() -> ApiProblem.notFound(text("backups.noSuchBackup")));
    BackupRestorer able =
        restorer.orElseThrow(
            () -> new ApiProblem(HttpStatus.CONFLICT, text("backups.byCommandAlone")));
    inTurn.run(
        () -> {
          try {
            return BackupFile.check(file);
          } catch (BackupException e) {
            throw ApiProblem.unusable(String.valueOf(e.getMessage()));
          }
        });
    able.restore(file);
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
