package nodyes.server.dashboard;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.Page;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.evaluation.Verdict;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.core.sales.DailySales;
import nodyes.core.visitors.TimeWindow;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.nods.NodNames;
import nodyes.server.nods.Nods;
import nodyes.server.orders.SalesIndex;
import nodyes.server.pages.CatalogueFactsCache;
import nodyes.server.pages.FactLoader;
import nodyes.server.pages.NodFacts;
import nodyes.server.shop.Shop;
import nodyes.server.visitors.VisitorCounts;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The product that sold most in a week, and what its page shows now. */
@RestController
@Tag(name = "today")
@RequestMapping("/api/v1/dashboard/top-seller")
class TopSellerApi {
  private static final int DAYS = 7;
  private static final int MOST_SHOWN = 5;

  private final CatalogueFactsCache facts;
  private final FactLoader loader;
  private final NodFacts nodFacts;
  private final Nods nods;
  private final SalesIndex sales;
  private final VisitorCounts presence;
  private final Catalogue catalogue;
  private final Shop shop;
  private final Clock clock;

  TopSellerApi(
      CatalogueFactsCache facts,
      FactLoader loader,
      NodFacts nodFacts,
      Nods nods,
      SalesIndex sales,
      VisitorCounts presence,
      Catalogue catalogue,
      Shop shop,
      Clock clock) {
    this.facts = facts;
    this.loader = loader;
    this.nodFacts = nodFacts;
    this.nods = nods;
    this.sales = sales;
    this.presence = presence;
    this.catalogue = catalogue;
    this.shop = shop;
    this.clock = clock;
  }

  /**
   * A nod that its page shows now.
   *
   * @param until until when it holds; null where time does not change it
   */
  record ShownNod(String name, @Nullable Instant until) {}

  /**
   * The product.
   *
   * @param units sold in the days, today the last of them
   * @param looked visitors in the last 24 hours
   * @param average of its published reviews, in stars to one decimal; null without any
   * @param more nods that are shown beside the first
   */
  record MostOrdered(
      String slug,
      String title,
      String picture,
      long units,
      int days,
      long looked,
      @Nullable BigDecimal average,
      long reviews,
      List<ShownNod> shown,
      int more) {}

  /** None where nothing was sold. */
  record MostOrderedView(String zone, @Nullable MostOrdered product) {}

  @GetMapping
  MostOrderedView mostOrdered() {
    DailySales book = sales.book();
    LocalDate today = LocalDate.ofInstant(clock.instant(), shop.settings().zone());
    return new MostOrderedView(
        shop.settings().zone().getId(),
        facts.get().products().values().stream()
            .max(Comparator.comparingLong((ProductFacts one) -> book.units(one.id(), DAYS, today)))
            .filter(one -> book.units(one.id(), DAYS, today) > 0)
            .map(one -> view(one, book.units(one.id(), DAYS, today)))
            .orElse(null));
  }

  private MostOrdered view(ProductFacts product, long units) {
    String slug = product.slug().value();
    List<ShownNod> shown = shown(product);
    return new MostOrdered(
        slug,
        product.title(),
        catalogue.pictures(List.of(slug)).getOrDefault(slug, ""),
        units,
        DAYS,
        presence.count(product.id().value(), TimeWindow.DAY, clock.instant()).number(),
        product.rating().mean(1).orElse(null),
        product.rating().count(),
        shown.stream().limit(MOST_SHOWN).toList(),
        Math.max(0, shown.size() - MOST_SHOWN));
  }

  private List<ShownNod> shown(ProductFacts product) {
    var viewpoint = Viewpoint.anyone(PageKind.PRODUCT, product.slug(), clock.instant());
    Facts known = nodFacts.seenNow(loader.load(nods.published(), viewpoint));
    return Page.placed(nods.published().nods(), known, viewpoint).stream()
        .filter(placed -> placed.verdict() instanceof Verdict.Shown)
        .map(placed -> placed.tight(known, viewpoint))
        .map(
            placed ->
                new ShownNod(
                    NodNames.called(placed.nod()),
                    placed.verdict().validUntil().end().orElse(null)))
        .toList();
  }
}
