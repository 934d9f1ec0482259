package nodyes.server.pages;

import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.nod.FactRequirements;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.nod.VisitorCount;
import nodyes.core.sales.LatestOrder;
import nodyes.server.nods.NodLayout;
import nodyes.server.visitors.VisitorCounts;
import org.springframework.stereotype.Component;

/**
 * What is so about many products for some nods: the figures that are kept of all where these are
 * enough, and what else the nods speak of loaded with them, so that a list of products says of a
 * nod what the page of each says.
 */
@Component
public class NodFacts {
  private static final int AT_ONCE = 500;

  private final CatalogueFactsCache all;
  private final FactLoader loader;
  private final VisitorCounts presence;
  private final Clock clock;

  NodFacts(CatalogueFactsCache all, FactLoader loader, VisitorCounts presence, Clock clock) {
    this.all = all;
    this.loader = loader;
    this.presence = presence;
    this.clock = clock;
  }

  /**
   * The facts of all products for a nod.
   *
   * @param moment that is looked at; empty for now, of which alone it is known how many look
   */
  public Facts ofAll(NodLayout arrangement, Nod nod, PageKind page, Optional<Instant> moment) {
    Facts figures = all.with(arrangement);
    return of(arrangement, List.of(nod), page, List.copyOf(figures.products().keySet()), moment);
  }

  /** The facts of some products for some nods, as they are now. */
  public Facts ofNow(NodLayout arrangement, List<Nod> nods, PageKind page, List<Slug> products) {
    return of(arrangement, nods, page, products, Optional.empty());
  }

  private Facts of(
      NodLayout arrangement,
      List<Nod> nods,
      PageKind page,
      List<Slug> products,
      Optional<Instant> moment) {
    Facts figures = all.with(arrangement);
    Facts facts = figures;
    if (!FactRequirements.of(nods, page).areFigures()) {
      facts = loaded(arrangement.with(nods), page, products, moment.orElseGet(clock::instant));
    }
    boolean counts = moment.isEmpty() && nods.stream().anyMatch(VisitorCount.class::isInstance);
    return counts ? facts.with(presence.seen(ids(facts, products), clock.instant())) : facts;
  }

  /** The same facts with how many look now. */
  public Facts seenNow(Facts facts) {
    return facts.with(
        presence.seen(ids(facts, List.copyOf(facts.products().keySet())), clock.instant()));
  }

  private static List<ProductId> ids(Facts facts, List<Slug> products) {
    return products.stream()
        .flatMap(slug -> Optional.ofNullable(facts.products().get(slug)).stream())
        .map(ProductFacts::id)
        .toList();
  }

  private Facts loaded(NodLayout arrangement, PageKind page, List<Slug> products, Instant moment) {
    var found = new LinkedHashMap<Slug, ProductFacts>();
    Map<ProductId, LatestOrder> last = new HashMap<>();
    Facts facts = all.with(arrangement);
    for (int first = 0; first < products.size(); first += AT_ONCE) {
      List<Slug> some = products.subList(first, Math.min(first + AT_ONCE, products.size()));
      var viewpoint =
          new Viewpoint(
              page,
              some,
              Optional.empty(),
              Optional.empty(),
              Locale.ENGLISH,
              Optional.empty(),
              moment);
      facts = loader.load(arrangement, viewpoint);
      found.putAll(facts.products());
      last.putAll(facts.sales().last());
    }
    return facts.of(found).with(facts.sales().with(last));
  }
}
