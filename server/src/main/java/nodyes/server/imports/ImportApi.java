package nodyes.server.imports;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.io.BufferedOutputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import nodyes.core.common.Said;
import nodyes.server.trail.Trail;
import nodyes.server.web.PagedResult;
import nodyes.server.web.SelfDeletingResource;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@Tag(name = "bring in")
@RequestMapping("/api/v1/imports")
class ImportApi {
  private final ImportIntake intake;
  private final ReviewImports bringIn;
  private final ImportViews views;

  ImportApi(ImportIntake intake, ReviewImports bringIn, ImportViews views) {
    this.intake = intake;
    this.bringIn = bringIn;
    this.views = views;
  }

  @PostMapping(consumes = "multipart/form-data")
  @ResponseStatus(HttpStatus.CREATED)
  ImportView look(@RequestParam MultipartFile file, Authentication who) throws IOException {
    String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
    try (InputStream content = file.getInputStream()) {
      return intake.look(name, content, who.getName());
    }
  }

  @GetMapping
  PagedResult<ImportView> list(
      @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "20") int size) {
    return views.list(page, size);
  }

  @GetMapping("/{id}")
  ImportView batch(@PathVariable long id) {
    return views.batch(id);
  }

  @PostMapping("/{id}/start")
  @ResponseStatus(HttpStatus.ACCEPTED)
  ImportView read(@PathVariable long id, @RequestBody ImportOptions choices, Authentication who) {
    ImportView batch = bringIn.read(id, choices, who.getName());
    Trail.say(Said.of("trail.importedFile", "file", batch.fileName()), "/reviews/bring-in/" + id);
    return batch;
  }

  /** What was chosen so far; missing where nothing was. */
  record Chosen(@Nullable ImportOptions choices) {}

  @GetMapping("/{id}/choices")
  Chosen chosen(@PathVariable long id) {
    return new Chosen(bringIn.chosen(id).orElse(null));
  }

  /** Keeps what is chosen while it is chosen. */
  @PutMapping("/{id}/choices")
  Chosen choose(@PathVariable long id, @RequestBody ImportOptions choices) {
    bringIn.choose(id, choices);
    return new Chosen(choices);
  }

  record Text(
      @NotBlank(message = "{imports.empty}")
          @Size(max = 5_000_000, message = "{imports.pasteTooLong}")
          String text) {}

  @PostMapping(value = "/text", consumes = "application/json")
  @ResponseStatus(HttpStatus.CREATED)
  ImportView paste(@Valid @RequestBody Text pasted, Authentication who) throws IOException {
    var content = new ByteArrayInputStream(pasted.text().getBytes(StandardCharsets.UTF_8));
    return intake.look("pasted", content, who.getName());
  }

  record Again(@Nullable String sheet, @Nullable String encoding) {}

  @PostMapping("/{id}/inspection")
  ImportView lookAgain(@PathVariable long id, @RequestBody Again again) throws IOException {
    return intake.lookAgain(
        id,
        Optional.ofNullable(again.sheet()).orElse(""),
        Optional.ofNullable(again.encoding()).orElse(""));
  }

  @PostMapping("/{id}/preview")
  ImportPreview trial(@PathVariable long id, @RequestBody ImportOptions choices) {
    return bringIn.attempt(id, choices);
  }

  @PostMapping("/{id}/cancel")
  ImportView cancel(@PathVariable long id) {
    return bringIn.cancel(id);
  }

  @PostMapping("/{id}/remove")
  ImportView takeBack(@PathVariable long id) {
    return bringIn.takeBack(id);
  }

  @GetMapping("/{id}/file")
  ResponseEntity<Resource> file(@PathVariable long id) {
    ImportView batch = views.batch(id);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(batch.fileName(), StandardCharsets.UTF_8)
                .build()
                .toString())
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .body(new FileSystemResource(views.file(id)));
  }

  /** The rows that could not be read, to be mended and brought again. */
  @GetMapping("/{id}/problems/file")
  ResponseEntity<Resource> faults(@PathVariable long id) throws IOException {
    ImportView batch = views.batch(id);
    Path file = Files.createTempFile("faults-", ".csv");
    try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
      bringIn.faults(id, out);
    } catch (IOException | RuntimeException e) {
      Files.deleteIfExists(file);
      throw e;
    }
    String name = batch.fileName().replaceFirst("\\.\\w{2,5}$", "");
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(name + "-" + text("imports.faults.file") + ".csv", StandardCharsets.UTF_8)
                .build()
                .toString())
        .contentType(MediaType.parseMediaType("text/csv; charset=utf-8"))
        .contentLength(Files.size(file))
        .body(new InputStreamResource(new SelfDeletingResource(file)));
  }

  @GetMapping("/{id}/problems")
  PagedResult<RowErrorView> problems(
      @PathVariable long id,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "100") int size) {
    return views.problems(id, page, size);
  }
}
