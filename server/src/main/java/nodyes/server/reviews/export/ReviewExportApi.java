package nodyes.server.reviews.export;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Locale;
import nodyes.server.reviews.ReviewSelection;
import nodyes.server.reviews.ReviewTraits;
import nodyes.server.shop.ShopClock;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.SelfDeletingResource;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Any selection of the desk as a file. */
@RestController
@Tag(name = "reviews")
class ReviewExportApi {
  private final ReviewExporter exporting;
  private final ShopClock clock;

  ReviewExportApi(ReviewExporter exporting, ShopClock clock) {
    this.exporting = exporting;
    this.clock = clock;
  }

  @GetMapping("/api/v1/reviews/export/{format}")
  ResponseEntity<Resource> out(
      @PathVariable String format,
      @ParameterObject ReviewSelection asked,
      @ParameterObject ReviewTraits traits)
      throws IOException {
    ExportFormat wanted;
    try {
      wanted = ExportFormat.valueOf(format.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw ApiProblem.notFound(text("export.formats"));
    }
    Path file = exporting.write(asked.filter(traits), wanted);
    LocalDate today = clock.today();
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(wanted.type()))
        .contentLength(Files.size(file))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("reviews-" + today + "." + wanted.ending())
                .build()
                .toString())
        .body(new InputStreamResource(new SelfDeletingResource(file)));
  }
}
