package nodyes.server.storefront;

import java.util.List;
import nodyes.core.evaluation.Page;
import nodyes.core.evaluation.Verdict;
import nodyes.server.reasons.Reasons;
import nodyes.server.shop.Shop;
import nodyes.server.storefront.wire.WirePage;
import org.springframework.stereotype.Component;

/** What a page does not show, and why. */
@Component
class WithheldNods {
  private final Reasons reasons;
  private final Shop shop;

  WithheldNods(Reasons reasons, Shop shop) {
    this.reasons = reasons;
    this.shop = shop;
  }

  List<WirePage.WireWithheld> of(Page page) {
    return page.placed().stream()
        .filter(placed -> placed.verdict() instanceof Verdict.Withheld)
        .map(
            placed ->
                new WirePage.WireWithheld(
                    placed.nod().id().value(),
                    placed.nod().kind().wireName(),
                    placed.nod().placement().spot().name(),
                    placed.product().value(),
                    reasons.because(placed.verdict(), shop.settings().zone(), slug -> slug),
                    placed.verdict().validUntil().end().orElse(null)))
        .toList();
  }
}
