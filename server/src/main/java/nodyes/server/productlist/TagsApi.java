package nodyes.server.productlist;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.evaluation.Verdict;
import nodyes.core.nod.Nod;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.nods.NodNames;
import nodyes.server.web.ApiProblem;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tags for many products at once, and what nods would make of them. */
@RestController
@Tag(name = "tags")
@RequestMapping("/api/v1/products/tags")
class TagsApi {
  private static final int MOST = 20_000;
  private static final int LONGEST = 40;

  private final ProductTable table;
  private final Catalogue catalogue;

  TagsApi(ProductTable table, Catalogue catalogue) {
    this.table = table;
    this.catalogue = catalogue;
  }

  record Tags(List<Catalogue.TagLine> items) {}

  @GetMapping
  Tags tags() {
    return new Tags(catalogue.tags());
  }

  /** Products that are to have a tag, or to have it no longer. */
  record Tagging(List<Long> products, String tag, boolean has) {}

  /** The products that it changed; the others were so already. */
  record Tagged(List<Long> changed) {}

  @PostMapping
  Tagged tag(@RequestBody Tagging tagging) {
    Set<Long> products = products(tagging);
    String tag = named(tagging);
    Set<Long> changed =
        tagging.has() ? catalogue.tag(products, tag) : catalogue.untag(products, tag);
    return new Tagged(changed.stream().sorted().toList());
  }

  /** How many of the products a nod would newly show, or no longer. */
  record TagEffect(String name, long newly, long noLonger) {}

  /** What the nods would make of it; those that it does not matter to are left out. */
  record TagEffects(long changed, List<TagEffect> effects) {}

  @PostMapping("/preview")
  TagEffects preview(@RequestBody Tagging tagging) {
    String tag = named(tagging);
    Set<Long> ids = products(tagging);
    Facts before = table.facts();
    List<Slug> slugs =
        before.products().values().stream()
            .filter(product -> ids.contains(product.id().value()))
            .filter(product -> product.tags().contains(tag) != tagging.has())
            .map(ProductFacts::slug)
            .toList();
    var effects = new ArrayList<TagEffect>();
    for (Nod nod : slugs.isEmpty() ? List.<Nod>of() : table.nods()) {
      Facts known = table.facts(nod, slugs);
      var after = new LinkedHashMap<>(known.products());
      slugs.forEach(
          slug -> after.computeIfPresent(slug, (_, product) -> retagged(product, tagging)));
      Map<Slug, Verdict> was = ProductTable.verdicts(nod, slugs, known, table.now());
      Map<Slug, Verdict> will = ProductTable.verdicts(nod, slugs, known.of(after), table.now());
      long newly = slugs.stream().filter(one -> !shows(was, one) && shows(will, one)).count();
      long gone = slugs.stream().filter(one -> shows(was, one) && !shows(will, one)).count();
      if (newly + gone > 0) {
        effects.add(new TagEffect(NodNames.called(nod), newly, gone));
      }
    }
    return new TagEffects(slugs.size(), effects);
  }

  private static boolean shows(Map<Slug, Verdict> verdicts, Slug product) {
    return verdicts.get(product) instanceof Verdict.Shown;
  }

  private static ProductFacts retagged(ProductFacts product, Tagging tagging) {
    var tags = new HashSet<>(product.tags());
    if (tagging.has()) {
      tags.add(named(tagging));
    } else {
      tags.remove(named(tagging));
    }
    return new ProductFacts(
        product.id(),
        product.slug(),
        product.title(),
        product.categories(),
        tags,
        product.traits(),
        product.variants(),
        product.reviews());
  }

  private static Set<Long> products(Tagging tagging) {
    if (tagging.products().isEmpty() || tagging.products().size() > MOST) {
      throw ApiProblem.value("products", text("products.chooseUpTo", "most", MOST));
    }
    return Set.copyOf(tagging.products());
  }

  private static String named(Tagging tagging) {
    String tag = tagging.tag().strip();
    if (tag.isEmpty() || tag.length() > LONGEST || tag.contains(",")) {
      throw ApiProblem.value("tag", text("products.tagForm"));
    }
    return tag;
  }
}
