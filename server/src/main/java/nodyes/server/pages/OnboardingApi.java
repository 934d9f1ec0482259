package nodyes.server.pages;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Instant;
import java.util.Comparator;
import java.util.Map;
import nodyes.core.review.ReviewStatus;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.nods.Nods;
import nodyes.server.reviews.Reviews;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The steps of a new shop, as they truly stand. */
@RestController
@Tag(name = "first-steps")
@RequestMapping("/api/v1/onboarding")
class OnboardingApi {
  private final ScriptDetections sightings;
  private final Catalogue catalogue;
  private final Reviews reviews;
  private final Nods nods;

  OnboardingApi(ScriptDetections sightings, Catalogue catalogue, Reviews reviews, Nods nods) {
    this.sightings = sightings;
    this.catalogue = catalogue;
    this.reviews = reviews;
    this.nods = nods;
  }

  /**
   * How far the shop is.
   *
   * @param scriptSeenAt when the script first asked for a page; null if it never did
   * @param products products of the catalogue that are sold
   * @param reviews stored reviews, in whatever state
   * @param publishedReviews those that shoppers may see
   * @param nodsOn nods of the draft that are on
   * @param publishedVersion the newest published version; 0 if none is
   */
  record FirstSteps(
      @Nullable Instant scriptSeenAt,
      long products,
      long reviews,
      long publishedReviews,
      long nodsOn,
      int publishedVersion) {}

  @GetMapping
  FirstSteps steps() {
    Map<ReviewStatus, Long> counts = reviews.counts();
    return new FirstSteps(
        sightings.all().values().stream().min(Comparator.naturalOrder()).orElse(null),
        catalogue.list("", 1, 1).total(),
        counts.entrySet().stream()
            .filter(count -> count.getKey() != ReviewStatus.SPAM)
            .mapToLong(count -> count.getValue())
            .sum(),
        counts.getOrDefault(ReviewStatus.PUBLISHED, 0L),
        nods.draft().nods().stream().filter(nod -> nod.placement().on()).count(),
        nods.published().version());
  }
}
