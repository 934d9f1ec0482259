package nodyes.server.assets;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.List;
import nodyes.core.nod.AssetRef;
import nodyes.core.nod.Icon;
import nodyes.core.nod.IconSet;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The shop's own fonts and pictures, and the drawings that ship with the product. */
@RestController
@Tag(name = "materials")
class AssetApi {
  private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
  private static final MediaType WOFF2 = MediaType.valueOf("font/woff2");
  private static final int MOST = 100;

  private final Assets materials;

  AssetApi(Assets materials) {
    this.materials = materials;
  }

  @GetMapping("/api/v1/assets")
  PagedResult<Asset> list(
      @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "100") int size) {
    return materials.list(Math.max(1, page), Math.clamp(size, 1, MOST));
  }

  @PostMapping(path = "/api/v1/assets", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  Asset add(
      @RequestParam String name,
      @RequestParam AssetRef.Kind kind,
      @RequestParam MultipartFile file,
      Authentication who)
      throws IOException {
    try (InputStream content = file.getInputStream()) {
      return materials.keep(name, kind, content, who.getName());
    }
  }

  @DeleteMapping("/api/v1/assets/{file}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable String file) {
    materials.remove(file);
  }

  /** Those that the words fit, the nearest first. */
  @GetMapping("/api/v1/icons")
  PagedResult<IconView> drawings(
      @RequestParam(defaultValue = "") String words,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "100") int size) {
    List<Icon> found = IconSet.search(words, IconView::called);
    int taken = Math.clamp(size, 1, MOST);
    return new PagedResult<>(
        found.stream()
            .skip((Math.max(1, page) - 1L) * taken)
            .limit(taken)
            .map(IconView::of)
            .toList(),
        page,
        taken,
        found.size());
  }

  /** For shop pages: its name tells its content, so it is kept for long. */
  @GetMapping("/embed/v1/materials/{file}")
  ResponseEntity<Resource> file(@PathVariable String file) {
    return materials
        .file(file)
        .map(
            found ->
                ResponseEntity.ok()
                    .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                    .header("Access-Control-Allow-Origin", "*")
                    .header("Content-Security-Policy", "default-src 'none'; sandbox")
                    .contentType(type(file))
                    .<Resource>body(new FileSystemResource(found)))
        .orElseThrow(() -> ApiProblem.notFound(text("assets.noSuchFile")));
  }

  private static MediaType type(String file) {
    return file.endsWith(".png")
        ? MediaType.IMAGE_PNG
        : file.endsWith("." + AssetRef.DRAWN) ? SVG : WOFF2;
  }
}
