package nodyes.server.reviews;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewState;
import nodyes.server.web.PageOf;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "reviews")
@RequestMapping("/api/v1/reviews")
class ReviewsApi {
  private final Reviews reviews;

  ReviewsApi(Reviews reviews) {
    this.reviews = reviews;
  }

  record Counts(Map<ReviewState, Long> byState) {}

  record Move(
      @NotEmpty(message = "choose at least one review")
          @Size(max = 5000, message = "at most 5,000 at once")
          Set<Long> ids,
      ReviewState to,
      @Nullable LeaveOutReason reason) {}

  record TakenBack(int moved) {}

  @GetMapping
  PageOf<ReviewLine> list(
      @RequestParam(required = false) @Nullable ReviewState state,
      @RequestParam(required = false) @Nullable String product,
      @RequestParam(required = false) @Nullable Long batch,
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    return reviews.list(new ReviewFilter(state, product, batch, q), page, size);
  }

  @GetMapping("/counts")
  Counts counts() {
    return new Counts(reviews.counts());
  }

  @PostMapping("/moves")
  Moved move(@Valid @RequestBody Move move, Authentication who) {
    if ((move.to() == ReviewState.LEFT_OUT) != (move.reason() != null)) {
      throw new Refusal(
          HttpStatus.BAD_REQUEST, "Leaving a review out needs a reason, and nothing else does.");
    }
    return reviews.move(move.ids(), move.to(), Optional.ofNullable(move.reason()), who.getName());
  }

  @PostMapping("/moves/{id}/take-back")
  TakenBack takeBack(@PathVariable long id) {
    return new TakenBack(reviews.takeBack(id));
  }
}
