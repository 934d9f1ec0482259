package nodyes.server.moderation;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewStatus;
import nodyes.server.reviews.ReviewFilter;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.reviews.ReviewTraits;
import nodyes.server.web.PagedResult;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "sorting")
@RequestMapping("/api/v1/import-checks/{batch}")
class ImportModerationApi {
  private final ImportModeration sorting;

  ImportModerationApi(ImportModeration sorting) {
    this.sorting = sorting;
  }

  /**
   * What is decided on some reviews.
   *
   * @param unseen whether it is of many at once, without a look at each
   */
  record DecisionRequest(
      @NotEmpty(message = "{reviews.chooseOne}") @Size(max = 5000, message = "{reviews.upTo5000}")
          Set<Long> ids,
      ReviewFilter.ImportDecision decision,
      @Nullable LeaveOutReason reason,
      @Nullable Boolean unseen) {}

  /** Which of an import to look at. */
  record Asked(
      @Nullable Integer stars,
      @Nullable String language,
      @Nullable String country,
      @Nullable ReviewFlag flag,
      @Nullable Boolean pictures,
      ReviewFilter.@Nullable ImportDecision decision) {
    ReviewFilter of(long batch) {
      return new ReviewFilter(
          ReviewStatus.PENDING,
          null,
          batch,
          "",
          flag,
          decision,
          new ReviewTraits(stars, language, country, null, pictures, null, null));
    }
  }

  @GetMapping("/queue")
  PagedResult<ReviewListItem> queue(
      @PathVariable long batch,
      @ParameterObject Asked asked,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "100") int size) {
    return sorting.queue(asked.of(batch), page, size);
  }

  @GetMapping("/marks")
  List<ImportModeration.Decided> marks(@PathVariable long batch, @ParameterObject Asked asked) {
    return sorting.marks(asked.of(batch));
  }

  @GetMapping
  ImportModeration.ImportProgress standing(@PathVariable long batch) {
    return sorting.standing(batch);
  }

  @GetMapping("/records")
  List<ImportModeration.PublicationRecord> records(@PathVariable long batch) {
    return sorting.records(batch);
  }

  @PostMapping("/decisions")
  ImportModeration.ImportProgress decide(
      @PathVariable long batch, @Valid @RequestBody DecisionRequest decision) {
    if (Boolean.TRUE.equals(decision.unseen())
        && decision.decision() == ReviewFilter.ImportDecision.ACCEPTED) {
      sorting.keepMany(batch, decision.ids());
    } else {
      sorting.decide(
          batch, decision.ids(), decision.decision(), Optional.ofNullable(decision.reason()));
    }
    return sorting.standing(batch);
  }

  @PostMapping("/publish")
  ImportModeration.Published publish(@PathVariable long batch, Authentication who) {
    return sorting.publish(batch, who.getName());
  }
}
