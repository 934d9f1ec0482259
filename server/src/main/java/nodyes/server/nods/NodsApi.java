package nodyes.server.nods;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Spot;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "nods")
@RequestMapping("/api/v1/arrangement")
class NodsApi {
  private final Nods nods;

  NodsApi(Nods nods) {
    this.nods = nods;
  }

  /** A nod of the draft. */
  record NodView(
      String id, String kind, String name, String spot, List<PageKind> pages, boolean on) {}

  /** The draft, and how it differs from what shoppers get. */
  record ArrangementView(
      int publishedVersion,
      @Nullable Instant publishedAt,
      @Nullable String publishedBy,
      List<String> unpublished,
      boolean showsReviews,
      List<NodView> draft) {}

  record NodChange(boolean on) {}

  record SpotChange(
      PageKind page,
      @NotBlank(message = "give a CSS selector")
          @Size(max = 400, message = "at most 400 characters")
          String selector,
      PointedSpot.Side side) {}

  @GetMapping
  ArrangementView get() {
    Arrangement published = nods.published();
    return new ArrangementView(
        published.version(),
        published.publishedAt().orElse(null),
        published.publishedBy().orElse(null),
        nods.unpublished(),
        nods.showsReviews(),
        nods.draft().nods().stream().map(NodsApi::view).toList());
  }

  @PatchMapping("/nods/{id}")
  NodView change(@PathVariable String id, @RequestBody NodChange change) {
    return view(nods.switchTo(new NodId(id), change.on()));
  }

  @PutMapping("/spots/{name}")
  ArrangementView point(@PathVariable String name, @Valid @RequestBody SpotChange change) {
    Spot spot;
    try {
      spot = new Spot(name);
    } catch (IllegalArgumentException e) {
      throw new Refusal(
          HttpStatus.BAD_REQUEST,
          "A spot's name is lower-case letters, digits and hyphens, such as beside-the-price.");
    }
    nods.point(new PointedSpot(spot.name(), change.page(), change.selector(), change.side()));
    return get();
  }

  @PostMapping("/show-reviews")
  ArrangementView showReviews(Authentication who) {
    nods.showReviews(who.getName());
    return get();
  }

  @PostMapping("/publish")
  ArrangementView publish(Authentication who) {
    nods.publish(who.getName());
    return get();
  }

  private static NodView view(Nod nod) {
    return new NodView(
        nod.id().value(),
        nod.kind().wireName(),
        nod.kind().words(),
        nod.placement().spot().name(),
        nod.placement().pages().stream().sorted().toList(),
        nod.placement().on());
  }
}
