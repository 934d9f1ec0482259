package nodyes.server.storefront;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.core.review.RelativeDate;
import nodyes.core.review.Review;
import nodyes.core.review.ReviewOrder;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.publishedreviews.PublishedReviewFilter;
import nodyes.server.publishedreviews.PublishedReviews;
import nodyes.server.shop.ShopClock;
import nodyes.server.storefront.wire.WireReview;
import nodyes.server.storefront.wire.WireReviews;
import nodyes.server.translations.Translations;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Network;
import nodyes.server.web.PagedResult;
import nodyes.server.web.RateLimit;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.CrossOrigin;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Further pages of a review wall, in the order and of the kind that a shopper asks for. */
@RestController
@Tag(name = "embed")
class PublishedReviewsApi {
  private static final int USUAL_REVIEWS = 6;
  private static final int MOST_REVIEWS = 100;
  private static final int LONGEST = 120;

  private final Catalogue catalogue;
  private final PublishedReviews reviews;
  private final Translations translations;
  private final ShopClock clock;
  private final RateLimit limit = new RateLimit(300, Duration.ofMinutes(1));

  PublishedReviewsApi(
      Catalogue catalogue, PublishedReviews reviews, Translations translations, ShopClock clock) {
    this.catalogue = catalogue;
    this.reviews = reviews;
    this.translations = translations;
    this.clock = clock;
  }

  /** Which page of a wall is asked for; what is missing is as usual. */
  record WallPage(
      @Nullable Integer page,
      @Nullable Integer size,
      @Nullable ReviewOrder order,
      @Nullable Boolean ago) {}

  /** Which of the reviews; what is missing takes all. */
  record WallFilter(
      @Nullable Set<Integer> stars,
      @Nullable Boolean pictured,
      @Nullable Boolean bought,
      @Nullable String language,
      @Nullable String variant,
      @Nullable String words) {
    PublishedReviewFilter filter() {
      if (words != null && words.length() > LONGEST) {
        throw ApiProblem.value("words", text("wall.searchTooLong"));
      }
      return new PublishedReviewFilter(
          stars == null ? Set.of() : stars,
          Boolean.TRUE.equals(pictured),
          Boolean.TRUE.equals(bought),
          language,
          variant,
          words);
    }
  }

  @GetMapping("/embed/v1/reviews")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @Operation(
      summary = "A page of a product's published reviews; the newest first if not asked else")
  ResponseEntity<WireReviews> reviews(
      @RequestParam String product,
      @ParameterObject WallPage asked,
      @ParameterObject WallFilter which,
      HttpServletRequest request) {
    limit.count(Network.of(request));
    PublishedReviewFilter filter = which.filter();
    ReviewOrder order = Objects.requireNonNullElse(asked.order(), ReviewOrder.NEWEST);
    int page = Objects.requireNonNullElse(asked.page(), 1);
    int wanted =
        Math.clamp(Objects.requireNonNullElse(asked.size(), USUAL_REVIEWS), 2, MOST_REVIEWS);
    PagedResult<Review> found =
        Slug.parse(product)
            .flatMap(catalogue::id)
            .map(id -> reviews.page(id, filter, order, page, wanted))
            .orElseGet(() -> new PagedResult<>(List.of(), 1, wanted, 0));
    Optional<LocalDate> today =
        Boolean.TRUE.equals(asked.ago()) ? Optional.of(clock.today()) : Optional.empty();
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofMinutes(1)).cachePublic())
        .body(
            new WireReviews(
                found.items().stream()
                    .map(review -> WireReview.of(review, today.flatMap(day -> ago(review, day))))
                    .toList(),
                found.page(),
                Math.ceilDiv(found.total(), (long) found.size()),
                found.total()));
  }

  private static Optional<RelativeDate> ago(Review review, LocalDate today) {
    return review.origin().day().flatMap(day -> RelativeDate.of(day, today));
  }

  /** Each can ask a translator, so there are fewer of them. */
  private final RateLimit translated = new RateLimit(40, Duration.ofMinutes(10));

  @GetMapping("/embed/v1/reviews/{id}/translation")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @Operation(summary = "A published review in another language, by machine; the original stays")
  ResponseEntity<Translations.Translation> translation(
      @PathVariable long id, @RequestParam String to, HttpServletRequest request) {
    translated.count(Network.of(request));
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePublic())
        .body(translations.ofPublished(id, to));
  }
}
