package nodyes.server.reviews;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.bringin.Flag;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.ReviewState;
import nodyes.server.web.PageOf;
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
@RequestMapping("/api/v1/sorting/{batch}")
class SortingApi {
  private final Sorting sorting;

  SortingApi(Sorting sorting) {
    this.sorting = sorting;
  }

  /**
   * What is decided on some reviews.
   *
   * @param unseen whether it is of many at once, without a look at each
   */
  record Decision(
      @NotEmpty(message = "choose at least one review")
          @Size(max = 5000, message = "at most 5,000 at once")
          Set<Long> ids,
      ReviewFilter.Sorted sorted,
      @Nullable LeaveOutReason reason,
      @Nullable Boolean unseen) {}

  /** Which of a batch to look at. */
  record Asked(
      @Nullable Integer stars,
      @Nullable String language,
      @Nullable String country,
      @Nullable Flag flag,
      @Nullable Boolean pictures,
      ReviewFilter.@Nullable Sorted sorted) {
    ReviewFilter of(long batch) {
      return new ReviewFilter(
          ReviewState.WAITING,
          null,
          batch,
          "",
          stars,
          language,
          country,
          null,
          flag,
          pictures,
          sorted,
          null,
          null);
    }
  }

  @GetMapping("/queue")
  PageOf<ReviewLine> queue(
      @PathVariable long batch,
      @ParameterObject Asked asked,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "100") int size) {
    return sorting.queue(asked.of(batch), page, size);
  }

  @GetMapping("/marks")
  List<Sorting.Decided> marks(@PathVariable long batch, @ParameterObject Asked asked) {
    return sorting.marks(asked.of(batch));
  }

  @GetMapping
  Sorting.Standing standing(@PathVariable long batch) {
    return sorting.standing(batch);
  }

  @GetMapping("/records")
  List<Sorting.SortingRecord> records(@PathVariable long batch) {
    return sorting.records(batch);
  }

  @PostMapping("/decisions")
  Sorting.Standing decide(@PathVariable long batch, @Valid @RequestBody Decision decision) {
    if (Boolean.TRUE.equals(decision.unseen()) && decision.sorted() == ReviewFilter.Sorted.KEPT) {
      sorting.keepMany(batch, decision.ids());
    } else {
      sorting.decide(
          batch, decision.ids(), decision.sorted(), Optional.ofNullable(decision.reason()));
    }
    return sorting.standing(batch);
  }

  @PostMapping("/publish")
  Sorting.Published publish(@PathVariable long batch, Authentication who) {
    return sorting.publish(batch, who.getName());
  }
}
