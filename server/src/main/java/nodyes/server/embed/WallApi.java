package nodyes.server.embed;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewOrder;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.embed.wire.WireReview;
import nodyes.server.embed.wire.WireReviews;
import nodyes.server.reviews.Reviews;
import nodyes.server.reviews.WallFilter;
import nodyes.server.web.PageOf;
import nodyes.server.web.RateLimit;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.CrossOrigin;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Further pages of a review wall, in the order and of the kind that a shopper asks for. */
@RestController
@Tag(name = "embed")
class WallApi {
  private static final int MOST_REVIEWS = 100;
  private static final int LONGEST = 120;

  private final Catalogue catalogue;
  private final Reviews reviews;
  private final RateLimit limit = new RateLimit(300, Duration.ofMinutes(1));

  WallApi(Catalogue catalogue, Reviews reviews) {
    this.catalogue = catalogue;
    this.reviews = reviews;
  }

  @GetMapping("/embed/v1/reviews")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @Operation(
      summary = "A page of a product's published reviews; the newest first if not asked else")
  ResponseEntity<WireReviews> reviews(
      @RequestParam String product,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "6") int size,
      @RequestParam(defaultValue = "NEWEST") ReviewOrder order,
      @RequestParam(defaultValue = "") Set<Integer> stars,
      @RequestParam(defaultValue = "false") boolean pictured,
      @RequestParam(defaultValue = "false") boolean bought,
      @RequestParam(required = false) @Nullable String language,
      @RequestParam(required = false) @Nullable String variant,
      @RequestParam(required = false) @Nullable String words,
      HttpServletRequest request) {
    limit.count(request.getRemoteAddr());
    if (words != null && words.length() > LONGEST) {
      throw Refusal.value("words", "are at most 120 characters");
    }
    var filter = new WallFilter(stars, pictured, bought, language, variant, words);
    int wanted = Math.clamp(size, 2, MOST_REVIEWS);
    PageOf<Review> found =
        Slug.parse(product)
            .flatMap(catalogue::id)
            .map(id -> reviews.publishedPage(id, filter, order, page, wanted))
            .orElseGet(() -> new PageOf<>(List.of(), 1, wanted, 0));
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofMinutes(1)).cachePublic())
        .body(
            new WireReviews(
                found.items().stream().map(WireReview::of).toList(),
                found.page(),
                Math.ceilDiv(found.total(), (long) found.size()),
                found.total()));
  }
}
