package nodyes.server.pictures;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import nodyes.server.web.ApiProblem;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Kept pictures, for shop pages and the desk; a name tells its content. */
@RestController
@Tag(name = "embed")
class PictureApi {
  private static final MediaType WEBP = MediaType.valueOf("image/webp");

  private static final CacheControl A_DAY = CacheControl.maxAge(Duration.ofDays(1)).cachePublic();

  private final Pictures pictures;
  private final ShownPictures shown;

  PictureApi(Pictures pictures, ShownPictures shown) {
    this.pictures = pictures;
    this.shown = shown;
  }

  /** Of a published review, in the size that is asked for; as WebP to those that read it. */
  @GetMapping("/embed/v1/pictures/{name}")
  ResponseEntity<Resource> picture(
      @PathVariable String name,
      @RequestParam(defaultValue = "LARGE") Pictures.Size size,
      @RequestHeader(name = "Accept", defaultValue = "") String accept) {
    if (!shown.isShown(name)) {
      throw none();
    }
    return sized(name, size, accept, A_DAY);
  }

  /** Of any review, for people who look before it is published. */
  @GetMapping("/api/v1/pictures/{name}")
  ResponseEntity<Resource> unpublished(
      @PathVariable String name,
      @RequestParam(defaultValue = "LARGE") Pictures.Size size,
      @RequestHeader(name = "Accept", defaultValue = "") String accept) {
    return sized(name, size, accept, CacheControl.maxAge(Duration.ofHours(1)).cachePrivate());
  }

  private ResponseEntity<Resource> sized(
      String name, Pictures.Size size, String accept, CacheControl cache) {
    Optional<Path> webp =
        accept.contains(WEBP.toString())
            ? pictures.sized(name, size, Pictures.Encoding.WEBP)
            : Optional.empty();
    return sent(
        webp.or(() -> pictures.sized(name, size, Pictures.Encoding.JPEG)),
        webp.isPresent() ? WEBP : MediaType.IMAGE_JPEG,
        cache);
  }

  @GetMapping("/api/v1/review-originals/{name}")
  ResponseEntity<Resource> evidence(@PathVariable String name) {
    return sent(
        pictures.file(Pictures.For.OWNER, name), MediaType.IMAGE_JPEG, CacheControl.noStore());
  }

  private static ResponseEntity<Resource> sent(
      Optional<Path> found, MediaType type, CacheControl cache) {
    return found
        .map(
            file ->
                ResponseEntity.ok()
                    .cacheControl(cache)
                    .varyBy("Accept")
                    .header("Content-Security-Policy", "default-src 'none'; sandbox")
                    .contentType(type)
                    .<Resource>body(new FileSystemResource(file)))
        .orElseThrow(PictureApi::none);
  }

  private static ApiProblem none() {
    return ApiProblem.notFound(text("pictures.noSuch"));
  }
}
