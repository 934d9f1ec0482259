package nodyes.server.imports;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import nodyes.server.reviews.ReviewListItem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@Tag(name = "bring in")
@RequestMapping("/api/v1/imports/by-hand")
class ManualReviewApi {
  private final ManualReviews byHand;

  ManualReviewApi(ManualReviews byHand) {
    this.byHand = byHand;
  }

  @PostMapping(consumes = "multipart/form-data")
  @ResponseStatus(HttpStatus.CREATED)
  ReviewListItem add(
      @RequestPart ManualReviews.Typed review,
      @RequestPart(required = false) @Nullable MultipartFile original,
      Authentication who)
      throws IOException {
    if (original == null || original.isEmpty()) {
      return byHand.add(review, Optional.empty(), who.getName());
    }
    try (InputStream picture = original.getInputStream()) {
      return byHand.add(review, Optional.of(picture), who.getName());
    }
  }
}
