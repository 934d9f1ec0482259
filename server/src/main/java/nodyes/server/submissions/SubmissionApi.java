package nodyes.server.submissions;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nodyes.core.review.NameDisplay;
import nodyes.core.review.ReviewStatus;
import nodyes.core.reviewform.FormField;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.shop.ShopOrigin;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Given;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.CrossOrigin;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where shoppers' reviews come in; open to all, without sign-in. */
@RestController
@Tag(name = "embed")
class SubmissionApi {
  private final ReviewSubmissions reviews;
  private final ReviewWithdrawal takingBack;
  private final ShopOrigin origin;
  private final RateLimit limit = new RateLimit(12, Duration.ofMinutes(10));
  private final RateLimit looked = new RateLimit(60, Duration.ofMinutes(10));

  SubmissionApi(ReviewSubmissions reviews, ReviewWithdrawal takingBack, ShopOrigin origin) {
    this.reviews = reviews;
    this.takingBack = takingBack;
    this.origin = origin;
  }

  /** Stars for a single thing. */
  record RatedThing(
      long id,
      @Min(value = 1, message = "choose 1 to 5 stars")
          @Max(value = 5, message = "choose 1 to 5 stars")
          int stars) {}

  /** What a review says. */
  record WrittenText(
      @Nullable String title,
      @Nullable String words,
      @Nullable String pros,
      @Nullable String cons) {}

  /**
   * Who writes.
   *
   * @param nameForm how the name is shown
   */
  record WrittenBy(
      @Nullable String reviewer, @Nullable NameDisplay nameForm, @Nullable String email) {}

  /**
   * What a shopper wrote. What is wrong with a field is told by a code: {@code missing}, {@code
   * no-stars}, {@code too-long}, {@code no-words}, {@code no-address}, {@code too-many}, {@code
   * gone}, {@code late}.
   *
   * @param token that the form was opened with
   * @param stars 1 to 5; 0 where none is chosen
   * @param pictures files that were sent ahead
   * @param lang language of the form
   * @param website left empty: people do not see it
   */
  record WrittenReview(
      @NotBlank(message = "missing") @Size(max = 400, message = "missing") String token,
      @NotBlank(message = "name the product") @Size(max = 200, message = "is no product")
          String product,
      @Nullable @Size(max = 120, message = "at most 120 characters") String variant,
      int stars,
      @JsonUnwrapped WrittenText text,
      @JsonUnwrapped WrittenBy by,
      @Nullable @Valid @Size(max = 20, message = "at most 20 things") List<RatedThing> criteria,
      @Nullable @Size(max = 100, message = "too-many") List<String> pictures,
      @Nullable @Size(max = 20, message = "is no language") String lang,
      @Nullable String website) {}

  /**
   * What became of it.
   *
   * @param isPublished whether shoppers see it already
   * @param takeBack put behind the address of the product's page, it takes the review back
   */
  record Taken(boolean isPublished, String takeBack) {}

  @PostMapping("/embed/v1/reviews")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "A review that a shopper writes; published or waiting as the owner chose")
  Taken write(@Valid @RequestBody WrittenReview written, HttpServletRequest request) {
    limit.count(Network.of(request));
    origin.check(request);
    ReviewSubmissions.SubmissionResult became =
        reviews.take(
            read(written),
            new ReviewSubmissions.SubmissionContext(
                written.token(), Given.text(written.website()).isPresent(), Network.of(request)));
    return new Taken(became.isPublished(), takingBack.fragment(became.id()));
  }

  private static ReviewSubmissions.SubmittedReview read(WrittenReview written) {
    var texts = new EnumMap<FormField, String>(FormField.class);
    put(texts, FormField.TITLE, written.text().title());
    put(texts, FormField.WORDS, written.text().words());
    put(texts, FormField.PROS, written.text().pros());
    put(texts, FormField.CONS, written.text().cons());
    put(texts, FormField.NAME, written.by().reviewer());
    put(texts, FormField.EMAIL, written.by().email());
    List<RatedThing> rated = written.criteria() == null ? List.of() : written.criteria();
    List<String> pictures = written.pictures() == null ? List.of() : written.pictures();
    if (new HashSet<>(pictures).size() < pictures.size()) {
      throw ApiProblem.value("pictures", "too-many");
    }
    Map<Long, Integer> criteria =
        rated.stream().collect(Collectors.toMap(RatedThing::id, RatedThing::stars, (a, b) -> b));
    return new ReviewSubmissions.SubmittedReview(
        written.product(),
        written.variant(),
        written.stars(),
        texts,
        written.by().nameForm() == null ? NameDisplay.AS_GIVEN : written.by().nameForm(),
        criteria,
        pictures,
        written.lang() == null ? "en" : written.lang());
  }

  private static void put(Map<FormField, String> texts, FormField field, @Nullable String given) {
    Given.text(given).ifPresent(text -> texts.put(field, text));
  }

  /** A review that its writer looks at again. */
  record OwnLook(
      String product,
      BigDecimal stars,
      @Nullable String title,
      @Nullable String words,
      boolean isTakenBack) {}

  /** The key of the link that opens it. */
  record Key(@NotBlank(message = "missing") @Size(max = 200, message = "is none") String key) {}

  /** The key comes in a header; in the address, where proxies log it, only from older scripts. */
  @GetMapping("/embed/v1/reviews/{id}/take-back")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @Operation(summary = "A review that its writer may take back")
  ResponseEntity<OwnLook> look(
      @PathVariable long id,
      @RequestHeader(name = "Nodyes-Review", required = false) @Nullable String sent,
      @RequestParam(required = false) @Nullable String key,
      HttpServletRequest request) {
    looked.count(Network.of(request));
    return ResponseEntity.ok()
        .cacheControl(CacheControl.noStore())
        .body(look(takingBack.opened(id, Given.text(sent).or(() -> Given.text(key)).orElse(""))));
  }

  @PostMapping("/embed/v1/reviews/{id}/take-back")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @Operation(summary = "Takes a review back")
  OwnLook takeBack(@PathVariable long id, @Valid @RequestBody Key key, HttpServletRequest request) {
    looked.count(Network.of(request));
    takingBack.takeBack(id, key.key());
    return look(takingBack.opened(id, key.key()));
  }

  private static OwnLook look(ReviewListItem line) {
    return new OwnLook(
        line.subject().productTitle(),
        line.stars(),
        line.text().title(),
        line.text().text(),
        line.moderation().status() == ReviewStatus.LEFT_OUT);
  }
}
