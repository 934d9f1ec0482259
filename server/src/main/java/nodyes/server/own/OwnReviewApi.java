package nodyes.server.own;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import nodyes.server.web.RateLimit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.CrossOrigin;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where shoppers' reviews come in; open to all, without sign-in. */
@RestController
@Tag(name = "embed")
class OwnReviewApi {
  private final OwnReviews reviews;
  private final RateLimit limit = new RateLimit(6, Duration.ofMinutes(10));

  OwnReviewApi(OwnReviews reviews) {
    this.reviews = reviews;
  }

  /** What a shopper wrote. */
  record WrittenReview(
      @NotBlank(message = "name the product") @Size(max = 200, message = "is no product")
          String product,
      @Nullable @Size(max = 120, message = "at most 120 characters") String variant,
      @Min(value = 1, message = "choose 1 to 5 stars")
          @Max(value = 5, message = "choose 1 to 5 stars")
          int stars,
      @Nullable @Size(max = 300, message = "at most 300 characters") String title,
      @Nullable @Size(max = 10_000, message = "at most 10,000 characters") String words,
      @Nullable @Size(max = 120, message = "at most 120 characters") String reviewer) {}

  /** What became of it: whether shoppers see it already. */
  record Taken(boolean isPublished) {}

  @PostMapping("/embed/v1/reviews")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "A review that a shopper writes; published or waiting as the owner chose")
  Taken write(@Valid @RequestBody WrittenReview written, HttpServletRequest request) {
    limit.count(request.getRemoteAddr());
    return new Taken(
        reviews.take(
            new OwnReviews.Written(
                written.product(),
                written.variant(),
                written.stars(),
                written.title(),
                written.words(),
                written.reviewer())));
  }
}
