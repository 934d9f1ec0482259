package nodyes.server.pages;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Instant;
import java.util.Comparator;
import nodyes.core.review.ReviewState;
import nodyes.server.nods.Nods;
import nodyes.server.reviews.Reviews;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The four steps of a new shop, as they truly stand. */
@RestController
@Tag(name = "first-steps")
@RequestMapping("/api/v1/first-steps")
class FirstStepsApi {
  private final Sightings sightings;
  private final Reviews reviews;
  private final Nods nods;

  FirstStepsApi(Sightings sightings, Reviews reviews, Nods nods) {
    this.sightings = sightings;
    this.reviews = reviews;
    this.nods = nods;
  }

  /**
   * How far the shop is.
   *
   * @param scriptSeenAt when the script first asked for a page; null if it never did
   * @param reviews stored reviews, in whatever state
   * @param nodsOn nods of the draft that are on
   * @param publishedVersion the newest published version; 0 if none is
   */
  record FirstSteps(
      @Nullable Instant scriptSeenAt, long reviews, long nodsOn, int publishedVersion) {}

  @GetMapping
  FirstSteps steps() {
    return new FirstSteps(
        sightings.all().values().stream().min(Comparator.naturalOrder()).orElse(null),
        reviews.counts().entrySet().stream()
            .filter(count -> count.getKey() != ReviewState.SPAM)
            .mapToLong(count -> count.getValue())
            .sum(),
        nods.draft().nods().stream().filter(nod -> nod.placement().on()).count(),
        nods.published().version());
  }
}
