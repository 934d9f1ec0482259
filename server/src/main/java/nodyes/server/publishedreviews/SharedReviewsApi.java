package nodyes.server.publishedreviews;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.web.ApiProblem;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Products that are the same thing. */
@RestController
@Tag(name = "reviews")
@RequestMapping("/api/v1/review-groups/{product}")
class SharedReviewsApi {
  private final SharedReviews kin;
  private final Catalogue catalogue;

  SharedReviewsApi(SharedReviews kin, Catalogue catalogue) {
    this.kin = kin;
    this.catalogue = catalogue;
  }

  /** A product that shares its reviews. */
  record SameThing(String slug, String title) {}

  /** Slugs of the products that are the same thing. */
  record ReviewGroup(@NotNull Set<String> others) {}

  @GetMapping
  List<SameThing> get(@PathVariable String product) {
    long id =
        Slug.parse(product)
            .flatMap(catalogue::id)
            .orElseThrow(() -> ApiProblem.notFound(text("problems.noSuchProduct")));
    return shown(kin.others(id));
  }

  @PutMapping
  List<SameThing> put(@PathVariable String product, @RequestBody ReviewGroup wanted) {
    return shown(kin.group(product, wanted.others()));
  }

  private static List<SameThing> shown(List<SharedReviews.Member> members) {
    return members.stream().map(one -> new SameThing(one.slug(), one.title())).toList();
  }
}
