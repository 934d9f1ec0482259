package nodyes.server.productlist;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import nodyes.core.common.NodId;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.Page;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.evaluation.Verdict;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.server.nods.NodNames;
import nodyes.server.nods.Nods;
import nodyes.server.pages.CatalogueFactsCache;
import nodyes.server.pages.NodFacts;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
import org.springframework.stereotype.Component;

/** Looks through all products, as they are now and as a shopper from nowhere in particular sees. */
@Component
class ProductTable {
  private final CatalogueFactsCache facts;
  private final Nods nods;
  private final NodFacts nodFacts;
  private final Clock clock;

  ProductTable(CatalogueFactsCache facts, NodFacts nodFacts, Nods nods, Clock clock) {
    this.facts = facts;
    this.nodFacts = nodFacts;
    this.nods = nods;
    this.clock = clock;
  }

  Instant now() {
    return clock.instant();
  }

  Facts facts() {
    return facts.with(nods.draft());
  }

  /** What a nod needs to know of some products. */
  Facts facts(Nod nod, List<Slug> products) {
    return nodFacts.ofNow(nods.draft(), List.of(nod), firstPage(nod), products);
  }

  /** The nods that are on, as drafted, each asked for on a page that it is for. */
  List<Nod> nods() {
    return nods.draft().nods().stream().filter(nod -> nod.placement().on()).toList();
  }

  private static Viewpoint viewpoint(PageKind page, List<Slug> products, Instant now) {
    return new Viewpoint(
        page, products, Optional.empty(), Optional.empty(), Locale.ENGLISH, Optional.empty(), now);
  }

  PagedResult<ProductRow> rows(ProductFilter filter, int page, int size) {
    Facts all = facts();
    Viewpoint now = viewpoint(PageKind.PRODUCT, List.of(), clock.instant());
    Predicate<ProductRow> wanted = filter.predicate();
    List<ProductRow> found = new ArrayList<>();
    for (ProductFacts product : all.products().values()) {
      ProductRow row = ProductRow.of(product, all, now);
      if (wanted.test(row)) {
        found.add(row);
      }
    }
    found = showing(filter, found);
    filter.order().ifPresent(found::sort);
    int first = (PagedResult.page(page) - 1) * PagedResult.size(size);
    return new PagedResult<>(
        List.copyOf(
            found.subList(
                Math.min(first, found.size()),
                Math.min(first + PagedResult.size(size), found.size()))),
        PagedResult.page(page),
        PagedResult.size(size),
        found.size());
  }

  private List<ProductRow> showing(ProductFilter filter, List<ProductRow> found) {
    String id = filter.shows() != null ? filter.shows() : filter.hides();
    if (id == null || id.isBlank()) {
      return found;
    }
    Nod nod =
        nods().stream()
            .filter(one -> one.id().equals(new NodId(id)))
            .findFirst()
            .orElseThrow(() -> ApiProblem.notFound(text("products.noSuchNod")));
    boolean wanted = filter.shows() != null;
    List<Slug> products = found.stream().map(row -> row.facts().slug()).toList();
    Map<Slug, Verdict> verdicts = verdicts(nod, products, facts(nod, products), clock.instant());
    return found.stream()
        .filter(row -> verdicts.get(row.facts().slug()) instanceof Verdict.Shown == wanted)
        .collect(Collectors.toCollection(ArrayList::new));
  }

  private static PageKind firstPage(Nod nod) {
    return EnumSet.copyOf(nod.placement().pages()).iterator().next();
  }

  /** What a nod says of each product, on the first kind of page that it is for. */
  static Map<Slug, Verdict> verdicts(Nod nod, List<Slug> products, Facts all, Instant now) {
    PageKind page = firstPage(nod);
    return Page.placed(List.of(nod), all, viewpoint(page, products, now)).stream()
        .collect(Collectors.toMap(Page.Placed::product, Page.Placed::verdict));
  }

  /** What all nods say of each of some products: by product, then in the order of the nods. */
  Map<Slug, Map<Nod, Verdict>> verdicts(List<Slug> products) {
    Instant now = clock.instant();
    var byProduct = new LinkedHashMap<Slug, Map<Nod, Verdict>>();
    products.forEach(product -> byProduct.put(product, new LinkedHashMap<>()));
    Map<PageKind, List<Nod>> byPage =
        nods().stream().collect(Collectors.groupingBy(ProductTable::firstPage));
    byPage.forEach(
        (page, some) -> {
          Facts known = nodFacts.ofNow(nods.draft(), some, page, products);
          Viewpoint viewpoint = viewpoint(page, products, now);
          for (Page.Placed placed : Page.placed(some, known, viewpoint)) {
            // of one product it is said until when, so until when something differs
            Page.Placed told = products.size() == 1 ? placed.tight(known, viewpoint) : placed;
            byProduct
                .getOrDefault(told.product(), new LinkedHashMap<>())
                .put(told.nod(), told.verdict());
          }
        });
    return byProduct;
  }

  /** A product with what is worked out of its facts. */
  ProductRow row(String slug) {
    Facts all = facts();
    ProductFacts product =
        Slug.parse(slug)
            .flatMap(known -> Optional.ofNullable(all.products().get(known)))
            .orElseThrow(() -> ApiProblem.notFound(text("problems.noSuchProduct")));
    return ProductRow.of(
        product, all, viewpoint(PageKind.PRODUCT, List.of(product.slug()), clock.instant()));
  }

  /** Names of nods by id, so that two of a kind are told apart by their spot. */
  static Map<NodId, String> names(List<Nod> nods) {
    Map<String, Long> kinds =
        nods.stream()
            .collect(Collectors.groupingBy(nod -> NodNames.called(nod), Collectors.counting()));
    return nods.stream()
        .collect(
            Collectors.toMap(
                Nod::id,
                nod ->
                    kinds.getOrDefault(NodNames.called(nod), 0L) > 1
                        ? NodNames.withSpot(nod)
                        : NodNames.called(nod)));
  }
}
