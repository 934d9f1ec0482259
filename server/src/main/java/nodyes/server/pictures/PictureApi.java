package nodyes.server.pictures;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Duration;
import nodyes.server.web.Refusal;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Kept pictures, for shop pages and the desk; a name tells its content, so it is kept for long. */
@RestController
@Tag(name = "embed")
class PictureApi {
  private final Pictures pictures;

  PictureApi(Pictures pictures) {
    this.pictures = pictures;
  }

  @GetMapping("/embed/v1/pictures/{name}")
  ResponseEntity<Resource> picture(@PathVariable String name) {
    return sent(
        Pictures.For.SHOPPERS,
        name,
        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
  }

  @GetMapping("/api/v1/evidence/{name}")
  ResponseEntity<Resource> evidence(@PathVariable String name) {
    return sent(Pictures.For.OWNER, name, CacheControl.noStore());
  }

  private ResponseEntity<Resource> sent(Pictures.For whom, String name, CacheControl cache) {
    return pictures
        .file(whom, name)
        .map(
            file ->
                ResponseEntity.ok()
                    .cacheControl(cache)
                    .header("Content-Security-Policy", "default-src 'none'; sandbox")
                    .contentType(MediaType.IMAGE_JPEG)
                    .<Resource>body(new FileSystemResource(file)))
        .orElseThrow(() -> Refusal.notFound("There is no such picture."));
  }
}
