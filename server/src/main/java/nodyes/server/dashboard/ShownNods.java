package nodyes.server.dashboard;

import java.util.List;
import nodyes.core.evaluation.Facts;
import nodyes.core.evaluation.Page;
import nodyes.core.evaluation.ProductFacts;
import nodyes.core.evaluation.Verdict;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.server.dashboard.TopSellerApi.ShownNod;
import nodyes.server.nods.NodNames;
import nodyes.server.nods.Nods;
import nodyes.server.pages.FactLoader;
import nodyes.server.pages.NodFacts;
import nodyes.server.shop.ShopClock;
import org.springframework.stereotype.Component;

/** What a product's page shows now. */
@Component
class ShownNods {
  private final FactLoader loader;
  private final NodFacts nodFacts;
  private final Nods nods;
  private final ShopClock clock;

  ShownNods(FactLoader loader, NodFacts nodFacts, Nods nods, ShopClock clock) {
    this.loader = loader;
    this.nodFacts = nodFacts;
    this.nods = nods;
    this.clock = clock;
  }

  List<ShownNod> on(ProductFacts product) {
    var viewpoint = Viewpoint.anyone(PageKind.PRODUCT, product.slug(), clock.now());
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
