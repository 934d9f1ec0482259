package nodyes.server.reviews;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Map;
import nodyes.core.review.ReviewStatus;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
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

  record Counts(Map<ReviewStatus, Long> byStatus) {}

  @GetMapping
  PagedResult<ReviewListItem> list(
      @ParameterObject ReviewSelection asked,
      @ParameterObject ReviewTraits traits,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    return reviews.list(asked.filter(traits), page, size);
  }

  @GetMapping("/rows")
  ReviewSlice rows(
      @ParameterObject ReviewSelection asked,
      @ParameterObject ReviewTraits traits,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    return reviews.rows(asked.filter(traits), page, size);
  }

  record Found(long reviews) {}

  @GetMapping("/count")
  Found count(@ParameterObject ReviewSelection asked, @ParameterObject ReviewTraits traits) {
    return new Found(reviews.count(asked.filter(traits)));
  }

  @GetMapping("/by-product")
  PagedResult<ProductReviewCounts> byProduct(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    return reviews.byProduct(q, page, size);
  }

  @GetMapping("/facets")
  Facets facets() {
    return reviews.facets();
  }

  @GetMapping("/counts")
  Counts counts() {
    return new Counts(reviews.counts());
  }

  @GetMapping("/{id}")
  ReviewListItem review(@PathVariable long id) {
    return reviews.find(id).orElseThrow(() -> ApiProblem.notFound(text("reviews.noSuch")));
  }
}
