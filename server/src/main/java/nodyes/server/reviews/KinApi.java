package nodyes.server.reviews;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.web.Refusal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Products that are the same thing. */
@RestController
@Tag(name = "reviews")
@RequestMapping("/api/v1/same-things/{product}")
class KinApi {
  private final Kin kin;
  private final Catalogue catalogue;

  KinApi(Kin kin, Catalogue catalogue) {
    this.kin = kin;
    this.catalogue = catalogue;
  }

  /** A product that shares its reviews. */
  record SameThing(String slug, String title) {}

  /** Slugs of the products that are the same thing. */
  record SameThings(@NotNull Set<String> others) {}

  @GetMapping
  List<SameThing> get(@PathVariable String product) {
    long id =
        Slug.parse(product)
            .flatMap(catalogue::id)
            .orElseThrow(() -> Refusal.notFound("The catalogue holds no such product."));
    return shown(kin.others(id));
  }

  @PutMapping
  List<SameThing> put(@PathVariable String product, @RequestBody SameThings wanted) {
    return shown(kin.group(product, wanted.others()));
  }

  private static List<SameThing> shown(List<Kin.Member> members) {
    return members.stream().map(one -> new SameThing(one.slug(), one.title())).toList();
  }
}
