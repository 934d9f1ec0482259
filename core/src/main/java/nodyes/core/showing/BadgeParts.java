package nodyes.core.showing;

import java.util.List;
import java.util.Optional;
import nodyes.core.audience.FactName;
import nodyes.core.audience.Figure;
import nodyes.core.audience.Finding;
import nodyes.core.common.ValidUntil;
import nodyes.core.nod.Promise;
import nodyes.core.nod.TrustBadges;
import nodyes.core.nod.Viewpoint;

/** What trust badges have to show: the promises that hold for the shopper. */
final class BadgeParts {
  private BadgeParts() {}

  static Showing.Part of(TrustBadges badges, Viewpoint viewpoint) {
    List<Promise> holding =
        badges.holding(viewpoint.country()).stream().filter(one -> !one.saysNothing()).toList();
    boolean isBare =
        holding.stream().anyMatch(one -> one.about().needsTerms() && one.link().isEmpty());
    return new Showing.Part(
        List.of(
            Finding.of(
                FactName.ITEMS,
                new Figure.Count(holding.size()),
                new Figure.Count(1),
                !holding.isEmpty())),
        () -> Optional.of(badges.content(holding, viewpoint.language())),
        ValidUntil.NEVER_ENDS,
        ValidUntil.NEVER_ENDS,
        isBare ? List.of(Doubt.PROMISE_WITHOUT_LINK) : List.of());
  }
}
