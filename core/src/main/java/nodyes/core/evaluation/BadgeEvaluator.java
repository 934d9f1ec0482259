package nodyes.core.evaluation;

import java.util.List;
import java.util.Optional;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.ShopPromise;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.Viewpoint;
import nodyes.core.targeting.FactName;
import nodyes.core.targeting.FactValue;
import nodyes.core.targeting.Finding;

/** What trust badges have to show: the promises that hold for the shopper. */
final class BadgeEvaluator {
  private BadgeEvaluator() {}

  static NodEvaluator.Part of(TrustBadges badges, Viewpoint viewpoint) {
    List<ShopPromise> holding =
        badges.holding(viewpoint.country()).stream().filter(one -> !one.saysNothing()).toList();
    boolean isBare =
        holding.stream().anyMatch(one -> one.about().needsTerms() && one.link().isEmpty());
    return new NodEvaluator.Part(
        List.of(
            Finding.of(
                FactName.PROMISES,
                new FactValue.Count(holding.size()),
                new FactValue.Count(1),
                !holding.isEmpty())),
        () -> Optional.of(badges.content(holding, viewpoint.language())),
        ValidUntil.NEVER_ENDS,
        ValidUntil.NEVER_ENDS,
        isBare ? List.of(ClaimRisk.PROMISE_WITHOUT_TERMS) : List.of());
  }
}
